<script setup lang="ts">
import type { Shaping } from '@/api/types'
import SheetPicture from '@/pictures/SheetPicture.vue'
import StuffedPicture from '@/pictures/StuffedPicture.vue'
import Fader from '@/ui/Fader.vue'
import { useUnits } from '@/ui/units'
import type { Measures, Way } from './ways'

/** One way of shaping with its measures and what comes of them. */
defineProps<{ way: Way; shaping: Shaping }>()
const measures = defineModel<Measures>({ required: true })
const units = useUnits()

function set(name: keyof Measures, value: number) {
  measures.value = { ...measures.value, [name]: value }
}
const FADERS: Record<
  Way,
  {
    name: keyof Measures
    label: string
    min: number
    max: number
    step: number
    unit: 'mm' | 'percent' | null
  }[]
> = {
  disc: [],
  cut: [
    { name: 'cutter', label: 'Cutter', min: 40, max: 320, step: 1, unit: 'mm' },
    { name: 'board', label: 'Room on the board', min: 150, max: 900, step: 10, unit: 'mm' },
  ],
  stuffed: [
    { name: 'filling', label: 'Filling, of the dough', min: 10, max: 120, step: 1, unit: 'percent' },
    { name: 'filledThickness', label: 'Rolled or patted to', min: 3, max: 20, step: 0.5, unit: 'mm' },
  ],
  batter: [
    { name: 'pan', label: 'Pan, at its base', min: 100, max: 420, step: 2, unit: 'mm' },
    { name: 'rim', label: 'Pan, at its rim', min: 100, max: 480, step: 2, unit: 'mm' },
    { name: 'depth', label: 'Depth of a pour', min: 1, max: 15, step: 0.1, unit: 'mm' },
    { name: 'other', label: 'Another pan', min: 100, max: 420, step: 2, unit: 'mm' },
  ],
  wedges: [
    { name: 'pan', label: 'Pan', min: 100, max: 420, step: 2, unit: 'mm' },
    { name: 'wedges', label: 'Wedges', min: 2, max: 12, step: 1, unit: null },
  ],
  sheet: [
    { name: 'sheetWidth', label: 'Sheet, wide', min: 100, max: 600, step: 10, unit: 'mm' },
    { name: 'sheetDepth', label: 'Sheet, deep', min: 100, max: 600, step: 10, unit: 'mm' },
  ],
}
</script>

<template>
  <div class="way-faders">
    <Fader
      v-for="fader in FADERS[way]"
      :key="fader.name"
      :model-value="measures[fader.name]"
      v-bind="fader"
      @update:model-value="set(fader.name, $event)"
    />
  </div>
  <template v-if="way === 'cut' && shaping.cut">
    <p class="way-says">
      {{ shaping.cut.count }} discs of {{ units.text(shaping.cut.disc_grams, 'g') }} in
      {{ shaping.cut.generations.length }} {{ shaping.cut.generations.length === 1 ? 'rolling' : 'rollings' }}
    </p>
    <div class="way-sheets">
      <SheetPicture
        v-for="sheet in shaping.cut.generations"
        :key="sheet.generation"
        :sheet="sheet"
        :cutter="measures.cutter"
      />
    </div>
    <p>
      <template v-if="shaping.cut.last_piece"
        >The last {{ units.text(shaping.cut.last_piece.grams, 'g') }} make one smaller piece of
        {{ units.text(shaping.cut.last_piece.diameter_mm, 'mm') }}.</template
      >
      <template v-else>{{ units.text(shaping.cut.left_grams, 'g') }} are left over.</template>
      Each rolling dries the dough: keep offcuts under a damp cloth.
    </p>
  </template>
  <template v-else-if="way === 'stuffed' && shaping.stuffed">
    <p class="way-says">
      {{ units.text(shaping.stuffed.dough_grams, 'g') }} dough,
      {{ units.text(shaping.stuffed.filling_grams, 'g') }} filling
    </p>
    <p>
      Open to {{ units.text(shaping.stuffed.opening_mm, 'mm') }} ({{
        units.text(shaping.stuffed.opening_thickness_mm, 'mm')
      }}
      thick), close over a ball of {{ units.text(shaping.stuffed.filling_ball_mm, 'mm') }}, press to
      {{ units.text(shaping.stuffed.diameter_mm, 'mm') }}.
    </p>
    <StuffedPicture :stuffed="shaping.stuffed" />
    <p :class="{ 'is-harm': !shaping.stuffed.holds }">
      {{ shaping.stuffed.holds ? '' : '▲ ' }}{{ units.words(shaping.stuffed.words) }}
    </p>
    <p class="soft">
      To have the filling weighed, planned and on the label, put it into the bread: its formula, beside the
      dough.
    </p>
  </template>
  <template v-else-if="way === 'batter' && shaping.batter">
    <p class="way-says">
      {{ shaping.batter.rounds }} {{ shaping.batter.rounds === 1 ? 'pour' : 'pours' }} of
      {{ units.text(shaping.batter.pour_grams, 'g') }}, {{ Math.round(shaping.batter.pour_millilitres) }} mL
    </p>
    <p>
      Each stands {{ units.text(shaping.batter.depth_mm, 'mm') }} deep.
      <strong v-if="shaping.batter.overflows" class="is-harm">▲ It runs over the rim.</strong>
      With whole pans of the wanted depth {{ units.text(shaping.batter.whole_pans_left_grams, 'g') }} would be
      left.
    </p>
    <p v-if="shaping.batter.other">
      In a pan of {{ units.text(measures.other, 'mm') }}: the same pour stands
      {{ units.text(shaping.batter.other.same_pour_depth_mm, 'mm') }} deep and takes about
      {{ shaping.batter.other.same_pour_time_factor.toFixed(1) }} times as long; for the same depth pour
      {{ units.text(shaping.batter.other.same_depth_grams, 'g') }}.
    </p>
  </template>
  <template v-else-if="way === 'wedges' && shaping.wedges">
    <p class="way-says">
      {{ shaping.wedges.count }} wedges of {{ units.text(shaping.wedges.wedge_grams, 'g') }}
    </p>
    <p>
      One round of {{ units.text(shaping.wedges.round_grams, 'g') }} over the whole pan, cut at
      {{ Math.round(shaping.wedges.angle_degrees) }}°: {{ units.text(shaping.wedges.side_mm, 'mm') }} along
      the cut, {{ units.text(shaping.wedges.rim_mm, 'mm') }} along the rim.
    </p>
  </template>
  <template v-else-if="way === 'sheet' && shaping.sheet">
    <p class="way-says">
      {{ units.text(shaping.sheet.grams, 'g') }} fill the sheet at
      {{ units.text(shaping.thickness_mm, 'mm') }}
    </p>
    <p>
      The dough is enough for {{ shaping.sheet.sheets.toFixed(1) }} sheets; all of it on one would be
      {{ units.text(shaping.sheet.one_sheet_thickness_mm, 'mm') }} thick.
    </p>
  </template>
</template>

<style scoped>
.way-faders {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(15rem, 100%), 1fr));
  gap: 0.6rem 1.4rem;
}

.way-says {
  font: 600 1.5rem var(--font-head);
}

.way-sheets {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(12rem, 100%), 1fr));
  gap: 1rem;
}

.is-harm {
  color: var(--harm);
}
</style>
