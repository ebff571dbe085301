<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { ref } from 'vue'
import { api } from '@/api/client'
import type { Person } from '@/api/types'
import Field from '@/ui/Field.vue'
import KeepForm from '@/ui/KeepForm.vue'

/** An owner sets a forgotten password anew; whoever it is, is signed out everywhere and told it in person. */
const { person } = defineProps<{ person: Person }>()
const emit = defineEmits<{ kept: [] }>()
const password = ref('')
</script>

<template>
  <KeepForm
    class="reset"
    :label="`New password for ${person.name}`"
    :doing="() => api.keepPerson(person.id, { password })"
    @kept="emit('kept')"
  >
    <Field name="password" :label="`New password for ${person.name}, at least 12 characters`">
      <ElInput v-model="password" type="password" autocomplete="new-password" />
    </Field>
    <template #acts><ElButton native-type="submit">Set it, and sign them out</ElButton></template>
  </KeepForm>
</template>

<style scoped>
.reset {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  align-items: end;
  gap: 0.6rem;
}
</style>
