<script setup lang="ts">
import { onClickOutside, useMediaQuery } from '@vueuse/core'
import { ElConfigProvider } from 'element-plus'
import english from 'element-plus/es/locale/lang/en'
import { defineAsyncComponent, ref, useTemplateRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useHouse } from '@/bench/house'
import { useKey } from './bench/keys'
import { useProfile } from '@/bench/profile'
import { useAppearance } from './ui/appearance'
import AwayStrip from './AwayStrip.vue'
import ClockStrip from './ClockStrip.vue'
import { pageTitle } from './ui/title'
import UnitSwitch from './ui/UnitSwitch.vue'
import ViewSwitch from './ui/ViewSwitch.vue'

/** Seldom needed, and never at the door. */
const SignInAgain = defineAsyncComponent(() => import('./SignInAgain.vue'))
const KeySheet = defineAsyncComponent(() => import('./ui/KeySheet.vue'))
const house = useHouse()
const appearance = useAppearance()
useProfile()
const router = useRouter()
const route = useRoute()
/** What is seldom used lies behind the cook's name; where there is little room, all but the places does. */
const menuOpen = ref(false)
const menu = useTemplateRef('menu')
const menuButton = useTemplateRef('menuButton')
const isNarrow = useMediaQuery('(max-width: 72rem)')
onClickOutside(menu, () => (menuOpen.value = false))
const keysShown = ref<boolean | null>(null)
useKey('?', showKeys)
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
  { to: '/trials', name: 'Trials' },
  { to: '/practice', name: 'Practice' },
]

/** A place is where one is on any of its pages. */
function isHere(place: { to: string; also?: string }): boolean {
  if (place.to === '/') return route.path === '/'
  return route.path.startsWith(place.to) || (place.also !== undefined && route.path.startsWith(place.also))
}

function closeMenu() {
  menuOpen.value = false
  menuButton.value?.focus()
}

function showKeys() {
  menuOpen.value = false
  keysShown.value = true
}

async function leave() {
  await house.leave()
  await router.push({ name: 'sign-in' })
}
</script>

<template>
  <ElConfigProvider :locale="english">
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
      <div class="top-tools">
        <template v-if="!isNarrow && house.session?.user">
          <UnitSwitch />
          <ViewSwitch />
        </template>
        <div ref="menu" class="menu" @keydown.esc="closeMenu">
          <button
            ref="menuButton"
            type="button"
            class="top-button"
            aria-label="Menu"
            :aria-expanded="menuOpen"
            aria-controls="tools"
            @click="menuOpen = !menuOpen"
          >
            <span class="menu-name">{{ (!isNarrow && house.session?.user?.name) || 'Menu' }}</span>
          </button>
          <div v-show="menuOpen" id="tools" class="menu-tools">
            <template v-if="isNarrow && house.session?.user">
              <UnitSwitch />
              <ViewSwitch />
            </template>
            <button type="button" :aria-pressed="appearance.theme === 'dark'" @click="appearance.switchTheme">
              Dark
            </button>
            <button
              v-if="house.session?.user"
              type="button"
              :aria-pressed="appearance.simulated"
              title="A simulated scale, thermometer, probe and camera, for a kitchen that has none at hand"
              @click="appearance.simulated = !appearance.simulated"
            >
              Simulated devices
            </button>
            <template v-if="house.session?.user">
              <RouterLink :to="{ name: 'you' }">You</RouterLink>
              <RouterLink :to="{ name: 'people' }">People and copies</RouterLink>
            </template>
            <button type="button" @click="showKeys">Keys</button>
            <button v-if="house.session?.user" type="button" @click="leave">Sign out</button>
          </div>
        </div>
      </div>
    </header>
    <ClockStrip v-if="house.session?.user" :key="house.session.user.name" />
    <AwayStrip v-if="house.session?.user" />
    <p v-if="house.session?.user?.role === 'guest'" class="guest" role="note">
      You look on in this kitchen: all of it is here to see, and nothing that you press is kept.
    </p>
    <SignInAgain v-if="house.hasEnded" @leave="leave" />
    <KeySheet v-if="keysShown !== null" v-model="keysShown" />
    <main id="main" tabindex="-1">
      <RouterView />
    </main>
  </ElConfigProvider>
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

.guest {
  margin: 0;
  padding: 0.5rem 1.2rem;
  border-left: 8px solid var(--heat-fill);
  background: var(--panel);
}

.top-kitchen {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

:root[data-view='bench'] .top-kitchen {
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
  gap: 0.5rem;
  margin-left: auto;
}

.top-tools :deep(button[aria-pressed='true']) {
  border-color: var(--active);
  background: var(--active-wash);
}

.menu {
  position: relative;
}

.menu-name {
  display: inline-block;
  overflow: hidden;
  max-width: 9rem;
  text-overflow: ellipsis;
  vertical-align: middle;
  white-space: nowrap;
}

.menu-tools {
  position: absolute;
  top: calc(100% + 0.3rem);
  right: 0;
  z-index: 30;
  display: grid;
  gap: 0.2rem;
  padding: 0.5rem;
  border: 1px solid var(--edge-strong);
  border-radius: var(--round);
  background: var(--panel);
}

.menu-tools > a,
.menu-tools > :deep(button) {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 0.8rem;
  border: 1px solid transparent;
  border-radius: var(--round);
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  white-space: nowrap;
  cursor: pointer;
}

.menu-tools > a {
  text-decoration: none;
}

.menu-tools > a:hover,
.menu-tools > :deep(button:hover) {
  background: var(--active-wash);
}

.menu-tools > :deep(button[aria-pressed='true'])::after {
  content: ' ✓' / '';
}

main {
  outline: none;
}

/* All places in one line of a tablet that lies on its side. */
@media (max-width: 76rem) {
  .top-places a {
    padding-inline: 0.4rem;
  }
}

@media (max-width: 72rem) {
  .top {
    gap: 0 0.6rem;
    padding-inline: 0.6rem;
  }

  .top-kitchen {
    display: none;
  }
}

@media (max-width: 40rem) {
  .top-name {
    display: none;
  }
}
</style>
