<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { onScopeDispose, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, Refusal } from '@/api/client'
import { useHouse } from '@/house'
import Door from './Door.vue'

const house = useHouse()
const route = useRoute()
const router = useRouter()
const name = ref('')
const password = ref('')
const trouble = ref('')

// What the last cook asked for is told to the house as soon as it answers, whether or not anybody comes in.
const telling = setInterval(() => void (house.isLeaving && house.toldOfLeaving()), 5000)
onScopeDispose(() => clearInterval(telling))

async function signIn() {
  trouble.value = ''
  try {
    await house.enter(() => api.signIn(name.value, password.value))
    const then = route.query['then']
    await router.push(typeof then === 'string' && then.startsWith('/') && !then.startsWith('//') ? then : '/')
  } catch (failure) {
    trouble.value = failure instanceof Refusal ? failure.message : 'The house does not answer. Is it running?'
  }
}
</script>

<template>
  <Door heading="Come in" :trouble="trouble" @enter="signIn">
    <p v-if="house.isLeaving" role="status">
      You are signed out on this device. The house does not answer and is told as soon as it does; what was
      not sent is kept for you here.
    </p>
    <label for="name">Name</label>
    <ElInput id="name" v-model="name" autocomplete="username" autofocus required />
    <label for="password">Password</label>
    <ElInput id="password" v-model="password" type="password" autocomplete="current-password" required />
    <ElButton type="primary" size="large" native-type="submit">Sign in</ElButton>
  </Door>
</template>
