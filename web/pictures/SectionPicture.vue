<script setup lang="ts">
import { computed, onMounted, onScopeDispose, ref, useTemplateRef, watch } from 'vue'
import type { Section } from '@/api/types'
import { TOUCH_WORDS } from '@/ui/touches'
import { clock, useUnits } from '@/ui/units'
import { heatColour, LEGEND } from './heat'
import { cellsOf, spansOf, ticksOf } from './section'
import { shadeColour } from './shade'

/** A section through the bread: depth upwards, time to the right, coloured by temperature; the metal lies where it touches. */
const {
  section,
  title,
  windows = true,
  narrow = false,
} = defineProps<{ section: Section; title: string; windows?: boolean; narrow?: boolean }>()
const units = useUnits()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const figure = useTemplateRef<HTMLElement>('figure')
const CRAMPED_PIXELS = 460
const cramped = ref(false)
const isNarrow = computed(() => narrow || cramped.value)
const seen = new ResizeObserver(([entry]) => {
  cramped.value = (entry?.contentRect.width ?? CRAMPED_PIXELS) < CRAMPED_PIXELS
})
onScopeDispose(() => seen.disconnect())
const COLUMNS = 240
/** A narrow picture is drawn in fewer units, so that its letters stay as large. */
const WIDTH = computed(() => (isNarrow.value ? 350 : 560))
const HEIGHT = 150
const LEFT = 4
const TOP = 30
const spans = computed(() => spansOf(section))
const x = (seconds: number) => LEFT + (seconds / Math.max(1, section.seconds)) * WIDTH.value
/** Wide as a time is written; the later of two that would run into each other is. */
const TIME_WIDTH = 34
function hasRoom(index: number): boolean {
  const [touch, next] = section.touches.slice(index, index + 2)
  return !touch || !next || x(next.at_seconds) - x(touch.at_seconds) >= TIME_WIDTH
}
const loss = computed(() => section.loss.value)
const spoken = computed(
  () =>
    `${title}: ${section.touches.map(touch => `${TOUCH_WORDS[touch.action].toLowerCase()} at ${clock(touch.at_seconds)}`).join(', ')}. ` +
    `Middle ${units.text(section.centre?.value ?? 0, 'celsius')} when lifted, ${units.text(loss.value, 'percent')} lighter, ` +
    section.faces.map(face => `${face.face} face ${face.words}`).join(', ') +
    '.',
)

function draw() {
  const brush = canvas.value?.getContext('2d')
  if (!brush) return
  for (const cell of cellsOf(section, COLUMNS)) {
    brush.fillStyle = heatColour(cell.celsius)
    // A little wider than the cell, or hairlines show between them.
    brush.fillRect(
      cell.x * WIDTH.value,
      cell.y * HEIGHT,
      cell.width * WIDTH.value + 0.7,
      cell.height * HEIGHT + 0.7,
    )
  }
}

onMounted(() => {
  draw()
  if (figure.value) seen.observe(figure.value)
})
watch(() => [section, isNarrow.value], draw, { flush: 'post' })
</script>

<template>
  <figure ref="figure" class="section" role="img" :aria-label="spoken">
    <figcaption class="section-title">
      <strong>{{ title }}</strong>
      <span class="soft"
        >{{ clock(section.lifted_at_seconds) }} at {{ units.text(section.surface_celsius, 'celsius') }}</span
      >
    </figcaption>
    <div class="section-stage">
      <canvas ref="canvas" :width="WIDTH" :height="HEIGHT" class="section-field" />
      <svg :viewBox="`0 0 ${WIDTH + 8} 236`" aria-hidden="true">
        <g v-for="span in spans" :key="span.from">
          <rect
            v-if="span.face !== 'off'"
            :x="x(span.from)"
            :y="span.face === 'first' ? TOP + HEIGHT : TOP - 8"
            :width="x(span.until) - x(span.from)"
            height="8"
            class="metal"
          />
          <text v-else :x="(x(span.from) + x(span.until)) / 2" :y="TOP + HEIGHT / 2" class="off">
            {{ section.finish === 'covered' ? '' : section.finish.replaceAll('_', ' ') }}
          </text>
        </g>
        <g v-for="(touch, index) in section.touches" :key="index">
          <rect
            v-if="windows && touch.to_seconds > touch.from_seconds"
            :x="x(touch.from_seconds)"
            :y="TOP + HEIGHT + 12"
            :width="Math.max(4, Math.min(x(touch.to_seconds), WIDTH + 4) - x(touch.from_seconds))"
            height="8"
            rx="4"
            class="window"
          />
          <line
            :x1="x(touch.at_seconds)"
            :x2="x(touch.at_seconds)"
            :y1="18"
            :y2="TOP + HEIGHT + 22"
            class="touch"
          />
          <text
            v-if="hasRoom(index)"
            :x="Math.min(WIDTH - 12, Math.max(18, x(touch.at_seconds)))"
            y="14"
            class="at"
          >
            {{ clock(touch.at_seconds) }}
          </text>
        </g>
        <rect
          v-if="section.puff"
          :x="x(section.puff.from_seconds)"
          :y="TOP + HEIGHT / 2 - 2"
          :width="Math.max(3, x(section.puff.to_seconds) - x(section.puff.from_seconds))"
          height="4"
          class="puff"
        />
        <g v-for="tick in ticksOf(section.seconds, isNarrow ? 5 : 8)" :key="tick">
          <line :x1="x(tick)" :x2="x(tick)" :y1="TOP + HEIGHT + 24" :y2="TOP + HEIGHT + 29" class="tick" />
          <text
            :x="x(tick)"
            :y="TOP + HEIGHT + 44"
            class="tick-name"
            :class="{ 'is-first': tick === 0, 'is-last': x(tick) > LEFT + WIDTH - TIME_WIDTH / 2 }"
          >
            {{ clock(tick) }}
          </text>
        </g>
      </svg>
    </div>
    <ul class="section-facts">
      <li v-for="face in section.faces" :key="face.face">
        <svg viewBox="0 0 24 24" aria-hidden="true">
          <circle cx="12" cy="12" r="11" :fill="shadeColour(face.rest_shade)" class="swatch" />
          <circle cx="8" cy="9" r="3.2" :fill="shadeColour(face.shade.value)" />
          <circle cx="15.5" cy="14" r="3.8" :fill="shadeColour(face.shade.value)" />
          <circle cx="15" cy="6.6" r="2" :fill="shadeColour(face.shade.value)" />
        </svg>
        {{ face.face }} face {{ face.words }}
      </li>
      <li>
        middle {{ units.text(section.centre?.value ?? 0, 'celsius') }},
        {{ units.text(loss, 'percent') }} lighter
      </li>
      <li v-if="section.puff">
        <i class="puff-key" />could puff {{ clock(section.puff.from_seconds) }} to
        {{ clock(section.puff.to_seconds) }}
      </li>
    </ul>
    <div class="section-legend" aria-hidden="true">
      <span v-for="celsius in LEGEND" :key="celsius">
        <svg viewBox="0 0 24 10"><rect width="24" height="10" :fill="heatColour(celsius)" /></svg
        >{{ units.text(celsius, 'celsius') }}
      </span>
    </div>
  </figure>
</template>

<style scoped>
.section {
  display: grid;
  gap: 0.35rem;
  min-width: 0;
  margin: 0;
}

.section-title {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.7rem;
  justify-content: space-between;
}

.section-stage {
  position: relative;
}

.section-field {
  position: absolute;
  top: calc(100% * 30 / 236);
  left: calc(100% * v-bind('4 / (WIDTH + 8)'));
  width: calc(100% * v-bind('WIDTH / (WIDTH + 8)'));
  height: calc(100% * 150 / 236);
}

.section-stage svg {
  position: relative;
  display: block;
  width: 100%;
}

.metal {
  fill: var(--iron);
}

.window {
  fill: var(--ready);
}

.touch {
  stroke: var(--ink);
  stroke-width: 2;
}

.at,
.off,
.tick-name {
  fill: var(--ink);
  font: 600 15px var(--font-text);
  text-anchor: middle;
}

.off {
  fill: #ffffff;
  paint-order: stroke;
  stroke: #262420;
  stroke-width: 3px;
}

.tick {
  stroke: var(--ink-soft);
}

.tick-name {
  fill: var(--ink-soft);
  font-weight: 400;
}

.tick-name.is-last {
  text-anchor: end;
}

.tick-name.is-first {
  text-anchor: start;
}

.puff {
  fill: #ffffff;
  stroke: #262420;
  stroke-width: 1.2;
  stroke-dasharray: 4 3;
}

.puff-key {
  display: inline-block;
  width: 1.3rem;
  height: 0.45rem;
  margin-right: 0.35rem;
  border: 1px dashed var(--ink);
  background: #ffffff;
}

.section-facts,
.section-legend {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.section-facts li {
  display: flex;
  align-items: center;
  gap: 0.35rem;
}

.section-facts svg {
  width: 1.6rem;
}

.swatch {
  stroke: var(--edge-strong);
}

.section-legend {
  color: var(--ink-soft);
  font-size: 0.85rem;
}

.section-legend span {
  display: inline-flex;
  align-items: center;
  gap: 0.25rem;
}

.section-legend svg {
  width: 1.3rem;
}
</style>
