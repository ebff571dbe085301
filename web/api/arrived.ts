/** After so long, what came with the page is an answer of the past. */
const GOOD_FOR_MS = 10_000

/** What the house sent along with the page, by the address that it answers. */
const answers = new Map(
  // Where there is no page, nothing came with it.
  (typeof document === 'undefined'
    ? []
    : [...document.querySelectorAll<HTMLScriptElement>('script[data-answer]')]
  ).map(one => [new URL(one.dataset['answer'] ?? '', location.origin).href, one.textContent]),
)

/** Whether the answer to this path came with the page and was not taken yet. */
export const hasArrived = (path: string): boolean =>
  answers.has(new URL(`/api/v1${path}`, location.origin).href)

/** The answer that came with the page, once: after anything was changed, or somebody else signed in, it is nobody's any more. */
export function arrivedAnswer(request: Request): Response | null {
  if (request.method !== 'GET' || performance.now() > GOOD_FOR_MS) answers.clear()
  const said = answers.get(request.url)
  if (said === undefined) return null
  answers.delete(request.url)
  return new Response(said, { headers: { 'Content-Type': 'application/json' } })
}
