import { ref, watch, type Ref } from 'vue'

const PREFIX = 'mill.left.'

/** What was open or chosen on a page, as this device was left. A browser that keeps nothing starts anew each time. */
export function remembered<T extends string>(name: string, first: T): Ref<T> {
  const value = ref((read(name) as T | null) ?? first) as Ref<T>
  watch(value, now => write(name, now))
  return value
}

function read(name: string): string | null {
  try {
    return localStorage.getItem(PREFIX + name)
  } catch {
    return null
  }
}

function write(name: string, value: string) {
  try {
    localStorage.setItem(PREFIX + name, value)
  } catch {
    // Private windows keep nothing; the page works all the same.
  }
}
