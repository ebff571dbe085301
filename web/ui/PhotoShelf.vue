<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { api } from '@/api/client'
import type { Photo, PhotoPlace } from '@/api/types'
import { uuid } from '@/api/uuid'
import { houseClock } from '@/bench/houseClock'
import { standInPhoto } from '@/devices/cameraStandIn'
import { useShadeWords } from '@/bench/shades'
import { useAppearance } from './appearance'
import { useTried } from './useTried'

/** Photos of a bread: from the camera or from a file; and the colour of a face, read off one against a white sheet. */
const {
  batch,
  photos,
  still = false,
  offers = false,
} = defineProps<{ batch: string; photos: Photo[]; still?: boolean; offers?: boolean }>()
const { shadeWord } = useShadeWords()
const emit = defineEmits<{ change: []; shade: [shade: number] }>()
const MOST = 6
const STEP = 0.02
const appearance = useAppearance()
const { trouble, busy, tried } = useTried()
const open = ref<Photo | null>(null)
const aim = ref<'white' | 'bread'>('white')
const places = ref<{ white: PhotoPlace; bread: PhotoPlace }>({
  white: { x: 0.2, y: 0.5 },
  bread: { x: 0.66, y: 0.5 },
})
const read = ref<{ shade: number; low: number; high: number } | null>(null)
const address = (photo: Photo) => `/api/v1/batches/${batch}/photos/${photo.id}`
const full = computed(() => photos.length >= MOST)

const keep = (file: Blob) =>
  tried(async () => {
    await api.keepPhoto(batch, uuid(), file)
    emit('change')
  })

function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) void keep(file)
  input.value = ''
}

const remove = (photo: Photo) =>
  tried(async () => {
    await api.deletePhoto(batch, photo.id)
    open.value = null
    emit('change')
  })

function look(photo: Photo) {
  open.value = open.value?.id === photo.id ? null : photo
  read.value = null
}

function point(event: PointerEvent) {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  move(aim.value, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height)
  aim.value = aim.value === 'white' ? 'bread' : 'white'
}

function move(which: 'white' | 'bread', x: number, y: number) {
  const within = (value: number) => Math.min(1, Math.max(0, value))
  places.value = { ...places.value, [which]: { x: within(x), y: within(y) } }
  read.value = null
}

function step(event: KeyboardEvent) {
  const [x, y] = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[
    event.key
  ] ?? [0, 0]
  if (!x && !y) return
  event.preventDefault()
  const at = places.value[aim.value]
  move(aim.value, at.x + STEP * (x ?? 0), at.y + STEP * (y ?? 0))
}

const readShade = (photo: Photo) =>
  tried(async () => {
    read.value = await api.readShade(batch, photo.id, places.value)
  })
</script>

<template>
  <div class="photos stack">
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <ul v-if="photos.length">
      <li v-for="(photo, index) in photos" :key="photo.id">
        <button
          type="button"
          :aria-expanded="open?.id === photo.id"
          :aria-label="`Photo ${index + 1}`"
          @click="look(photo)"
        >
          <img :src="address(photo)" :alt="`Photo ${index + 1} of this batch`" loading="lazy" />
        </button>
      </li>
    </ul>
    <p v-else class="soft">No photo yet. A white sheet of paper beside the bread lets its colour be read.</p>
    <div v-if="open" class="stack">
      <div
        class="photo-large"
        role="group"
        :tabindex="still ? undefined : 0"
        :aria-label="`Photo, pointing at the ${aim === 'white' ? 'white sheet' : 'bread'}; arrow keys move it`"
        @pointerdown="point"
        @keydown="step"
      >
        <img :src="address(open)" alt="" />
        <template v-if="!still">
          <span
            class="photo-mark"
            :style="{ left: `${100 * places.white.x}%`, top: `${100 * places.white.y}%` }"
            >sheet</span
          >
          <span
            class="photo-mark"
            :style="{ left: `${100 * places.bread.x}%`, top: `${100 * places.bread.y}%` }"
            >bread</span
          >
        </template>
      </div>
      <template v-if="!still">
        <p class="soft">
          Tap the white sheet, then the face of the bread. Next tap:
          {{ aim === 'white' ? 'the sheet' : 'the bread' }}.
        </p>
        <div class="row">
          <ElButton @click="aim = aim === 'white' ? 'bread' : 'white'"
            >Move the {{ aim === 'white' ? 'bread' : 'sheet' }} mark instead</ElButton
          >
          <ElButton type="primary" :disabled="busy" @click="readShade(open)">Read its colour</ElButton>
          <ElButton :disabled="busy" @click="remove(open)">Delete this photo</ElButton>
        </div>
        <p v-if="read" role="status">
          {{ shadeWord(read.shade) }}, {{ read.shade.toFixed(2) }} of 1 (likely {{ read.low.toFixed(2) }} to
          {{ read.high.toFixed(2) }}). Dark flours are dark before they brown.
          <ElButton v-if="offers" @click="emit('shade', read.shade)">Take it for a face</ElButton>
        </p>
      </template>
    </div>
    <div v-if="!still" class="row">
      <label class="photo-add" :class="{ 'is-full': full }">
        <span>Take or choose a photo</span>
        <input
          class="visually-hidden"
          type="file"
          accept="image/jpeg,image/png,image/webp"
          capture="environment"
          :disabled="full || busy"
          @change="chosen"
        />
      </label>
      <ElButton
        v-if="appearance.simulated"
        :disabled="full || busy"
        @click="standInPhoto(0.45, houseClock.now()).then(keep)"
        >Simulated camera</ElButton
      >
      <span v-if="full" class="soft">Six are kept; delete one for another.</span>
    </div>
  </div>
</template>

<style scoped>
.photos ul {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

.photos button img {
  display: block;
  width: 8rem;
  height: 6rem;
  border-radius: var(--round);
  object-fit: cover;
}

.photos li button {
  padding: 0;
  border: 2px solid var(--panel-edge);
  border-radius: var(--round);
  background: none;
}

.photo-large {
  position: relative;
  max-width: 40rem;
  touch-action: manipulation;
}

.photo-large img {
  display: block;
  width: 100%;
  border-radius: var(--round);
}

.photo-mark {
  position: absolute;
  padding: 0.1rem 0.5rem;
  border: 2px solid var(--panel);
  border-radius: 1rem;
  background: var(--active);
  color: var(--active-ink);
  transform: translate(-50%, -50%);
  pointer-events: none;
}

.photo-add {
  position: relative;
  display: inline-grid;
  place-items: center;
  min-height: var(--target);
  padding: 0 1.1rem;
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--panel);
  font-weight: 600;
  cursor: pointer;
}

.photo-add:focus-within {
  outline: 3px solid var(--active);
  outline-offset: 2px;
}

.photo-add.is-full {
  color: var(--ink-soft);
  cursor: default;
}
</style>
