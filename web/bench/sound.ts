import type { Step } from '@/api/types'

/** Notes in Hz, a sixth of a second each: every action has a figure of its own, so that it is known without looking. */
const FIGURES: Record<Step['action'], number[]> = {
  lay: [440],
  turn: [660, 880],
  press: [660, 880, 880],
  press_down: [660, 660, 660],
  wet: [550, 660],
  brush: [550, 550],
  lift: [880, 660, 440],
}

/** Longer than any act's and of another shape: what waits may be in another room. */
const RING = [523, 784, 523, 784, 523, 784]

const NOTE_SECONDS = 0.16

let context: AudioContext | undefined

/** Browsers let a page sound only after a touch or key; call this from one. */
export function wakeSound(): void {
  context ??= new AudioContext()
  void context.resume()
}

export function sound(action: Step['action']): void {
  play(FIGURES[action])
}

/** A clock ran out. */
export function ring(): void {
  play(RING)
}

function play(figure: number[]): void {
  const audio = context
  if ('vibrate' in navigator) navigator.vibrate(figure.flatMap(() => [120, 60]))
  if (!audio) return
  figure.forEach((hertz, index) => {
    const tone = audio.createOscillator()
    const volume = audio.createGain()
    const from = audio.currentTime + index * NOTE_SECONDS
    tone.frequency.value = hertz
    volume.gain.setValueAtTime(0.25, from)
    volume.gain.exponentialRampToValueAtTime(0.001, from + NOTE_SECONDS)
    tone.connect(volume).connect(audio.destination)
    tone.start(from)
    tone.stop(from + NOTE_SECONDS)
  })
}
