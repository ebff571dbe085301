<script setup lang="ts">
import { computed } from 'vue'
import type { Griddle, GriddlePiece, Plan, PlanRequest, Step } from '@/api/types'
import { ACTION_WORDS, ringOf, stepOf } from '@/bench/hands'
import { clock } from '@/ui/units'
import IronPlates from './IronPlates.vue'
import { plateOf } from './plate'

/** The griddle from above, to scale: each piece with its ring of time; the next one wears a wedge and a word. */
const { plan, request, griddle, next, now } = defineProps<{
  plan: Plan
  request: PlanRequest
  griddle: Griddle
  next: Step | undefined
  now: number
}>()
const emit = defineEmits<{ tap: [place: number] }>()

const plate = computed(() => plateOf(plan, request))
/** Ring and words keep within the narrower way. */
const radius = computed(() => plate.value.piece.ry)
const ringRadius = computed(() => radius.value * 0.84)
// Words are cut for a disc of 160 mm; smaller ones get smaller words, so that none runs over the edge.
const small = computed(() => Math.min(1, radius.value / 80))
const around = computed(() => 2 * Math.PI * ringRadius.value)
const spots = computed(() =>
  plan.griddle.places.map((spot, index) => {
    const piece = griddle.pieces.find(one => one.place === index + 1)
    const ring = piece ? ringOf(griddle, piece, now) : null
    return {
      ...spot,
      place: index + 1,
      piece,
      ring,
      step: piece && stepOf(griddle, piece.piece),
      isNext: next?.place === index + 1,
      label: label(index + 1, piece),
    }
  }),
)

function label(place: number, piece: GriddlePiece | undefined): string {
  const step = piece && stepOf(griddle, piece.piece)
  return step
    ? `Piece ${step.piece}: ${ACTION_WORDS[step.action].toLowerCase()}`
    : `Place ${place}, empty: lay a piece here`
}

function words(spot: (typeof spots.value)[number]): string {
  if (!spot.ring) return ''
  return spot.ring.seconds >= 0 ? clock(spot.ring.seconds) : `+${clock(-spot.ring.seconds)}`
}
</script>

<template>
  <svg class="map" :viewBox="plate.viewBox">
    <IronPlates :plate="plate" />
    <g
      v-for="spot in spots"
      :key="spot.place"
      role="button"
      tabindex="0"
      class="spot"
      :class="{ 'is-next': spot.isNext }"
      :aria-label="spot.label"
      :transform="`translate(${spot.x} ${spot.y})`"
      @click="emit('tap', spot.place)"
      @keydown.enter.prevent="emit('tap', spot.place)"
    >
      <ellipse v-bind="plate.piece" :class="spot.piece ? 'dough' : 'empty'" />
      <template v-if="spot.piece && spot.ring">
        <circle :r="ringRadius" class="ring-all" />
        <circle
          :r="ringRadius"
          class="ring"
          :class="`is-${spot.ring.tone}`"
          :stroke-dasharray="`${around * spot.ring.share} ${around}`"
          transform="rotate(-90)"
        />
        <g :transform="`scale(${small})`">
          <text y="-12" class="number">{{ spot.piece.piece }}</text>
          <text y="26" class="left">{{ words(spot) }}</text>
          <text v-if="spot.step" y="48" class="what">
            {{ ACTION_WORDS[spot.step.action].split(' ').pop() }}
          </text>
        </g>
      </template>
      <template v-if="spot.isNext">
        <ellipse :rx="plate.piece.rx + 5" :ry="plate.piece.ry + 5" class="next-edge" />
        <path :d="`M-16 ${-radius - 14} L16 ${-radius - 14} L0 ${-radius + 10} Z`" class="next-wedge" />
        <text v-if="!spot.piece" y="8" class="number">{{ next?.piece }}</text>
      </template>
    </g>
  </svg>
</template>

<style scoped>
.map {
  width: 100%;
  max-height: 30rem;
}

/* The bar of the act and a strip of clocks leave a tablet that lies this much. */
@media (min-width: 48.01rem) and (max-height: 56rem) {
  :root[data-view='bench'] .map {
    max-height: calc(100dvh - 17rem);
  }
}

@media (max-width: 48rem) {
  :root[data-view='bench'] .map {
    max-height: 9.5rem;
  }
}

.spot {
  cursor: pointer;
}

.spot:focus-visible {
  outline: none;
}

.spot:focus-visible .dough,
.spot:focus-visible .empty {
  stroke: #ffffff;
  stroke-width: 5;
}

.dough {
  fill: #ecd9a8;
  stroke: #9d7c35;
  stroke-width: 2;
}

.empty {
  fill: #ffffff10;
  stroke: #b7ad9c;
  stroke-width: 2;
  stroke-dasharray: 6 6;
}

.ring-all,
.ring {
  fill: none;
  stroke-width: 11;
}

.ring-all {
  stroke: #d8c48d;
}

.ring.is-early {
  stroke: #8a6514;
}

.ring.is-now {
  stroke: #2f6a22;
}

.ring.is-late {
  stroke: #983a26;
  stroke-dasharray: 12 6;
}

text {
  fill: #262420;
  font: 600 30px var(--font-head);
  text-anchor: middle;
}

.empty ~ .number {
  fill: #f6f3ed;
}

.left {
  font-size: 26px;
}

.what {
  font-size: 18px;
}

.next-edge {
  fill: none;
  stroke: var(--heat-fill);
  stroke-width: 6;
}

.next-wedge {
  fill: var(--heat-fill);
  stroke: #262420;
  stroke-width: 2;
}
</style>
