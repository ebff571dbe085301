<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref, watch } from 'vue'
import Fader from '@/ui/Fader.vue'

/** How wide a disc really came out, by ruler or against the printed ring: it tells how thick this hand leaves it. */
const { planned } = defineProps<{ planned: number }>()
const emit = defineEmits<{ measured: [millimetres: number] }>()
const wide = ref(Math.round(planned))
watch(
  () => planned,
  value => (wide.value = Math.round(value)),
)
</script>

<template>
  <div class="disc">
    <Fader
      v-model="wide"
      label="How wide did it come out?"
      :min="Math.round(0.6 * planned)"
      :max="Math.round(1.4 * planned)"
      :step="1"
      unit="mm"
    />
    <ElButton @click="emit('measured', wide)">Keep the measure</ElButton>
  </div>
</template>

<style scoped>
.disc {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0.8rem;
  align-items: end;
}

@media (max-width: 48rem) {
  .disc {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
