import { ref } from 'vue'

/** What the page is about, as the browser's tab says it behind a clock that runs. */
export const pageTitle = ref('')

export function titleOf(page: string, clock: string): string {
  return [clock, page, 'Stone Mill'].filter(Boolean).join(' · ')
}
