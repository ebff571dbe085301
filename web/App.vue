<script setup lang="ts">
import { defineAsyncComponent, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useHouse } from './house'
import { useAppearance } from './ui/appearance'
import ClockStrip from './ClockStrip.vue'
import KeySheet from './ui/KeySheet.vue'
import { pageTitle } from './ui/title'
import UnitSwitch from './ui/UnitSwitch.vue'

/** Seldom needed, and never at the door. */
const SignInAgain = defineAsyncComponent(() => import('./SignInAgain.vue'))
const house = useHouse()
const appearance = useAppearance()
const router = useRouter()
const route = useRoute()
/** On a narrow screen what is seldom used lies behind one button. */
const menuOpen = ref(false)
watch(
  () => route.fullPath,
  () => (menuOpen.value = false),
)
watch(
  () => route.name,
  () => (pageTitle.value = PLACES.find(isHere)?.name ?? ''),
)
const PLACES = [
  { to: '/', name: 'Today' },
  { to: '/breads', name: 'Breads' },
  { to: '/larder', name: 'Larder', also: '/grain' },
  { to: '/hearth', name: 'Hearth' },
  { to: '/record', name: 'Record' },
  { to: '/practice', name: 'Practice' },
]

/** A place is where one is on any of its pages. */
function isHere(place: { to: string; also?: string }): boolean {
  if (place.to === '/') return route.path === '/'
  return route.path.startsWith(place.to) || (place.also !== undefined && route.path.startsWith(place.also))
}

async function leave() {
  await house.leave()
  await router.push({ name: 'sign-in' })
}
</script>

<template>
  <a class="skip" href="#main">To the work</a>
  <header class="top">
    <RouterLink class="top-name" to="/">Stone Mill</RouterLink>
    <template v-if="house.session?.user">
      <nav class="top-places" aria-label="Places">
        <RouterLink
          v-for="place in PLACES"
          :key="place.to"
          :to="place.to"
          :class="{ 'is-here': isHere(place) }"
          :aria-current="isHere(place) ? 'page' : undefined"
          >{{ place.name }}</RouterLink
        >
      </nav>
      <span class="top-kitchen soft">{{ house.session.user.kitchen }}</span>
    </template>
    <button
      type="button"
      class="top-menu"
      :aria-expanded="menuOpen"
      aria-controls="tools"
      @click="menuOpen = !menuOpen"
    >
      Menu
    </button>
    <div id="tools" class="top-tools" :class="{ 'is-open': menuOpen }" @keydown.esc="menuOpen = false">
      <UnitSwitch v-if="house.session?.user" />
      <button
        v-if="house.session?.user"
        type="button"
        :aria-pressed="appearance.view === 'bench'"
        @click="appearance.switchView"
      >
        Bench view
      </button>
      <button type="button" :aria-pressed="appearance.theme === 'dark'" @click="appearance.switchTheme">
        Dark
      </button>
      <KeySheet />
      <button v-if="house.session?.user" type="button" @click="leave">Sign out</button>
    </div>
  </header>
  <ClockStrip v-if="house.session?.user" :key="house.session.user.name" />
  <SignInAgain v-if="house.hasEnded" @leave="leave" />
  <main id="main" tabindex="-1">
    <RouterView />
  </main>
</template>

<style scoped>
.skip {
  position: absolute;
  left: -99rem;
}

.skip:focus {
  left: 0.5rem;
  top: 0.5rem;
  z-index: 10;
  padding: 0.5rem;
  background: var(--panel);
}

.top {
  position: relative;
  display: flex;
  align-items: center;
  gap: 0 1.2rem;
  padding: 0.3rem 1.2rem;
  border-bottom: 1px solid var(--panel-edge);
  background: var(--panel);
}

.top-name {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  color: var(--ink);
  font: 600 1.2rem var(--font-head);
  text-decoration: none;
  white-space: nowrap;
}

.top-places {
  display: flex;
  gap: 0.2rem;
  min-width: 0;
  overflow-x: auto;
}

.top-kitchen {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

:root[data-view='bench'] .top-kitchen,
.top-menu {
  display: none;
}

.top-places a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 0.7rem;
  border-bottom: 3px solid transparent;
  color: var(--ink);
  text-decoration: none;
}

.top-places a.is-here {
  border-color: var(--active);
  font-weight: 600;
}

.top-tools {
  display: flex;
  flex: none;
  gap: 0.3rem;
  margin-left: auto;
}

.top-tools :deep(> button) {
  min-height: 44px;
  padding: 0 0.7rem;
  border: 1px solid transparent;
  border-radius: var(--round);
  background: none;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}

.top-tools :deep(> button:hover) {
  background: var(--active-wash);
}

.top-tools > button[aria-pressed='true'] {
  border-color: var(--active);
  background: var(--active-wash);
}

main {
  outline: none;
}

@media (max-width: 72rem) {
  .top {
    gap: 0 0.6rem;
    padding-inline: 0.6rem;
  }

  .top-kitchen,
  .top-tools {
    display: none;
  }

  .top-menu {
    display: block;
    flex: none;
    min-height: 44px;
    margin-left: auto;
    padding: 0 0.8rem;
    border: 1px solid var(--edge-strong);
    border-radius: var(--round);
    background: none;
    color: var(--ink);
    font: inherit;
  }

  .top-tools.is-open {
    position: absolute;
    top: 100%;
    right: 0;
    z-index: 30;
    display: grid;
    justify-items: stretch;
    padding: 0.6rem;
    border: 1px solid var(--panel-edge);
    border-radius: 0 0 var(--round) var(--round);
    background: var(--panel);
  }
}

@media (max-width: 40rem) {
  .top-name {
    display: none;
  }
}
</style>
