// Workers and masters are killed while several write: what was acknowledged is in the log, once, and the house answers again.
// At last the first process is killed: nothing may go on holding the port.
import { execFileSync } from 'node:child_process'
import { Cook, House, Trial, event, pause } from './house.mjs'

const kills = Number(process.argv[2] ?? 20)
const trial = new Trial('kills')
const house = await new House(8462).start()
try {
  const cook = new Cook(house)
  await cook.signIn()
  const batch = await cook.begin()
  const acknowledged = new Set()
  const unknown = []
  let writing = true
  const write = async () => {
    const own = new Cook(house)
    own.jar = new Map(cook.jar)
    while (writing) {
      const note = event('noted', { text: 'while things break' })
      const answer = await own.insist('POST', `/api/v1/batches/${batch.id}/events`, { events: [note] })
      if (answer.status === 200) acknowledged.add(note.id)
      else unknown.push(answer)
    }
  }
  const writers = Array.from({ length: 4 }, write)
  let replaced = 0
  for (let kill = 0; kill < kills; kill++) {
    await pause(300)
    const [kind, whom] = [
      ['php-fpm', 'worker'],
      ['nginx', 'worker'],
      ['php-fpm', 'worker'],
      ['php-fpm', 'master'],
      ['nginx', 'master'],
    ][kill % 5]
    const found = house.workers(kind)
    const victim = whom === 'master' ? found.master : found.workers[kill % found.workers.length]
    if (!victim) continue
    try {
      process.kill(victim, 'SIGKILL')
    } catch {
      continue
    }
    for (let tries = 0; tries < 100; tries++) {
      await pause(50)
      if (
        (await cook.ask('GET', '/up', undefined, 2000)).status === 200 &&
        house.workers(kind).workers.length >= found.workers.length
      ) {
        replaced++
        break
      }
    }
  }
  writing = false
  await Promise.all(writers)
  const kept = (await cook.insist('GET', `/api/v1/batches/${batch.id}`)).json
  const log = kept.events.map(one => one.id)
  trial.figures = {
    kills,
    replaced,
    acknowledged: acknowledged.size,
    kept: log.length,
    unknown: unknown.length,
  }
  trial.must(
    'every acknowledged entry is in the log',
    [...acknowledged].every(id => log.includes(id)),
  )
  trial.must('no entry is in the log twice', new Set(log).size === log.length)
  trial.must(
    'the house answers with all its workers after every kill',
    replaced === kills,
    `${replaced} of ${kills}`,
  )
  trial.must('the kitchen is sound', house.mill('doctor').said.includes('nothing out of order'))
  process.kill(house.process.pid, 'SIGKILL')
  await pause(1500)
  const holding = execFileSync(
    'bash',
    ['-c', `(exec 3<>/dev/tcp/127.0.0.1/${house.port}) 2>/dev/null && echo held || echo free`],
    { encoding: 'utf8' },
  ).trim()
  trial.figures.port_after_the_first_process = holding
  trial.must('nothing holds the port after the first process is killed', holding === 'free')
} finally {
  await house.stop('SIGKILL')
  house.remove()
}
trial.end()
