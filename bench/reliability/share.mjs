// One cook asks for all that is slow, as often as one can; another cook's plain question is answered meanwhile.
import { Cook, House, Trial, quantile, tally } from './house.mjs'

const seconds = Number(process.argv[2] ?? 12)
const trial = new Trial('share')
const house = await new House(8467).start()
const plan = {
  style: 'almond-coconut-wrap',
  hands: 1,
  pieces: { count: 200, grams_each: 5 },
  serve_at: '2026-03-01T12:30:00+00:00',
  begin_at: '2026-03-01T08:30:00+00:00',
  gear: { griddle: { shape: 'rectangle', width_mm: 2000, depth_mm: 2000 } },
}
const SLOW = [
  ['/api/v1/plan', plan],
  [
    '/api/v1/shape',
    {
      request: { style: 'almond-wrap', formula: { scale: { flour_grams: 50000 } }, pieces: { count: 200 } },
      cut: { cutter_mm: 20, board_mm: 1500 },
    },
  ],
  ['/api/v1/day', { batches: [1, 2].map(() => ({ request: plan })) }],
  ['/api/v1/day', { batches: Array.from({ length: 12 }, () => ({ request: plan })) }],
  ['/api/v1/compare', { before: plan, after: { ...plan, hands: 2 } }],
]
try {
  const greedy = new Cook(house)
  await greedy.signIn()
  const alone = []
  for (const [path, body] of SLOW) alone.push(await greedy.ask('POST', path, body))
  const other = new Cook(house)
  await other.signIn()
  const quiet = []
  for (let ask = 0; ask < 20; ask++) quiet.push((await other.ask('GET', '/api/v1/ping')).ms)
  // A ping is nobody's share: whoever sends it, it wants a free worker as another cook's question would.
  const pings = []
  const answers = []
  const until = Date.now() + 1000 * seconds
  const flood = Array.from({ length: 12 }, async (_, number) => {
    const tab = new Cook(house)
    tab.jar = new Map(greedy.jar)
    for (let ask = number; Date.now() < until; ask++) {
      const answer = await tab.ask('POST', ...SLOW[ask % SLOW.length])
      answers.push(answer)
      if (answer.status === 429) await new Promise(resolve => setTimeout(resolve, 250))
    }
  })
  while (Date.now() < until) {
    pings.push((await other.ask('GET', '/api/v1/ping')).ms)
    await new Promise(resolve => setTimeout(resolve, 40))
  }
  await Promise.all(flood)
  trial.figures = {
    alone_ms: alone.map(one => [one.status, Math.round(one.ms)]),
    answers: tally(answers),
    quiet_ping_ms: Math.round(quantile(quiet, 0.5)),
    ping_p50_ms: Math.round(quantile(pings, 0.5)),
    ping_p95_ms: Math.round(quantile(pings, 0.95)),
    ping_worst_ms: Math.round(Math.max(...pings)),
  }
  trial.must('what is too large says so', alone[3].status === 422)
  trial.must(
    'the others are answered',
    alone.every((one, number) => number === 3 || one.status === 200),
    JSON.stringify(trial.figures.alone_ms),
  )
  trial.must(
    'nothing breaks',
    answers.every(one => [200, 422, 429].includes(one.status)),
    JSON.stringify(tally(answers)),
  )
} finally {
  await house.stop()
  house.remove()
}
trial.end()
