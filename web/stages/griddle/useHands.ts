import { computed, watch, type Ref } from 'vue'
import type { Batch, Plan, Step } from '@/api/types'
import { useKey, usePedal } from '@/bench/keys'
import { sound } from '@/bench/sound'
import { speak } from '@/bench/speech'
import { useAppearance } from '@/ui/appearance'
import { useBatch } from '../batch'
import { dueAt, EVENT_OF, nextStep, sayStep, stepOf } from '@/bench/hands'

const WIPE_SECONDS = 3
/** A knuckle that slips hits twice within this; no hand does two things so fast. */
const BOUNCE_MILLISECONDS = 500
/** And within this, where what it hits is not due for a while yet. */
const SLIP_MILLISECONDS = 1000
const SLIP_AHEAD_MILLISECONDS = 3000

/** What hands do now at the griddle, and doing it: by key, by pedal, by a tap on the piece. */
export function useHands(batch: () => Batch, plan: () => Plan, now: Readonly<Ref<number>>) {
  const store = useBatch()
  const appearance = useAppearance()
  const griddle = computed(() => batch().state.griddle)
  const laySeconds = computed(() => plan().line.pace.oil + plan().line.pace.lay + WIPE_SECONDS)
  const next = computed(() => nextStep(griddle.value, now.value, laySeconds.value))
  const poured = computed(() => plan().method.shape === 'pour')
  const said = computed(() => sayStep(griddle.value, next.value, now.value, poured.value))
  const reason = computed(() => (next.value ? (griddle.value.reasons[next.value.touch] ?? '') : ''))
  const signs = computed(() => (next.value ? griddle.value.signs[next.value.touch] : undefined))
  let cued = ''
  let acted = -Infinity

  function act(step: Step | undefined = next.value) {
    if (!step) return
    const which = step.action === 'lay' ? { place: step.place } : { touch: step.touch }
    void store.record(EVENT_OF[step.action], { piece: step.piece, ...which })
  }

  /** The second of two taps that fast is a knuckle that bounced, and a little slower one that hits what is not due yet is one that slipped. */
  function bounced(step: Step | undefined): boolean {
    const since = performance.now() - acted
    const isFar =
      step !== undefined &&
      step.action !== 'lay' &&
      dueAt(griddle.value, step.from, now.value) - now.value > SLIP_AHEAD_MILLISECONDS
    const isSlip = since < (isFar ? SLIP_MILLISECONDS : BOUNCE_MILLISECONDS)
    if (!isSlip) acted = performance.now()
    return isSlip
  }

  function press() {
    if (!bounced(next.value)) act()
  }

  /** A tap on a piece touches that piece; a tap on an empty place lays the next one there. */
  function tap(place: number) {
    const piece = griddle.value.pieces.find(one => one.place === place)
    const touch = piece && stepOf(griddle.value, piece.piece)
    if (bounced(touch)) return
    const lay = griddle.value.steps.find(step => step.action === 'lay')
    if (piece) act(touch)
    else if (lay && !griddle.value.paused_at) act({ ...lay, place })
  }

  /** What is seen of the piece that is touched next; one that is done is touched at once. */
  function see(sign: 'not_yet' | 'now' | 'too_dark') {
    const step = next.value
    if (!step || step.action === 'lay' || bounced(step)) return
    void store.record('sign_seen', { piece: step.piece, sign })
    if (sign !== 'not_yet') act(step)
  }

  function pause() {
    void store.record(griddle.value.paused_at ? 'resumed' : 'paused')
  }

  useKey(' ', () => act())
  usePedal(() => act())
  watch(now, () => {
    const step = next.value
    if (!step || griddle.value.since === null || dueAt(griddle.value, step.at, now.value) > now.value) return
    const cue = `${step.piece} ${step.touch}`
    if (cued === cue) return
    cued = cue
    if (!appearance.muted) sound(step.action)
    if (appearance.spoken) speak(said.value.says)
  })

  return { griddle, next, said, reason, poured, press, tap, pause, see, signs }
}
