<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { api } from '@/api/client'
import { useHouse } from '@/bench/house'
import BreadPicture from '@/pictures/BreadPicture.vue'
import SectionPicture from '@/pictures/SectionPicture.vue'
import { useShadeWords } from '@/bench/shades'
import ForWhom from '@/ui/ForWhom.vue'
import Fold from '@/ui/Fold.vue'
import KeepWords from '@/ui/KeepWords.vue'
import PhotoShelf from '@/ui/PhotoShelf.vue'
import { timeOfDay } from '@/ui/timeOfDay'
import { useUnits } from '@/ui/units'
import { day, inShort } from '@/bench/batches'
import PlannedAndDone from './PlannedAndDone.vue'
import { logOf } from './made'
import { useMade } from './useMade'

/** One batch after it is over: planned against done, what it taught, its photos, its log, everything that was said of it. */
const route = useRoute()
const { facesInWords } = useShadeWords()
const units = useUnits()
const house = useHouse()
const { batch, trouble, bakes, look } = useMade(() => String(route.params.id))
const log = computed(() => (batch.value ? logOf(batch.value, house.kitchen?.cooks ?? [], units.text) : []))
const earlier = computed(() => batch.value?.verdicts?.slice(0, -1) ?? [])
const who = (id: string | null) => house.kitchen?.cooks.find(cook => cook.id === id)?.name ?? ''

async function leaveOut() {
  if (!batch.value) return
  await api.leaveOut(batch.value.id, !batch.value.left_out)
  await Promise.all([look(), house.refresh()])
}

/** What came out of a sheet may have come in by mistake. */
async function takeOut() {
  if (!batch.value) return
  await api.discard(batch.value.id, !batch.value.discarded)
  await Promise.all([look(), house.refresh()])
}
</script>

<template>
  <div class="made">
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <template v-if="batch">
      <header>
        <p class="row screen-only">
          <RouterLink :to="{ name: 'record' }">← Record</RouterLink>
          <a :href="`/exports/batches/${batch.id}.zip`" download>For another house</a>
        </p>
        <BreadPicture class="made-picture" :portrait="batch.plan.portrait" />
        <h1>{{ batch.bread.name }}</h1>
        <p>
          {{ day(batch.started_at)
          }}{{ batch.from_sheet ? ', out of a sheet of your own' : ` ${timeOfDay(batch.started_at)}` }},
          version {{ batch.bread.revision }}.
          <strong v-if="batch.verdict">{{ inShort(batch.verdict) }}.</strong>
          <span v-else class="soft">Nobody judged it.</span>
        </p>
        <ForWhom :label="batch.plan.label" />
        <ul v-if="batch.verdict?.halves" class="soft">
          <li v-for="(half, index) in batch.verdict.halves" :key="index">
            {{ batch.trial?.halves?.[index]?.level ?? (index ? 'Second half' : 'First half') }}:
            {{ inShort(half) }}.
          </li>
        </ul>
        <p v-if="batch.verdict?.notes">{{ batch.verdict.notes }}</p>
        <div class="row screen-only">
          <RouterLink :to="{ name: 'batch', params: { id: batch.id, stage: 'judge' } }">{{
            batch.verdict ? 'Mend the verdict' : 'Judge it'
          }}</RouterLink>
          <ElButton @click="leaveOut">{{
            batch.left_out ? 'Learn from it' : 'Leave it out of what is learned'
          }}</ElButton>
          <ElButton v-if="batch.from_sheet" @click="takeOut">{{
            batch.discarded ? 'Take it back into the record' : 'Take it out of the record'
          }}</ElButton>
        </div>
      </header>
      <PlannedAndDone :batches="[batch]" />
      <section v-if="batch.state.faults.length" class="panel stack" aria-labelledby="faults">
        <h2 id="faults">What went wrong</h2>
        <p v-for="one in batch.state.faults" :key="one.symptom">
          <strong>{{ one.name }}</strong><template v-if="one.piece">, piece {{ one.piece }}</template
          >.
          <span class="soft">{{ one.done ? units.words(one.done) : 'Nothing was done about it.' }}</span>
        </p>
      </section>
      <section class="panel stack" aria-labelledby="taught">
        <h2 id="taught">What it taught</h2>
        <p v-if="batch.left_out" class="soft">It is left out of what is learned; its log stays.</p>
        <p v-if="!batch.taught?.length" class="soft">
          Nothing was felt, read, weighed or judged that teaches.
        </p>
        <ul>
          <li v-for="one in batch.taught" :key="one">{{ units.words(one) }}</li>
        </ul>
      </section>
      <section class="panel stack" aria-labelledby="bake">
        <h2 id="bake">Inside the bread, as planned</h2>
        <SectionPicture v-if="bakes" :section="bakes.own ?? bakes.found" :title="batch.bread.name" />
        <p v-if="batch.verdict" class="soft">{{ facesInWords(batch.verdict) }}</p>
      </section>
      <section class="panel stack" aria-labelledby="photos">
        <h2 id="photos">Photos</h2>
        <PhotoShelf :batch="batch.id" :photos="batch.photos ?? []" @change="look" />
      </section>
      <section v-if="earlier.length" class="panel stack" aria-labelledby="said">
        <h2 id="said">What was said of it before</h2>
        <p v-for="one in earlier" :key="one.said_at">
          {{ day(one.said_at) }} {{ timeOfDay(one.said_at) }} {{ who(one.cook) }}: {{ inShort(one.verdict) }}
          <em v-if="one.verdict.notes" class="soft">{{ one.verdict.notes }}</em>
        </p>
      </section>
      <Fold v-if="batch.plan.stack.keep" name="made-keep" title="Keep it, and serve it again">
        <KeepWords :keep="batch.plan.stack.keep" />
      </Fold>
      <Fold name="made-log" :title="`The log, ${log.length} entries`">
        <ol class="made-log">
          <li v-for="entry in log" :key="entry.id">
            <span class="soft">{{ timeOfDay(entry.at) }}</span> <span>{{ entry.what }}</span>
            <span class="soft">{{ entry.who }}</span>
          </li>
        </ol>
      </Fold>
    </template>
  </div>
</template>

<style scoped>
.made {
  display: grid;
  gap: var(--gap);
  max-width: 64rem;
  margin: 0 auto;
  padding: 1.2rem;
}

.made-picture {
  float: right;
  width: 10rem;
}

.made-log {
  display: grid;
  gap: 0.2rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.made-log li {
  display: grid;
  grid-template-columns: 4rem 1fr auto;
  gap: 0.6rem;
}
</style>
