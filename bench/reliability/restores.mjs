// A copy is put back again and again while several write: the kitchen is never malformed, and every acknowledged write is in the
// kitchen or in one of the kept files.
import { execFile, execFileSync } from 'node:child_process'
import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { Cook, House, Trial, event, tally, pause, root } from './house.mjs'

const run = promisify(execFile)

const restores = Number(process.argv[2] ?? 8)
const trial = new Trial('restores')
const house = await new House(8463).start()
try {
  const cook = new Cook(house)
  await cook.signIn()
  const batch = await cook.begin()
  const copy = join(house.folder, 'copy-of-the-start.sqlite')
  house.mill('backup', copy)
  const acknowledged = []
  const answers = []
  let writing = true
  const write = async () => {
    const own = new Cook(house)
    own.jar = new Map(cook.jar)
    while (writing) {
      const note = event('noted', { text: 'while a copy is put back' })
      const answer = await own.insist('POST', `/api/v1/batches/${batch.id}/events`, { events: [note] })
      answers.push(answer)
      if (answer.status === 200) acknowledged.push(note.id)
    }
  }
  const writers = Array.from({ length: 6 }, write)
  let failed = 0
  for (let restore = 0; restore < restores; restore++) {
    await pause(300)
    // Run beside the writers, not instead of them.
    await run('bin/mill', ['restore', copy], { cwd: root, env: house.env }).catch(() => failed++)
  }
  writing = false
  await Promise.all(writers)
  const files = readdirSync(house.folder)
    .filter(name => name.endsWith('.sqlite'))
    .map(name => join(house.folder, name))
  const php =
    'foreach (array_slice($argv, 1) as $f) { $d = new PDO("sqlite:".$f); if ($d->query("PRAGMA integrity_check")->fetchColumn() !== "ok") { echo "malformed\\n"; } foreach ($d->query("SELECT uuid FROM batch_events") as $r) { echo $r[0], "\\n"; } }'
  const kept = new Set(
    execFileSync('php', ['-r', php, ...files], { encoding: 'utf8', maxBuffer: 1e8 }).split('\n'),
  )
  const lost = acknowledged.filter(id => !kept.has(id)).length
  trial.figures = {
    restores,
    failed,
    acknowledged: acknowledged.length,
    lost,
    kept_files: files.length - 2,
    answers: tally(answers),
  }
  trial.must('every restore is done', failed === 0)
  trial.must('nothing is malformed', !kept.has('malformed'))
  trial.must(
    'every acknowledged write is in the kitchen or in a kept file',
    lost === 0,
    `${lost} of ${acknowledged.length}`,
  )
  trial.must(
    'no answer is a fault',
    answers.every(one => [200, 503].includes(one.status)),
    JSON.stringify(tally(answers)),
  )
} finally {
  await house.stop()
  house.remove()
}
trial.end()
