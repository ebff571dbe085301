import { createRouter, createWebHistory } from 'vue-router'
import { Unreachable } from './api/client'
import { useHouse } from '@/bench/house'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'today', component: () => import('./places/Today.vue') },
    { path: '/breads', name: 'breads', component: () => import('./places/breads/Breads.vue') },
    { path: '/breads/in-words', name: 'in-words', component: () => import('./places/breads/InWords.vue') },
    { path: '/breads/:id', name: 'bread', component: () => import('./places/breads/FormulaBench.vue') },
    {
      path: '/breads/:id/label',
      name: 'label',
      component: () => import('./places/breads/LabelSheet.vue'),
    },
    { path: '/larder', name: 'larder', component: () => import('./places/larder/Larder.vue') },
    {
      path: '/larder/sheet',
      name: 'bag-sheet',
      component: () => import('./places/larder/BagsFromSheet.vue'),
    },
    { path: '/grain', name: 'grain', component: () => import('./places/larder/FromTheGrain.vue') },
    { path: '/hearth', name: 'hearth', component: () => import('./places/hearth/Hearth.vue') },
    { path: '/trials', name: 'trials', component: () => import('./places/trials/Trials.vue') },
    {
      path: '/trials/table',
      name: 'trial-table',
      component: () => import('./places/trials/TrialTable.vue'),
    },
    { path: '/trials/:id', name: 'trial', component: () => import('./places/trials/TrialPage.vue') },
    { path: '/practice', name: 'practice', component: () => import('./places/practice/Practice.vue') },
    { path: '/record', name: 'record', component: () => import('./places/record/Record.vue') },
    {
      path: '/record/compare',
      name: 'compare',
      component: () => import('./places/record/CompareBatches.vue'),
    },
    {
      path: '/record/sheet',
      name: 'batch-sheet',
      component: () => import('./places/record/BatchesFromSheet.vue'),
    },
    { path: '/record/:id', name: 'made', component: () => import('./places/record/MadeBatch.vue') },
    { path: '/batch/:id/:stage?', name: 'batch', component: () => import('./stages/BatchPage.vue') },
    { path: '/people', name: 'people', component: () => import('./places/people/People.vue') },
    { path: '/you', name: 'you', component: () => import('./places/people/You.vue') },
    { path: '/join/:secret', name: 'join', component: () => import('./places/people/Join.vue') },
    { path: '/sign-in', name: 'sign-in', component: () => import('./places/SignIn.vue') },
    { path: '/first-run', name: 'first-run', component: () => import('./places/FirstRun.vue') },
    { path: '/away', name: 'away', component: () => import('./places/Away.vue') },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./places/Nowhere.vue') },
  ],
})

const OPEN_DOORS = ['sign-in', 'first-run']

router.beforeEach(async to => {
  if (to.name === 'away') return true
  const house = useHouse()
  try {
    await house.look()
  } catch (failure) {
    // Nothing of the house is kept on this device yet: it is asked again until it answers.
    if (failure instanceof Unreachable) return { name: 'away', query: { then: to.fullPath } }
    throw failure
  }
  // A link into a kitchen is followed by whoever holds it, signed in or not.
  if (to.name === 'join') return true
  const atDoor = OPEN_DOORS.includes(String(to.name))
  if (house.session?.first_run) return to.name === 'first-run' || { name: 'first-run' }
  if (!house.session?.user) return to.name === 'sign-in' || { name: 'sign-in', query: { then: to.fullPath } }
  return atDoor ? { name: 'today' } : true
})
