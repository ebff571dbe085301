<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { onScopeDispose, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/client'
import { useHouse } from '@/bench/house'
import Field from '@/ui/Field.vue'
import Door from './Door.vue'

const house = useHouse()
const route = useRoute()
const router = useRouter()
const name = ref('')
const password = ref('')

// What the last cook asked for is told to the house as soon as it answers, whether or not anybody comes in.
const telling = setInterval(() => void (house.isLeaving && house.toldOfLeaving()), 5000)
onScopeDispose(() => clearInterval(telling))

async function signIn() {
  await house.enter(() => api.signIn(name.value, password.value))
  const then = route.query['then']
  await router.push(typeof then === 'string' && then.startsWith('/') && !then.startsWith('//') ? then : '/')
}
</script>

<template>
  <Door heading="Come in" :doing="signIn">
    <p v-if="house.isLeaving" role="status">
      You are signed out on this device. The house does not answer and is told as soon as it does; what was
      not sent is kept for you here.
    </p>
    <Field name="name" label="Name"><ElInput v-model="name" autocomplete="username" autofocus /></Field>
    <Field name="password" label="Password">
      <ElInput v-model="password" type="password" autocomplete="current-password" />
    </Field>
    <template #acts>
      <ElButton type="primary" size="large" native-type="submit">Sign in</ElButton>
    </template>
  </Door>
</template>
