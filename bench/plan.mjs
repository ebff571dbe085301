/* How long a plan takes next to the least the same server can answer, in turns within one run. Loopback only, a bounded number of requests. */
const base = process.argv[2] ?? 'http://127.0.0.1:8499'
const ROUNDS = 12
const PER_ROUND = 60
const FIRST_MS = Date.parse('2026-03-01T12:00:00Z')

const jar = new Map()
async function send(method, path, body) {
  const response = await fetch(base + path, {
    method,
    headers: {
      Accept: 'application/json',
      'Content-Type': 'application/json',
      Cookie: [...jar].map(([name, value]) => `${name}=${value}`).join('; '),
      'X-XSRF-TOKEN': decodeURIComponent(jar.get('XSRF-TOKEN') ?? ''),
    },
    body: body === undefined ? undefined : JSON.stringify(body),
  })
  for (const cookie of response.headers.getSetCookie()) {
    const [, name, value] = cookie.match(/^([^=]+)=([^;]*)/) ?? []
    jar.set(name, value)
  }
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`)
  return response.arrayBuffer()
}

async function times(work) {
  const taken = []
  for (let request = 0; request < PER_ROUND; request++) {
    const from = performance.now()
    await work()
    taken.push(performance.now() - from)
  }
  return taken
}

const median = values => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]

await send('GET', '/api/v1/session')
await send('POST', '/api/v1/session', { name: 'cook', password: 'masa-and-water' })
const request = JSON.parse(
  await (await import('node:fs/promises')).readFile('formats/examples/pressed-masa.json', 'utf8'),
)
const { batches } = JSON.parse(new TextDecoder().decode(await send('GET', '/api/v1/batches')))
const open = JSON.parse(new TextDecoder().decode(await send('GET', `/api/v1/batches/${batches[0].id}`)))
const news = `/api/v1/batches/${open.id}/news?seen=${open.version}-${open.event_count}`
let asked = 0
const work = {
  ping: () => send('GET', '/api/v1/ping'),
  news: () => send('GET', news),
  plan: () => send('POST', '/api/v1/plan', request),
  // At another minute it is another plan of the same bake; at another heat it is a bake that nobody has asked for.
  hour: () =>
    send('POST', '/api/v1/plan', {
      ...request,
      serve_at: new Date(FIRST_MS + asked++ * 60_000).toISOString(),
    }),
  heat: () => send('POST', '/api/v1/plan', { ...request, griddle: { surface_celsius: 180 + asked++ / 50 } }),
}
for (const one of Object.values(work)) await times(one)
const taken = Object.fromEntries(Object.keys(work).map(name => [name, []]))
for (let round = 0; round < ROUNDS; round++)
  for (const name of Object.keys(work)) taken[name].push(...(await times(work[name])))
const [ping, plan] = [median(taken.ping), median(taken.plan)]
console.log(
  JSON.stringify({
    ping_median_ms: ping,
    plan_median_ms: plan,
    ratio: plan / ping,
    hour_ratio: median(taken.hour) / ping,
    heat_ratio: median(taken.heat) / ping,
    news_ratio: median(taken.news) / ping,
    requests: taken.plan.length,
  }),
)
