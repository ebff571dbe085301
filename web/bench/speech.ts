import type { Step } from '@/api/types'

const SPOKEN: Record<Step['action'], string> = {
  lay: 'Lay',
  turn: 'Turn',
  press: 'Turn and press',
  lift: 'Lift',
}

export function canSpeak(): boolean {
  return 'speechSynthesis' in window
}

/** Says the next thing by the browser's own voice; what was being said gives way. */
export function speak(action: Step['action'], piece: number): void {
  if (!canSpeak()) return
  window.speechSynthesis.cancel()
  const words = new SpeechSynthesisUtterance(`${SPOKEN[action]} ${piece}`)
  words.lang = 'en'
  window.speechSynthesis.speak(words)
}
