// Bodies, addresses and headers that nobody means, over every route: no answer of 5xx, nothing in the log of faults.
import { readFileSync } from 'node:fs'
import { execFileSync } from 'node:child_process'
import { connect } from 'node:net'
import { Cook, House, Trial, event, faultsSince, tally, uuid, VERDICT } from './house.mjs'

const rounds = Number(process.argv[2] ?? 30)
const trial = new Trial('hostile')
const began = new Date()
const house = await new House(8464).start()
const NONSENSE = [
  null,
  true,
  -1,
  0,
  1e308,
  '',
  'two',
  [],
  {},
  [[]],
  { a: 1 },
  'x'.repeat(5000),
  '\u0000',
  '\u202e',
  "'; DROP TABLE batches; --",
  '../../etc/passwd',
  '{{7*7}}',
]
const RAW = [
  '',
  '{',
  '[',
  'null',
  '1e999',
  '{"events":[{"grams":1e999}]}',
  '{"a":'.repeat(100) + '1' + '}'.repeat(100),
  '\xff\xfe',
  '{"version":1e999,"verdict":{"shade_first":1e999}}',
  '"\\ud800"',
  'NaN',
]
let seed = 20261126
const random = most => ((seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648) * most
const one = list => list[Math.floor(random(list.length))]
try {
  const cook = new Cook(house)
  await cook.signIn()
  const batch = await cook.begin()
  const kitchen = (await cook.ask('GET', '/api/v1/kitchen')).json
  const bread = kitchen.breads[0]
  const good = {
    [`POST /api/v1/batches/${batch.id}/events`]: () => ({ events: [event('poured', { grams: 1 })] }),
    [`PATCH /api/v1/batches/${batch.id}`]: () => ({
      version: batch.version,
      request: batch.request,
      id: uuid(),
    }),
    [`PUT /api/v1/batches/${batch.id}/verdict`]: () => ({
      version: 1,
      id: uuid(),
      verdict: VERDICT,
    }),
    'POST /api/v1/batches': () => ({ id: uuid(), bread: bread.id, at: new Date().toISOString() }),
    'POST /api/v1/breads': () => ({ id: uuid(), name: 'A bread', request: bread.request }),
    [`POST /api/v1/breads/${bread.id}/revisions`]: () => ({ after: 1, request: bread.request, id: uuid() }),
    [`PATCH /api/v1/breads/${bread.id}`]: () => ({ name: 'Renamed' }),
    [`PUT /api/v1/lots/${uuid()}`]: () => ({
      version: 0,
      ingredient: 'teff',
      label: 'A bag',
      certified_gluten_free: false,
      bought_on: null,
      opened_on: null,
      emptied_on: null,
      price_per_kg: 1,
      grams: 1,
      notes: null,
    }),
    [`PUT /api/v1/gear/${uuid()}`]: () => ({
      version: 0,
      kind: 'griddle',
      name: 'A plate',
      shape: 'round',
      diameter_mm: 300,
    }),
    [`PUT /api/v1/ingredients/own-thing`]: () => ({ version: 0, document: { id: 'own-thing' } }),
    'POST /api/v1/session': () => ({ name: 'cook', password: 'masa-and-water' }),
    'POST /api/v1/kitchens': () => ({ kitchen: 'k', name: 'n', password: 'long enough here' }),
    'POST /api/v1/plan': () =>
      JSON.parse(readFileSync(new URL('../../formats/examples/pressed-masa.json', import.meta.url))),
    'POST /api/v1/loads': () =>
      JSON.parse(readFileSync(new URL('../../formats/examples/loads-masa.json', import.meta.url))),
  }
  const spoil = value => {
    if (value === null || typeof value !== 'object' || Object.keys(value).length === 0 || random(1) < 0.15)
      return one(NONSENSE)
    const copy = structuredClone(value)
    const key = one(Object.keys(copy))
    if (random(1) < 0.2) {
      if (Array.isArray(copy)) copy.push(one(NONSENSE))
      else copy[one(['event', 'made_up', '\u0000', '__proto__', 'id'])] = one(NONSENSE)
    } else copy[key] = spoil(copy[key])
    return copy
  }
  const answers = []
  const bad = []
  const take = (what, answer) => {
    answers.push(answer)
    if (answer.status === 0 || answer.status >= 500) bad.push(`${answer.status} ${what}`)
  }
  for (let round = 0; round < rounds; round++)
    for (const [route, body] of Object.entries(good)) {
      const [method, path] = route.split(' ')
      const sent = round % 4 === 0 ? one(RAW) : JSON.stringify(spoil(body()))
      take(`${route} ${sent.slice(0, 200)}`, await cook.ask(method, path, sent))
      if (route.includes('session')) await cook.signIn()
    }
  for (const path of [
    '/api/v1/batches?after=%ff',
    '/api/v1/batches?after[]=1',
    '/api/v1/batches?limit=1e9',
    '/api/v1/batches?%ff=%00',
    '/api/v1/day?hands=%ff&offset_minutes=%00',
    '/api/v1/day?hands[a]=1',
    `/api/v1/batches/${batch.id}/news?seen[]=1`,
    `/api/v1/batches/${batch.id}/news?seen=%ff%00`,
    '/api/v1/batches/%00',
    '/api/v1/batches/%ff%fe',
    '/guides/ring?diameter_mm=NaN&paper=%ff',
    '/guides/ring?diameter_mm[]=1',
    `/batches/${batch.id}/run-sheet.pdf?paper[]=a4`,
    `/batches/${batch.id}/timeline.ics?offset_minutes=1e99`,
    '/batch/%2e%2e%2f%2e%2e%2fetc/passwd',
    '/.env',
    '/index.php',
    '/storage/logs/mill.log',
    '/api/v1/nowhere',
    '/up',
    '/' + 'a'.repeat(3000),
  ])
    take(`GET ${path.slice(0, 80)}`, await cook.ask('GET', path))
  // A body far beyond the contract is refused on its announced length, and takes no worker's memory.
  const heavy = await new Promise(resolve => {
    const socket = connect(house.port, '127.0.0.1', () =>
      socket.write(
        'POST /api/v1/plan HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\nContent-Length: 1073741824\r\n\r\n{"',
      ),
    )
    socket.once('data', data => resolve(String(data).slice(9, 12)))
    socket.once('error', () => resolve('error'))
    setTimeout(() => resolve('no answer'), 5000).unref()
  })
  const largest = Math.max(
    ...execFileSync('ps', ['-eo', 'rss,args'], { encoding: 'utf8' })
      .split('\n')
      .filter(line => line.includes('php-fpm: pool mill'))
      .map(line => Number(line.trim().split(' ')[0]) / 1024),
  )
  trial.figures = {
    asked: answers.length,
    answers: tally(answers),
    bad: bad.length,
    faults: faultsSince(began),
    gigabyte: heavy,
    largest_worker_mb: Math.round(largest),
  }
  trial.must('no answer is 5xx or none', bad.length === 0, bad.slice(0, 5).join('; '))
  trial.must('nothing is in the log of faults', faultsSince(began) === 0)
  trial.must('a gigabyte is refused before it is read', heavy === '413', heavy)
  trial.must('no worker grows beyond 256 MB', largest < 256, String(largest))
} finally {
  await house.stop()
  house.remove()
}
trial.end()
