type Json = string | number | boolean | null | Json[] | { [key: string]: Json | undefined }

const isObject = (value: unknown): value is { [key: string]: Json | undefined } =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** A document with a JSON merge patch (RFC 7396) applied: null takes a field away. */
export function mergePatch<Document>(document: Document, patch: unknown): Document {
  return merged(document as Json, patch as Json) as Document
}

function merged(document: Json | undefined, patch: Json): Json {
  if (!isObject(patch)) return patch
  const before = isObject(document) ? document : {}
  const changed = Object.entries(patch).map(
    ([key, value]) => [key, merged(before[key], value ?? null)] as const,
  )
  return Object.fromEntries(
    Object.entries({ ...before, ...Object.fromEntries(changed) }).filter(([key]) => patch[key] !== null),
  )
}
