<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { ref } from 'vue'
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

async function signIn() {
  trouble.value = ''
  try {
    await house.enter(api.signIn(name.value, password.value))
    const then = route.query['then']
    await router.push(typeof then === 'string' && then.startsWith('/') && !then.startsWith('//') ? then : '/')
  } catch (failure) {
    trouble.value = failure instanceof Refusal ? failure.message : 'The house does not answer. Is it running?'
  }
}
</script>

<template>
  <Door heading="Come in" :trouble="trouble" @enter="signIn">
    <label for="name">Name</label>
    <ElInput id="name" v-model="name" autocomplete="username" autofocus required />
    <label for="password">Password</label>
    <ElInput id="password" v-model="password" type="password" autocomplete="current-password" required />
    <ElButton type="primary" size="large" native-type="submit">Sign in</ElButton>
  </Door>
</template>
