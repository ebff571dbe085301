import { computed, ref, shallowRef } from 'vue'
import { api, Unreachable } from '@/api/client'
import { mergePatch } from '@/api/mergePatch'
import type { Act, Batch, Causes, Stage, Suspect, Symptom } from '@/api/types'
import { uuid } from '@/api/uuid'
import { useBatch } from '../batch'

/** What was seen to be wrong with the batch on the page, what may be the cause, and what is done about it. */
export function useFaults() {
  const store = useBatch()
  const causes = shallowRef<Causes | null>(null)
  const symptom = ref<Symptom | null>(null)
  const piece = ref<number | null>(null)
  const trouble = ref('')
  /** What was done last, in words, and what becomes of it. */
  const done = ref('')
  const after = ref('')
  const diagnosis = computed(() => causes.value?.diagnosis ?? null)

  async function ask(batch: Batch, seen: Parameters<typeof api.causes>[1]) {
    trouble.value = ''
    try {
      causes.value = await api.causes(batch.id, seen)
    } catch (failure) {
      if (!(failure instanceof Unreachable)) throw failure
      trouble.value =
        'The house does not answer: what you saw is written down, and the causes come when it does.'
    }
  }

  /** What can be had at this stage. */
  const open = (batch: Batch, stage: Stage) => {
    symptom.value = null
    piece.value = null
    done.value = ''
    return ask(batch, { stage })
  }

  /** What a verdict says by itself. */
  const explain = (batch: Batch) => ask(batch, {})

  async function see(batch: Batch, stage: Stage, seen: Symptom) {
    symptom.value = seen
    const of = piece.value === null ? {} : { piece: piece.value }
    if (!batch.state.faults.some(one => one.symptom === seen))
      await store.record('fault_seen', { symptom: seen, stage, ...of })
    await ask(batch, { symptoms: [seen], stage, ...of })
  }

  /** The remedy is in the log first, so that an undo takes back what it did to the bowl before it takes back the remedy. */
  async function act(batch: Batch, suspect: Suspect, now: Act) {
    for (const seen of diagnosis.value?.told ?? [])
      await store.record('remedied', { symptom: seen, cause: suspect.cause, text: now.text })
    if ((now.water_grams ?? 0) > 0 || (now.flour_grams ?? 0) > 0)
      await store.record('corrected', {
        pieces: batch.state.portion.count,
        water_grams: now.water_grams ?? 0,
        flour_grams: now.flour_grams ?? 0,
      })
    if (now.change) store.mend(now.change)
    done.value = now.text
    after.value = now.change
      ? 'It is in the log, and the plan follows. It can be set back where it is planned.'
      : 'It is in the log as done. Undo takes it back.'
  }

  /** The bread as it should be planned next time, as its newest version. */
  async function keepVersion(batch: Batch, suspect: Suspect) {
    if (!suspect.next) return
    const bread = await api.bread(batch.bread.id)
    const newest = bread.revisions[0]
    if (!newest) return
    const kept = await api.saveRevision(
      batch.bread.id,
      newest.number,
      mergePatch(newest.request, suspect.next.change),
      uuid(),
    )
    for (const seen of diagnosis.value?.told ?? [])
      await store.record('remedied', { symptom: seen, cause: suspect.cause, text: suspect.next.text })
    done.value = `${suspect.next.text}: kept as version ${kept.revisions[0]?.number ?? ''}.`
    after.value = 'The older versions stay.'
  }

  return { causes, diagnosis, symptom, piece, trouble, done, after, open, explain, see, act, keepVersion }
}
