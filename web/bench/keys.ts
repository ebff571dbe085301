import { onScopeDispose, ref, watch } from 'vue'

const STORED = 'mill.keys'

/** Whether single keys do things; a cook who types by voice or by switch can turn them off. */
export const keysOn = ref(localStorage.getItem(STORED) !== 'off')
watch(keysOn, on => localStorage.setItem(STORED, on ? 'on' : 'off'))

/** Calls back for a key, unless the focus is on something that has its own use for it. */
export function useKey(key: string, callback: () => void): void {
  function pressed(event: KeyboardEvent) {
    if (!keysOn.value || event.key !== key || event.repeat || event.ctrlKey || event.metaKey || event.altKey)
      return
    if (hasOwnUse(event.target)) return
    event.preventDefault()
    callback()
  }
  window.addEventListener('keydown', pressed)
  onScopeDispose(() => window.removeEventListener('keydown', pressed))
}

function hasOwnUse(target: EventTarget | null): boolean {
  return (
    target instanceof Element &&
    target.closest('input, textarea, select, button, a, dialog, [role=slider], [role=combobox]') !== null
  )
}
