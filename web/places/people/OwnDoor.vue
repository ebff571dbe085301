<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { api, toldBy } from '@/api/client'
import type { People } from '@/api/types'
import { turnTo } from '@/bench/anotherHouse'
import { useHouse } from '@/bench/house'
import Field from '@/ui/Field.vue'
import KeepForm from '@/ui/KeepForm.vue'

/** What is this person's own: the kitchens, the password, the other devices. */
const { calendar } = defineProps<{ calendar: string | null }>()
const emit = defineEmits<{ changed: [people: People] }>()
const house = useHouse()
const now = ref('')
const next = ref('')
const kitchen = ref('')
const said = ref('')
const trouble = ref('')

async function change() {
  house.session = await api.keepPassword(now.value, next.value)
  now.value = ''
  next.value = ''
  said.value = 'Your password is another. You are signed out on every other device.'
}

async function elsewhere() {
  try {
    house.session = await api.signOutElsewhere()
    said.value = 'You are signed out on every other device.'
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
}

const address = computed(() => `${location.origin}/calendars/${calendar}.ics`)

async function follow(asked: () => Promise<People>) {
  try {
    emit('changed', await asked())
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
}

async function go(id: string) {
  try {
    await turnTo(() => api.enterKitchen(id))
  } catch (failure) {
    trouble.value = toldBy(failure)
  }
}
</script>

<template>
  <section class="stack" aria-labelledby="own-head">
    <h1 id="own-head">You, {{ house.session?.user?.name }}</h1>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <h2>Your kitchens</h2>
    <ul class="own-kitchens">
      <li v-for="one in house.session?.user?.kitchens" :key="one.id">
        <strong v-if="one.is_here" aria-current="true">{{ one.name }}, where you are</strong>
        <ElButton v-else @click="go(one.id)">Go to {{ one.name }}</ElButton>
      </li>
    </ul>
    <KeepForm
      class="own-form"
      label="Open another kitchen"
      :doing="() => turnTo(() => api.openAnother(kitchen))"
    >
      <Field name="kitchen" label="A kitchen of your own beside it"
        ><ElInput v-model="kitchen" maxlength="80"
      /></Field>
      <template #acts><ElButton native-type="submit">Open it</ElButton></template>
    </KeepForm>
    <h2>The calendar, from outside</h2>
    <template v-if="calendar">
      <p class="own-address">
        <code>{{ address }}</code>
      </p>
      <p class="soft">
        A calendar that subscribes to it shows what is to be done here and what was made. Whoever has it sees
        that:
        <code>?day=2027-01-31</code> after it shows one day.
      </p>
      <p><ElButton @click="follow(api.withdrawCalendar)">Withdraw the address</ElButton></p>
    </template>
    <p v-else>
      <ElButton @click="follow(api.openCalendar)">Give it an address of its own</ElButton>
    </p>
    <h2>Your password</h2>
    <KeepForm class="own-form" label="Another password" :doing="change">
      <Field name="password" label="As it is now">
        <ElInput v-model="now" type="password" autocomplete="current-password" />
      </Field>
      <Field name="new_password" label="As it shall be, at least 12 characters">
        <ElInput v-model="next" type="password" autocomplete="new-password" />
      </Field>
      <template #acts><ElButton native-type="submit">Change it</ElButton></template>
    </KeepForm>
    <p><ElButton @click="elsewhere">Sign out on every other device</ElButton></p>
  </section>
</template>

<style scoped>
.own-kitchens {
  display: grid;
  gap: 0.4rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.own-address {
  overflow-wrap: anywhere;
}

.own-form {
  display: grid;
  gap: 0.6rem;
}

.own-form :deep(.el-button) {
  justify-self: start;
}
</style>
