<script setup lang="ts">
import { ElButton } from 'element-plus'
import { onMounted, ref, shallowRef } from 'vue'
import { api } from '@/api/client'
import type { Copies } from '@/api/types'
import { turnTo } from '@/bench/anotherHouse'
import { day } from '@/bench/batches'
import { timeOfDay } from '@/ui/timeOfDay'
import { useTried } from '@/ui/useTried'

/** Copies of the whole house: made each night, or now; put back while the house runs, and what was there stays. */
const all = shallowRef<Copies | null>(null)
const { trouble, busy, tried } = useTried()
const said = ref('')
/** The copy that is asked about. */
const asked = ref('')
const KINDS: Record<Copies['copies'][number]['kind'], string> = {
  dated: 'Copy',
  set_aside: 'What another one replaced',
}

onMounted(() => tried(async () => (all.value = await api.copies())))

const make = () =>
  tried(async () => {
    all.value = await api.makeCopy()
    said.value = 'A copy of now is made, and was read through.'
  })

const putBack = (id: string) => tried(() => turnTo(() => api.restoreCopy(id)))
</script>

<template>
  <section class="stack" aria-labelledby="copies-head">
    <h2 id="copies-head">Copies of the house</h2>
    <p class="soft">
      A copy holds everything: all kitchens, people, logs and photos. One is made each night where the
      scheduler runs; fourteen are kept. On the same disk it is lost with the disk.
    </p>
    <p><ElButton :loading="busy" @click="make">Copy now</ElButton></p>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <ul v-if="all?.copies.length" class="copies">
      <li v-for="copy in all.copies" :key="copy.id">
        <span>
          {{ day(copy.at) }}, {{ timeOfDay(copy.at) }}
          <span class="soft">{{ KINDS[copy.kind] }}, {{ copy.megabytes }} MB</span>
        </span>
        <template v-if="all.may_restore && !copy.is_too_large">
          <div v-if="asked === copy.id" class="row">
            <strong>What was entered since goes with what is set aside.</strong>
            <ElButton type="primary" :loading="busy" @click="putBack(copy.id)">Put it back</ElButton>
            <ElButton @click="asked = ''">Leave it</ElButton>
          </div>
          <ElButton
            v-else
            :aria-label="`Put back the copy of ${day(copy.at)}, ${timeOfDay(copy.at)}`"
            @click="asked = copy.id"
            >Put it back …</ElButton
          >
        </template>
        <span v-else-if="copy.is_too_large" class="soft">By bin/mill restore</span>
      </li>
    </ul>
    <p v-else-if="all">There is none yet.</p>
    <p v-if="all && !all.may_restore" class="soft">
      Others own kitchens in this house: whoever looks after it puts a copy back, with bin/mill restore.
    </p>
  </section>
</template>

<style scoped>
.copies {
  margin: 0;
  padding: 0;
  list-style: none;
}

.copies > li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0.4rem 1rem;
  padding: 0.4rem 0;
  border-top: 1px solid var(--panel-edge);
}
</style>
