import { computed, ref, shallowRef } from 'vue'
import { useAsking } from '@/api/asking'
import { api, Refusal, toldBy } from '@/api/client'
import type { BreadVersions, PlanRequest, Revision } from '@/api/types'
import { uuid } from '@/api/uuid'
import { own } from '@/bench/person'
import { useHouse } from '@/bench/house'
import { withBags, withOwn } from '@/ui/formula'
import { measuresOf } from '@/ui/ownMeasures'

const MOST_STEPS = 60

interface Draft {
  after: number
  request: PlanRequest
}

/** A formula under the hand: every change is planned at once, can be undone, and outlives a reload until it is saved. */
export function useFormula() {
  const house = useHouse()
  const bread = shallowRef<BreadVersions | null>(null)
  const request = shallowRef<PlanRequest | null>(null)
  const trouble = ref('')
  const steps = shallowRef<PlanRequest[]>([])
  const planning = useAsking(api.plan)
  let sending: { wanted: PlanRequest; id: string } | null = null
  const newest = computed<Revision | undefined>(() => bread.value?.revisions[0])
  const isChanged = computed(() => JSON.stringify(request.value) !== JSON.stringify(newest.value?.request))

  async function open(id: string) {
    bread.value = await api.bread(id)
    const draft = drafted(id)
    show(draft?.request ?? newest.value?.request ?? null)
    steps.value = []
    trouble.value =
      draft && draft.after !== newest.value?.number
        ? `You changed version ${draft.after}; version ${newest.value?.number} was saved since. Compare before you save.`
        : ''
  }

  function change(next: PlanRequest) {
    if (request.value) steps.value = [...steps.value.slice(-MOST_STEPS), request.value]
    show(withOwn(next, house.kitchen?.own_ingredients ?? []))
  }

  function undo() {
    const before = steps.value.at(-1)
    if (!before) return
    steps.value = steps.value.slice(0, -1)
    show(before)
  }

  async function save() {
    const [of, from, wanted] = [bread.value, newest.value, request.value]
    if (!of || !from || !wanted) return
    try {
      // One identifier for one wish: sent again after a lost answer it is kept once.
      if (sending?.wanted !== wanted) sending = { wanted, id: uuid() }
      bread.value = await api.saveRevision(of.id, from.number, wanted, sending.id)
      localStorage.removeItem(keyOf(of.id))
      trouble.value = ''
      await house.refresh()
    } catch (failure) {
      trouble.value = `Not saved: ${toldBy(failure)} Your change is kept on this device.`
      if (failure instanceof Refusal && failure.status === 409) bread.value = await api.bread(of.id)
    }
  }

  function show(next: PlanRequest | null) {
    request.value = next
    if (!next || !bread.value || !newest.value) return
    if (isChanged.value)
      localStorage.setItem(
        keyOf(bread.value.id),
        JSON.stringify({ after: newest.value.number, request: next } satisfies Draft),
      )
    else localStorage.removeItem(keyOf(bread.value.id))
    void planning.about(withBags(next, house.kitchen && { ...house.kitchen, ...measuresOf(house.kitchen) }))
  }

  return {
    bread,
    request,
    newest,
    plan: planning.answer,
    refused: planning.refused,
    isChanged,
    steps,
    trouble,
    open,
    change,
    undo,
    save,
  }
}

function keyOf(id: string): string {
  return own(`formula.${id}`)
}

function drafted(id: string): Draft | null {
  try {
    return JSON.parse(localStorage.getItem(keyOf(id)) ?? 'null') as Draft | null
  } catch {
    return null
  }
}
