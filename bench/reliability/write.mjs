// The trials' figures as a page: node write.mjs FOLDER.
import { readFileSync } from 'node:fs'

const folder = process.argv[2]
const of = trial => JSON.parse(readFileSync(`${folder}/${trial}`, 'utf8'))
const one = value => (typeof value === 'object' ? JSON.stringify(value) : String(value))
const say = value =>
  Array.isArray(value)
    ? value.map(one).join(', ')
    : Object.entries(value)
        .map(([name, each]) => `${name}: ${one(each)}`)
        .join(', ')
const whole = number => number.toFixed(0)
const w = of('writers')
const k = of('kills')
const u = of('updates')
const r = of('restores')
const s = of('sessions')
const h = of('hostile')
const p = of('share')
const g = of('growth')

const rows = [
  [
    'writers on one batch, sign-ins and reads meanwhile',
    `${w.writers} writers, ${w.acknowledged} writes: answers ${say(w.answers)}; ${w.kept} in the log; ${w.a_second} a second, 95 % within ${w.write_p95_ms} ms`,
    '4 to 32 writers: 58–71 % of answers 500',
  ],
  [
    'servers killed while four write',
    `${k.kills} kills, answered with all workers after ${k.replaced}; ${k.acknowledged} acknowledged, none lost, none doubled; port after the first process is killed: ${k.port_after_the_first_process}`,
    'dead workers not replaced; orphans held the port',
  ],
  [
    'updates killed at any moment',
    `${u.updates_killed} of ${u.rounds} killed; later starts blocked: ${u.starts_blocked}`,
    '14 of 60 blocked every later start',
  ],
  [
    'backups killed',
    `${u.backups_killed} killed; broken files under their name: ${u.broken_copies}`,
    'a broken file under its name',
  ],
  ['restores killed', `kitchens lost: ${u.restores_lost}`, 'not measured'],
  [
    'restores while six write',
    `${r.restores} restores, ${r.acknowledged} acknowledged writes, ${r.lost} in neither file; answers ${say(r.answers)}`,
    'malformed after 6 of about 55; over 100 writes in neither file',
  ],
  ['sign-out under polling', `signed in again: ${s.undone} of ${s.rounds}`, '36 of 40'],
  [
    'wrong tries by a stranger',
    `the stranger: ${s.locked}; the cook on a known device: ${s.own}`,
    'five locked the cook out',
  ],
  [
    'the same thing sent eight times at once (batch, bread, version, plan, verdict, entry)',
    say(s.eightfold),
    'UNIQUE violation as 500; a resend after a lost answer 409',
  ],
  ['eight first-run requests at once', say(s.first_run), 'five kitchens'],
  [
    'hostile bodies, addresses and raw JSON over every route',
    `${h.asked} asked: ${say(h.answers)}; 5xx: ${h.bad}; lines in the log: ${h.faults}`,
    '342 of 1,260 corner cases crashed',
  ],
  ['a body of 1 GB', `${h.gigabyte}; largest worker ${h.largest_worker_mb} MB`, 'a worker of 1.2 GB'],
  [
    "another cook's ping while one asks for all that is slow",
    `median ${p.ping_p50_ms} ms, 95 % ${p.ping_p95_ms} ms, worst ${p.ping_worst_ms} ms (alone ${p.quiet_ping_ms} ms)`,
    'held up for seconds',
  ],
  [
    'slow questions alone: plan, cut-outs, day of two, day of twelve, comparison',
    p.alone_ms.map(([what, ms]) => `${what} in ${ms} ms`).join(', '),
    '4.5 s, 6.8 s, –, 7 s, –',
  ],
  ...g.kitchens.map(kitchen => [
    `kitchen of ${kitchen.batches} batches: list; a shape never made; a known one; start of the house`,
    `${[kitchen.list_ms, kitchen.begin_ms, kitchen.known_ms, kitchen.start_ms].map(whole).join(', ')} ms; ${kitchen.reached} reached by paging`,
    'list 2.6 s at 200; new shape 1.5 s at 10,000; 200 reachable',
  ]),
  [
    `one more entry on a log of ${g.logs.map(log => log.entries).join(' and ')}, its undo, its answer`,
    `${g.logs.map(log => `${whole(log.one_ms)} ms, ${whole(log.undo_ms)} ms, ${(log.answer_bytes / 1000).toFixed(1)} kB`).join('; ')}; ratio ${g.entry_ratio.toFixed(2)}`,
    '1 s at 8,000',
  ],
]

const today = new Date().toISOString().slice(0, 10)
console.log(`# The house under attack, ${today}

Written by \`bash bench/reliability/run.sh\` on this machine (shared; times only say on what). The short form runs with the tests.
The column *before* is what the same attacks found on the version before.

| trial | now | before |
| --- | --- | --- |
${rows.map(row => `| ${row.join(' | ')} |`).join('\n')}

Every question with documents from the corners of the published schemas: asked, answered (the others refused by name), median, 99 %, worst in ms. No other end of any kind.

| question | asked | answered | median | 99 % | worst |
| --- | --- | --- | --- | --- | --- |
${readFileSync(`${folder}/fuzz`, 'utf8').trimEnd()}`)
