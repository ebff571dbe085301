import { onScopeDispose, ref, watch } from 'vue'

const STORED = 'mill.keys'

/** Whether single keys do things; a cook who types by voice or by switch can turn them off. */
export const keysOn = ref(localStorage.getItem(STORED) !== 'off')
watch(keysOn, on => localStorage.setItem(STORED, on ? 'on' : 'off'))

const PEDAL = 'mill.pedal'

/** The key that a foot pedal sends, as its browser names it; empty where there is none. */
export const pedalKey = ref(localStorage.getItem(PEDAL) ?? '')
watch(pedalKey, key => localStorage.setItem(PEDAL, key))

/** Waits for the pedal to be pressed once and remembers what it sends. Escape and Tab stay what they are. */
export function learnPedal(learned: () => void): () => void {
  function pressed(event: KeyboardEvent) {
    event.preventDefault()
    // The press that teaches the key is not yet a press of the pedal.
    event.stopImmediatePropagation()
    stop()
    if (event.key !== 'Escape' && event.key !== 'Tab') pedalKey.value = event.code
    learned()
  }
  const stop = () => window.removeEventListener('keydown', pressed, true)
  window.addEventListener('keydown', pressed, true)
  return stop
}

/** Calls back for the pedal, wherever the focus is: nobody types with a foot. */
export function usePedal(callback: () => void): void {
  function pressed(event: KeyboardEvent) {
    if (!pedalKey.value || event.code !== pedalKey.value || event.repeat || event.code === 'Space') return
    event.preventDefault()
    callback()
  }
  window.addEventListener('keydown', pressed)
  onScopeDispose(() => window.removeEventListener('keydown', pressed))
}

/** Calls back for a key, unless the focus is on something that has its own use for it. */
export function useKey(key: string, callback: () => void): void {
  function pressed(event: KeyboardEvent) {
    if (!keysOn.value || event.key !== key || event.repeat || event.ctrlKey || event.metaKey || event.altKey)
      return
    if (hasOwnUse(event.target, event.key) || liesUnderADialog()) return
    event.preventDefault()
    callback()
  }
  window.addEventListener('keydown', pressed)
  onScopeDispose(() => window.removeEventListener('keydown', pressed))
}

/** What lies under an open dialog is out of reach, whatever has the focus. */
function liesUnderADialog(): boolean {
  return [...document.querySelectorAll('[role=dialog][aria-modal=true]')].some(one => one.checkVisibility())
}

/** What is typed into has a use for every key; what is pressed only for Enter and Space. */
function hasOwnUse(target: EventTarget | null, key: string): boolean {
  if (!(target instanceof Element)) return false
  const typed = 'input, textarea, [role=dialog], [role=combobox]'
  const pressed = 'button, a, [role=slider]'
  return target.closest(key === ' ' || key === 'Enter' ? `${typed}, ${pressed}` : typed) !== null
}
