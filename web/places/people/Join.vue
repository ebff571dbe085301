<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { onMounted, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, toldBy } from '@/api/client'
import { useHouse } from '@/bench/house'
import Field from '@/ui/Field.vue'
import Door from '../Door.vue'

/** Where an invitation leads: somebody new says a name and a password, who is signed in already only comes in. */
const house = useHouse()
const route = useRoute()
const router = useRouter()
const secret = String(route.params['secret'])
const invitation = shallowRef<Awaited<ReturnType<typeof api.invitation>> | null>(null)
const gone = ref('')
const name = ref('')
const password = ref('')

onMounted(async () => {
  try {
    invitation.value = await api.invitation(secret)
  } catch (failure) {
    gone.value = toldBy(failure)
  }
})

async function join() {
  const said = house.session?.user ? {} : { name: name.value, password: password.value }
  await house.enter(() => api.join(secret, said))
  await router.push('/')
}
</script>

<template>
  <div v-if="gone" class="panel stack join-gone">
    <h1>This link opens nothing</h1>
    <p>It was used, withdrawn, or is older than a week. Ask whoever sent it for another.</p>
    <p><RouterLink to="/">To the house</RouterLink></p>
  </div>
  <Door v-else-if="invitation" :heading="`Cook in ${invitation.kitchen}`" :doing="join">
    <p v-if="house.session?.user">
      You are {{ house.session.user.name }}. What you write in this kitchen stands under that name.
    </p>
    <template v-else>
      <p>
        What you write in the log stands under your name. If you cook in this house already,
        <RouterLink :to="{ name: 'sign-in', query: { then: route.fullPath } }">sign in first</RouterLink>.
      </p>
      <Field name="name" label="Your name"><ElInput v-model="name" autocomplete="username" /></Field>
      <Field name="password" label="Password, at least 12 characters">
        <ElInput v-model="password" type="password" autocomplete="new-password" />
      </Field>
    </template>
    <template #acts>
      <ElButton type="primary" size="large" native-type="submit">Come in</ElButton>
    </template>
  </Door>
</template>

<style scoped>
.join-gone {
  width: min(30rem, 92vw);
  margin: 8vh auto 0;
}
</style>
