// What is done every day, in a kitchen of so many batches and on a log of so many entries: it may not grow with the record.
import { execFileSync } from 'node:child_process'
import { Cook, House, Trial, event, quantile, root, uuid } from './house.mjs'

const sizes = (process.argv[2] ?? '100,1000,10000').split(',').map(Number)
const logs = (process.argv[3] ?? '50,8000').split(',').map(Number)
// In the tests only what can be counted is judged; a clock counts what else the machine does.
const onTheClock = process.argv[4] !== 'counted'
const trial = new Trial('growth')
const grow = (...words) =>
  execFileSync('php', ['bench/reliability/grow.php', ...words.map(String)], { cwd: root })
// The least of several: what it costs while nothing else runs. Others on the machine make any of them late, never early.
const least = async (times, ask) => {
  const taken = []
  for (let time = 0; time < times; time++) {
    const answer = await ask(time)
    if (answer.status >= 300) throw new Error(`${answer.status} ${JSON.stringify(answer.json)}`)
    taken.push(answer.ms)
  }
  return Math.min(...taken)
}
const house = new House(8468)
try {
  trial.figures.kitchens = []
  let began = performance.now()
  await house.start()
  let cook = new Cook(house)
  await cook.signIn()
  for (const size of sizes) {
    grow(house.kitchen, size)
    await house.stop()
    began = performance.now()
    await house.start()
    const start_ms = performance.now() - began
    cook = new Cook(house)
    await cook.signIn()
    const kitchen = (await cook.ask('GET', '/api/v1/kitchen')).json
    const bread = { id: uuid(), name: `A shape never made ${size}`, request: { style: 'chickpea-pan' } }
    // A shape that no batch of this kitchen has; what is begun of it is taken out again, so that the next size asks the same.
    const style = kitchen.styles.find(
      one =>
        one.method.shape !== 'lever_press' &&
        !kitchen.breads.some(known => known.style === one.id && !known.name.startsWith('A shape')),
    )
    bread.request = { style: style.id }
    await cook.ask('POST', '/api/v1/breads', bread)
    await cook.ask('GET', '/api/v1/batches')
    const list_ms = await least(9, () => cook.ask('GET', '/api/v1/batches'))
    const begin_ms = await least(5, () =>
      cook.ask('POST', '/api/v1/batches', { id: uuid(), bread: bread.id, at: new Date().toISOString() }),
    )
    grow(house.kitchen, 'forget', bread.id)
    const known_ms = await least(5, () =>
      cook.ask('POST', '/api/v1/batches', {
        id: uuid(),
        bread: kitchen.breads[0].id,
        at: new Date().toISOString(),
      }),
    )
    let reached = 0
    for (let after = null, page; ; after = page.next) {
      page = (await cook.ask('GET', `/api/v1/batches?limit=200${after ? `&after=${after}` : ''}`)).json
      reached += page.batches.length
      if (!page.next) break
    }
    trial.figures.kitchens.push({ batches: size, list_ms, begin_ms, known_ms, start_ms, reached })
    trial.must('every batch can be reached, page by page', reached >= size, `${reached} of ${size}`)
  }
  const [first, last] = [trial.figures.kitchens[0], trial.figures.kitchens.at(-1)]
  for (const what of onTheClock ? ['list_ms', 'begin_ms', 'known_ms'] : [])
    trial.must(
      `${what} does not grow with the record`,
      last[what] < 2 * first[what] + 20,
      `${Math.round(first[what])} to ${Math.round(last[what])}`,
    )
  const note = (batch, text) =>
    cook.ask('POST', `/api/v1/batches/${batch.id}/events`, { events: [event('noted', { text })] })
  const batches = []
  for (const entries of logs) {
    const batch = await cook.begin()
    grow(house.kitchen, batch.id, entries)
    // The first entry counts the log anew, since it was not written by the house.
    await note(batch, 'first')
    batches.push({ batch, entries, taken: [] })
  }
  // In turns, so that whatever else the machine does falls on all of them alike.
  for (let round = 0; round < 25; round++)
    for (const one of batches) one.taken.push((await note(one.batch, 'another')).ms)
  trial.figures.logs = []
  for (const { batch, entries, taken } of batches) {
    const answer = await note(batch, 'last')
    const undone = event('undone', { event: answer.json.state.undoable })
    const undo_ms = (await cook.ask('POST', `/api/v1/batches/${batch.id}/events`, { events: [undone] })).ms
    trial.figures.logs.push({ entries, one_ms: quantile(taken, 0.1), undo_ms, answer_bytes: answer.bytes })
  }
  const ratio = trial.figures.logs.at(-1).one_ms / trial.figures.logs[0].one_ms
  trial.figures.entry_ratio = ratio
  const bytes = trial.figures.logs.map(log => log.answer_bytes)
  trial.must(
    'the answer to one more entry is as short on a long log',
    Math.max(...bytes) < Math.min(...bytes) + 100,
    bytes.join(' and '),
  )
  if (onTheClock)
    trial.must(
      'one more entry on a long log costs at most 1.5 times that on a short one',
      ratio <= 1.5,
      ratio.toFixed(2),
    )
} finally {
  await house.stop()
  house.remove()
}
trial.end()
