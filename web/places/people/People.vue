<script setup lang="ts">
import { ElButton, ElOption, ElSelect } from 'element-plus'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api } from '@/api/client'
import type { People, Person, Role } from '@/api/types'
import { uuid } from '@/api/uuid'
import { useHouse } from '@/bench/house'
import { day } from '@/bench/batches'
import { useTried } from '@/ui/useTried'
import KitchenAsFile from './KitchenAsFile.vue'
import Copies from './Copies.vue'
import ResetPassword from './ResetPassword.vue'

/** Who cooks in this kitchen, who is asked to, and the kitchen as files. */
const house = useHouse()
const all = shallowRef<People | null>(null)
const { trouble, tried } = useTried()
const copied = ref('')
const resetting = ref('')
const isOwner = computed(() => house.session?.user?.role === 'owner')
const ROLES: Record<Role, string> = { owner: 'Owner', cook: 'Cook', guest: 'Looks on' }
const LINKS: { role: Role; words: string }[] = [
  { role: 'cook', words: 'Link for a cook' },
  { role: 'owner', words: 'Link for an owner' },
  { role: 'guest', words: 'Link for somebody who looks on' },
]

onMounted(() => doing(api.people))

/** Whatever is changed answers with everybody. */
const doing = (asked: () => Promise<People>) => tried(async () => (all.value = await asked()))

const linkOf = (secret: string) => `${location.origin}/join/${secret}`

async function copy(secret: string) {
  // A page that was not opened securely may not use the clipboard; the link stands there to be marked.
  if (!('clipboard' in navigator)) return
  await navigator.clipboard.writeText(linkOf(secret)).then(
    () => (copied.value = secret),
    () => (copied.value = ''),
  )
}

const turn = (person: Person, role: Role) => doing(() => api.keepPerson(person.id, { role }))
</script>

<template>
  <div class="people">
    <section class="stack" aria-labelledby="people-head">
      <h1 id="people-head">Who cooks in {{ house.session?.user?.kitchen }}</h1>
      <p v-if="trouble" role="alert">{{ trouble }}</p>
      <ul v-if="all" class="people-list">
        <li v-for="person in all.people" :key="person.id">
          <span>
            <strong>{{ person.name }}</strong><template v-if="person.is_me"> (you)</template>
            <span v-if="!isOwner" class="soft">{{ ROLES[person.role] }}</span>
          </span>
          <div v-if="isOwner" class="row">
            <ElSelect
              class="people-role"
              :model-value="person.role"
              :aria-label="`What ${person.name} may do here`"
              @update:model-value="(role: Role) => turn(person, role)"
            >
              <ElOption v-for="(words, role) in ROLES" :key="role" :value="role" :label="words" />
            </ElSelect>
            <template v-if="!person.is_me">
              <ElButton
                :aria-expanded="resetting === person.id"
                :aria-label="`New password for ${person.name}`"
                @click="resetting = resetting === person.id ? '' : person.id"
                >New password</ElButton
              >
              <ElButton
                :aria-label="`Show ${person.name} out`"
                @click="doing(() => api.removePerson(person.id))"
                >Show out</ElButton
              >
            </template>
          </div>
          <ResetPassword v-if="resetting === person.id" :person="person" @kept="resetting = ''" />
        </li>
      </ul>
      <ul v-if="all?.former.length" class="people-list">
        <li v-for="person in all.former" :key="person.id">
          <span class="soft">{{ person.name }} was shown out</span>
          <ElButton :aria-label="`Let ${person.name} in again`" @click="doing(() => api.letBack(person.id))"
            >Let in again</ElButton
          >
        </li>
      </ul>
      <template v-if="isOwner && all">
        <h2>Ask somebody in</h2>
        <p class="soft">
          A link lets one person in, once, within a week. Cooks do everything but this; owners also say who
          cooks here; who looks on sees all and changes nothing.
        </p>
        <div class="row">
          <ElButton
            v-for="{ role, words } in LINKS"
            :key="role"
            :type="role === 'cook' ? 'primary' : 'default'"
            @click="doing(() => api.invite(uuid(), role))"
            >{{ words }}</ElButton
          >
        </div>
        <ul class="people-list">
          <li v-for="one in all.invitations" :key="one.id">
            <span>
              {{ ROLES[one.role] }}, until {{ day(one.expires_at) }}
              <code>{{ linkOf(one.secret) }}</code>
            </span>
            <div class="row">
              <ElButton @click="copy(one.secret)">{{ copied === one.secret ? 'Copied' : 'Copy' }}</ElButton>
              <ElButton @click="doing(() => api.withdraw(one.id))">Withdraw</ElButton>
            </div>
          </li>
        </ul>
      </template>
    </section>
    <div v-if="isOwner" class="stack">
      <KitchenAsFile />
      <Copies />
    </div>
  </div>
</template>

<style scoped>
.people {
  display: grid;
  grid-template-columns: 3fr minmax(18rem, 2fr);
  align-items: start;
  gap: 1.5rem 3rem;
  max-width: 76rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.people-list {
  margin: 0;
  padding: 0;
  list-style: none;
}

.people-list > li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 0.4rem 1rem;
  padding: 0.4rem 0;
  border-top: 1px solid var(--panel-edge);
}

.people-list code {
  display: block;
  overflow-wrap: anywhere;
  font-size: 0.85rem;
}

.people-role {
  width: 9rem;
}

.people-list .soft {
  display: block;
}

@media (max-width: 60rem) {
  .people,
  .people-list > li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
