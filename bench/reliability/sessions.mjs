// Signing in and out while others ask, and the same thing sent many times at once.
import { Cook, House, Trial, event, faultsSince, pause, tally, uuid, VERDICT } from './house.mjs'

const rounds = Number(process.argv[2] ?? 40)
const trial = new Trial('sessions')
const began = new Date()
const house = await new House(8465).start()
try {
  let undone = 0
  for (let round = 0; round < rounds; round++) {
    const cook = new Cook(house)
    await cook.signIn()
    const jar = new Map(cook.jar)
    // Other tabs go on asking with the cookie they had, while this one signs out.
    const polling = Array.from({ length: 6 }, async () => {
      const tab = new Cook(house)
      tab.jar = new Map(jar)
      for (let ask = 0; ask < 4; ask++) await tab.ask('GET', '/api/v1/kitchen')
    })
    await pause(round % 20)
    await cook.ask('DELETE', '/api/v1/session')
    await Promise.all(polling)
    const after = new Cook(house)
    after.jar = new Map(jar)
    if ((await after.ask('GET', '/api/v1/kitchen')).status !== 401) undone++
  }
  trial.must('nobody is signed in after signing out', undone === 0, `${undone} of ${rounds}`)

  const stranger = new Cook(house)
  const cook = new Cook(house)
  await cook.signIn()
  for (let wrong = 0; wrong < 7; wrong++)
    await stranger.ask('POST', '/api/v1/session', { name: 'cook', password: `guess ${wrong}` })
  const locked = await stranger.signIn()
  const own = await cook.signIn()
  trial.must('guessing is slowed down', locked.status === 429, String(locked.status))
  trial.must(
    'and does not lock the cook out who has signed in here before',
    own.status === 200,
    String(own.status),
  )

  const kitchen = (await cook.ask('GET', '/api/v1/kitchen')).json
  const bread = kitchen.breads[0]
  const eight = (method, path, body) =>
    Promise.all(Array.from({ length: 8 }, () => cook.insist(method, path, body)))
  const batch = { id: uuid(), bread: bread.id, at: '2026-03-01T12:30:00+05:00' }
  const begun = await eight('POST', '/api/v1/batches', batch)
  const kept = (await cook.ask('GET', `/api/v1/batches/${batch.id}`)).json
  const newBread = { id: uuid(), name: 'Sent eight times', request: bread.request }
  const breads = await eight('POST', '/api/v1/breads', newBread)
  const revision = { after: 1, request: { ...bread.request, hands: 2 }, id: uuid() }
  const revisions = await eight('POST', `/api/v1/breads/${newBread.id}/revisions`, revision)
  const change = { version: 1, request: { ...kept.request, hands: 2 }, id: uuid() }
  const changes = await eight('PATCH', `/api/v1/batches/${batch.id}`, change)
  // What was never made is not judged.
  await cook.insist('POST', `/api/v1/batches/${batch.id}/events`, {
    events: [event('poured', { grams: 300 })],
  })
  const verdict = {
    version: 2,
    id: uuid(),
    verdict: VERDICT,
  }
  const verdicts = await eight('PUT', `/api/v1/batches/${batch.id}/verdict`, verdict)
  const note = event('noted', { text: 'once' })
  const notes = await eight('POST', `/api/v1/batches/${batch.id}/events`, { events: [note] })
  const after = (await cook.ask('GET', `/api/v1/batches/${batch.id}`)).json
  const versions = (await cook.ask('GET', `/api/v1/breads/${newBread.id}`)).json
  const all = [begun, breads, revisions, changes, verdicts, notes]
  trial.must(
    'what is sent eight times at once is taken eight times',
    all.flat().every(one => one.status < 300),
    JSON.stringify(all.map(tally)),
  )
  trial.must(
    'and done once',
    after.version === 3 && after.event_count === 2 && versions.revisions.length === 2,
    JSON.stringify([after.version, after.event_count, versions.revisions.length]),
  )
  trial.must(
    'a moment keeps what its offset says',
    after.started_at.startsWith('2026-03-01T07:30:00'),
    after.started_at,
  )

  const empty = await new House(8466).start('--no-demo')
  const opened = await Promise.all(
    Array.from({ length: 8 }, (_, number) =>
      new Cook(empty).insist('POST', '/api/v1/kitchens', {
        kitchen: `K${number}`,
        name: `n${number}`,
        password: 'long enough here',
      }),
    ),
  )
  await empty.stop()
  empty.remove()
  trial.must(
    'of eight who open a first kitchen one does',
    opened.filter(one => one.status === 201).length === 1,
    JSON.stringify(tally(opened)),
  )
  trial.figures = {
    rounds,
    undone,
    locked: locked.status,
    own: own.status,
    eightfold: all.map(tally),
    first_run: tally(opened),
    faults: faultsSince(began),
  }
  trial.must('nothing is in the log of faults', faultsSince(began) === 0)
} finally {
  await house.stop()
  house.remove()
}
trial.end()
