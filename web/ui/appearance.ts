import { usePreferredDark } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, watchEffect } from 'vue'

type Theme = 'light' | 'dark'
type View = 'desk' | 'bench'

/** Light or dark, desk or bench, sound, voice, simulated devices: remembered on this device. */
export const useAppearance = defineStore('appearance', () => {
  const chosenTheme = ref(stored<Theme>('mill.theme', ['light', 'dark']))
  const deviceIsDark = usePreferredDark()
  /** As was chosen here; until then as the device is, which some switch in the evening. */
  const theme = computed<Theme>(() => chosenTheme.value ?? (deviceIsDark.value ? 'dark' : 'light'))
  const view = ref<View>(stored<View>('mill.view', ['desk', 'bench']) ?? 'desk')
  const isBench = computed(() => view.value === 'bench')
  const muted = ref(localStorage.getItem('mill.muted') === 'yes')
  const spoken = ref(localStorage.getItem('mill.spoken') === 'yes')
  /** Whether simulated devices stand where real ones could. Off until somebody asks for them. */
  const simulated = ref(localStorage.getItem('mill.simulated') === 'yes')

  watchEffect(() => {
    document.documentElement.dataset['theme'] = theme.value
    document.documentElement.classList.toggle('dark', theme.value === 'dark')
    document.documentElement.dataset['view'] = view.value
    if (chosenTheme.value) localStorage.setItem('mill.theme', chosenTheme.value)
    localStorage.setItem('mill.view', view.value)
    localStorage.setItem('mill.muted', muted.value ? 'yes' : 'no')
    localStorage.setItem('mill.spoken', spoken.value ? 'yes' : 'no')
    localStorage.setItem('mill.simulated', simulated.value ? 'yes' : 'no')
  })

  function switchTheme() {
    chosenTheme.value = theme.value === 'light' ? 'dark' : 'light'
  }

  function switchView() {
    view.value = view.value === 'desk' ? 'bench' : 'desk'
  }

  return { theme, chosenTheme, view, isBench, muted, spoken, simulated, switchTheme, switchView }
})

function stored<T extends string>(key: string, known: T[]): T | undefined {
  return known.find(value => value === localStorage.getItem(key))
}
