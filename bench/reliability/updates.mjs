// Updates, backups and restores are killed at any moment: the kitchen starts afterwards with all that was in it.
import { execFileSync, spawn } from 'node:child_process'
import { copyFileSync, existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pause, root, Trial } from './house.mjs'

const rounds = Number(process.argv[2] ?? 60)
const trial = new Trial('updates')
const folder = mkdtempSync(join(tmpdir(), 'mill-updates-'))
const kitchen = join(folder, 'kitchen.sqlite')
const old = join(root, 'database/fixtures/before-the-log-was-carried.sqlite')
const env = { ...process.env, MILL_DATABASE: kitchen }
const artisan = (...words) =>
  execFileSync('php', ['artisan', ...words], {
    cwd: root,
    env,
    stdio: ['ignore', 'pipe', 'pipe'],
    encoding: 'utf8',
  })
const ask = (file, question) =>
  execFileSync(
    'php',
    ['-r', '$d = new PDO("sqlite:".$argv[1]); echo $d->query($argv[2])->fetchColumn();', file, question],
    { encoding: 'utf8' },
  )
const EVENTS = 'SELECT count(*) FROM batch_events'
/** Kills a command after so many milliseconds, or lets it end. */
async function killed(after, ...words) {
  const child = spawn('php', ['artisan', ...words], { cwd: root, env, stdio: 'ignore' })
  const ended = new Promise(resolve =>
    child.once('exit', (code, signal) => resolve(signal ? 'killed' : code)),
  )
  const timer = setTimeout(() => child.kill('SIGKILL'), after)
  const how = await ended
  clearTimeout(timer)
  return how
}
const fresh = () => {
  for (const name of readdirSync(folder)) rmSync(join(folder, name), { force: true })
  copyFileSync(old, kitchen)
}
try {
  const events = ask(old, EVENTS)
  let stopped = 0
  let blocked = 0
  for (let round = 0; round < rounds; round++) {
    fresh()
    if ((await killed(120 + ((round * 977) % 900), 'mill:prepare')) === 'killed') stopped++
    try {
      artisan('mill:prepare')
      if (ask(kitchen, EVENTS) !== events) blocked++
    } catch {
      blocked++
    }
  }
  trial.must(
    'every start after a killed update finds the kitchen whole and current',
    blocked === 0,
    `${blocked} of ${rounds}`,
  )
  trial.must(
    'a copy of the one before is kept',
    (fresh(), artisan('mill:prepare'), readdirSync(folder).some(name => name.includes('-before-update-'))),
  )

  let halves = 0
  let copies = 0
  for (let round = 0; round < rounds / 4; round++) {
    const copy = join(folder, `copy-${round}.sqlite`)
    if ((await killed(100 + ((round * 37) % 200), 'mill:backup', copy)) === 'killed') copies++
    if (existsSync(copy) && ask(copy, 'PRAGMA integrity_check') !== 'ok') halves++
  }
  trial.must('no killed backup leaves a broken file under its name', halves === 0)

  const good = join(folder, 'good.sqlite')
  artisan('mill:backup', good)
  let lost = 0
  for (let round = 0; round < rounds / 4; round++) {
    await killed(120 + ((round * 53) % 500), 'mill:restore', good)
    try {
      artisan('mill:prepare')
      if (ask(kitchen, EVENTS) !== events) lost++
    } catch {
      lost++
    }
  }
  trial.must('a killed restore leaves one whole kitchen or the other', lost === 0, `${lost}`)

  // Broken, missing, and with another's log beside it.
  writeFileSync(kitchen, 'not a database at all')
  writeFileSync(kitchen + '-wal', 'nor a log')
  let said = ''
  try {
    artisan('mill:prepare')
  } catch (failure) {
    said = failure.stderr
  }
  trial.must(
    'a broken kitchen is said in one sentence at the start',
    /is damaged\. bin\/mill restore/.test(said),
    said,
  )
  artisan('mill:restore', good)
  trial.must('restore mends a broken kitchen', ask(kitchen, EVENTS) === events)
  trial.must(
    'and moves the broken files aside whole',
    readdirSync(folder)
      .filter(name => name.includes('-before-restore-'))
      .some(name => name.endsWith('-wal')),
  )
  rmSync(kitchen)
  artisan('mill:restore', good)
  trial.must('restore mends a missing kitchen', ask(kitchen, EVENTS) === events)
  trial.figures = {
    rounds,
    updates_killed: stopped,
    starts_blocked: blocked,
    backups_killed: copies,
    broken_copies: halves,
    restores_lost: lost,
  }
  await pause(0)
} finally {
  rmSync(folder, { recursive: true, force: true })
}
trial.end()
