<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/client'
import { useHouse } from '@/bench/house'
import Field from '@/ui/Field.vue'
import Door from './Door.vue'

const house = useHouse()
const router = useRouter()
const kitchen = ref('')
const name = ref('')
const password = ref('')

async function open() {
  await house.enter(() => api.openKitchen(kitchen.value, name.value, password.value))
  await router.push('/')
}
</script>

<template>
  <Door heading="Open your kitchen" :doing="open">
    <p>Nobody cooks here yet. Name the kitchen and its first cook; four breads are ready to begin with.</p>
    <Field name="kitchen" label="Kitchen">
      <ElInput v-model="kitchen" autocomplete="organization" />
    </Field>
    <Field name="name" label="Your name">
      <ElInput v-model="name" autocomplete="username" />
    </Field>
    <Field name="password" label="Password, at least 12 characters">
      <ElInput v-model="password" type="password" autocomplete="new-password" />
    </Field>
    <template #acts>
      <ElButton type="primary" size="large" native-type="submit">Open the kitchen</ElButton>
    </template>
  </Door>
</template>
