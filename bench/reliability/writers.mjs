// So many writers on one batch, with sign-ins and reads meanwhile: every answer is one that the contract knows, nothing is lost.
import { Cook, House, Trial, event, faultsSince, quantile, tally } from './house.mjs'

const writers = Number(process.argv[2] ?? 16)
const each = Number(process.argv[3] ?? 25)
const trial = new Trial('writers')
const began = new Date()
const house = await new House(8461).start()
try {
  const cook = new Cook(house)
  await cook.signIn()
  const batch = await cook.begin()
  const other = new Cook(house)
  await other.signIn()
  const answers = []
  const reads = []
  const signIns = []
  let writing = true
  const write = async () => {
    const own = new Cook(house)
    own.jar = new Map(cook.jar)
    for (let number = 0; number < each; number++) {
      const answer = await own.insist('POST', `/api/v1/batches/${batch.id}/events`, {
        events: [event('noted', { text: `note ${number}` })],
      })
      answers.push(answer)
    }
  }
  const meanwhile = (async () => {
    while (writing) {
      reads.push(await other.ask('GET', '/api/v1/batches'))
      signIns.push(await new Cook(house).signIn())
    }
  })()
  const start = performance.now()
  await Promise.all(Array.from({ length: writers }, write))
  const seconds = (performance.now() - start) / 1000
  writing = false
  await meanwhile
  const kept = (await cook.ask('GET', `/api/v1/batches/${batch.id}`)).json
  const acknowledged = answers.filter(one => one.status === 200).length
  trial.figures = {
    writers,
    acknowledged,
    kept: kept.event_count,
    log: kept.events.length,
    answers: tally(answers),
    reads: tally(reads),
    sign_ins: tally(signIns),
    sent_again: answers.reduce((sum, one) => sum + one.attempts - 1, 0),
    a_second: Math.round(acknowledged / seconds),
    write_p95_ms: Math.round(
      quantile(
        answers.map(one => one.ms),
        0.95,
      ),
    ),
    faults: faultsSince(began),
  }
  trial.must('every write is acknowledged', acknowledged === writers * each, JSON.stringify(tally(answers)))
  trial.must(
    'what was acknowledged is in the log, once',
    kept.event_count === acknowledged && kept.events.length === acknowledged,
    `${kept.events.length} of ${acknowledged}`,
  )
  trial.must(
    'reads and sign-ins are answered meanwhile',
    [...reads, ...signIns].every(one => one.status === 200),
    JSON.stringify([tally(reads), tally(signIns)]),
  )
  trial.must('nothing is in the log of faults', faultsSince(began) === 0)
} finally {
  await house.stop()
  house.remove()
}
trial.end()
