import type { Plan } from '@/api/types'

export interface BindingPart {
  name: string
  from: number
  points: number
}

/** The parts of the binding end to end, and how far the picture must reach to show where gummy begins. */
export function bindingBar(plan: Pick<Plan, 'ledger' | 'binding'>) {
  let from = 0
  const parts: BindingPart[] = []
  for (const row of [...plan.ledger].sort((a, b) => b.binding_points - a.binding_points)) {
    if (row.binding_points < 0.5) continue
    parts.push({ name: row.name, from, points: row.binding_points })
    from += row.binding_points
  }
  const { index, needed, gummy_above: gummy } = plan.binding
  return {
    parts,
    index: index.value,
    needed: needed.value,
    gummy,
    most: Math.max(gummy * 1.12, index.value * 1.05),
  }
}
