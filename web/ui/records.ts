/** The same without one of its fields. */
export function withoutField<Value>(
  record: Record<string, Value>,
  field: string | number,
): Record<string, Value> {
  return Object.fromEntries(Object.entries(record).filter(([name]) => name !== String(field)))
}
