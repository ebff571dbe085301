// A house of its own for a trial: bin/mill demo on a database of its own, and cooks with a cookie jar each.
import { fileURLToPath } from 'node:url'
import { spawn, execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, existsSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { randomUUID } from 'node:crypto'

export const root = fileURLToPath(new URL('../..', import.meta.url))
export const uuid = randomUUID

export class House {
  constructor(port, folder = mkdtempSync(join(tmpdir(), 'mill-trial-'))) {
    this.port = port
    this.folder = folder
    this.kitchen = join(folder, 'kitchen.sqlite')
    this.address = `http://127.0.0.1:${port}`
  }

  get env() {
    return { ...process.env, MILL_DATABASE: this.kitchen }
  }

  async start(...options) {
    // Wrong tries of an earlier trial are not held against this one.
    rmSync(join(root, 'storage/framework/cache/data'), { recursive: true, force: true })
    this.process = spawn('bin/mill', ['demo', '--port', String(this.port), ...options], {
      cwd: root,
      env: this.env,
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    this.said = ''
    this.process.stdout.on('data', text => (this.said += text))
    this.process.stderr.on('data', text => (this.said += text))
    const ended = new Promise(resolve => this.process.once('exit', resolve))
    for (let tries = 0; tries < 1200; tries++) {
      if (this.said.includes('Ctrl-C')) return this
      if (await Promise.race([ended.then(() => true), pause(50)]))
        throw new Error(`The house did not start: ${this.said}`)
    }
    throw new Error('The house did not start in a minute.')
  }

  async stop(signal = 'SIGTERM') {
    if (!this.process || this.process.exitCode !== null || this.process.signalCode !== null) return
    const gone = new Promise(resolve => this.process.once('exit', resolve))
    this.process.kill(signal)
    await gone
  }

  /** One of the house's own commands, on its kitchen. */
  mill(...words) {
    try {
      const out = execFileSync('bin/mill', words, {
        cwd: root,
        env: this.env,
        stdio: ['ignore', 'pipe', 'pipe'],
      })
      return { code: 0, said: String(out) }
    } catch (failure) {
      return { code: failure.status, said: String(failure.stdout) + String(failure.stderr) }
    }
  }

  /** Processes of the servers, by their masters' groups. */
  workers(kind) {
    const found = execFileSync('ps', ['-eo', 'pid,ppid,args'], { encoding: 'utf8' })
      .split('\n')
      .map(line => line.trim().match(/^(\d+) +(\d+) +(.*)$/))
      .filter(Boolean)
    const run = found.find(
      ([, , parent, args]) => Number(parent) === this.process.pid && args.startsWith(`${kind}: master`),
    )
    if (!run) return { master: null, workers: [] }
    return {
      master: Number(run[1]),
      workers: found.filter(([, , parent]) => parent === run[1]).map(([, pid]) => Number(pid)),
    }
  }

  remove() {
    rmSync(this.folder, { recursive: true, force: true })
  }
}

export class Cook {
  constructor(house) {
    this.house = house
    this.jar = new Map()
  }

  async signIn(name = 'cook', password = 'masa-and-water') {
    return this.ask('POST', '/api/v1/session', { name, password })
  }

  async ask(method, path, body, patience = 15000) {
    const began = performance.now()
    let answer
    try {
      answer = await fetch(this.house.address + path, {
        method,
        headers: {
          Accept: 'application/json',
          ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
          Cookie: [...this.jar].map(([name, value]) => `${name}=${value}`).join('; '),
        },
        body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
        signal: AbortSignal.timeout(patience),
      })
    } catch (failure) {
      return { status: 0, json: null, ms: performance.now() - began, why: String(failure.cause ?? failure) }
    }
    for (const cookie of answer.headers.getSetCookie()) {
      const [name, value] = cookie.split(';')[0].split('=')
      this.jar.set(name, value)
    }
    const text = await answer.text().catch(() => '')
    let json = null
    try {
      json = JSON.parse(text)
    } catch {
      // Not every answer is JSON.
    }
    return {
      status: answer.status,
      json,
      ms: performance.now() - began,
      bytes: text.length,
      retry: answer.headers.get('Retry-After'),
    }
  }

  /** As the page does: what the house could not take is sent again, the same, until it is. */
  async insist(method, path, body, tries = 80) {
    for (let attempt = 0; ; attempt++) {
      const answer = await this.ask(method, path, body)
      if (![0, 429, 502, 503, 504].includes(answer.status) || attempt >= tries)
        return { ...answer, attempts: attempt + 1 }
      await pause(Math.min(1000, 50 * 2 ** Math.min(attempt, 4)))
    }
  }

  async begin(style = 'pressed-masa') {
    const kitchen = (await this.insist('GET', '/api/v1/kitchen')).json
    const bread = kitchen.breads.find(one => one.style === style)
    return (
      await this.insist('POST', '/api/v1/batches', {
        id: uuid(),
        bread: bread.id,
        at: new Date().toISOString(),
      })
    ).json
  }
}

export const event = (kind, fields = {}) => ({ id: uuid(), kind, at: new Date().toISOString(), ...fields })

/** One that any batch takes. */
export const VERDICT = {
  pliability: 'wraps',
  puff: 'full',
  shade_first: 0.5,
  shade_second: 0.4,
  cracks: 'none',
  sticking: 'none',
  pieces_good: 1,
  pieces_second: 0,
  pieces_lost: 0,
  notes: null,
}

export const pause = ms => new Promise(resolve => setTimeout(resolve, ms))

export function tally(answers) {
  const counts = {}
  for (const { status } of answers) counts[status] = (counts[status] ?? 0) + 1
  return counts
}

export const quantile = (values, share) => {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0
}

/** Lines of the house's log that tell of a fault, since a moment. */
export function faultsSince(moment) {
  const day = new Date().toISOString().slice(0, 10)
  const file = join(root, `storage/logs/mill-${day}.log`)
  if (!existsSync(file)) return 0
  return readFileSync(file, 'utf8')
    .split('\n')
    .filter(
      line =>
        /^\[\d{4}/.test(line) &&
        line.includes('.ERROR') &&
        line.slice(1, 20) >= moment.toISOString().slice(0, 19).replace('T', ' '),
    ).length
}

/** Collects what must hold; the process fails if anything does not. */
export class Trial {
  constructor(name) {
    this.name = name
    this.broken = []
    this.figures = {}
  }

  must(sentence, holds, found = '') {
    if (!holds) this.broken.push(`${sentence}${found === '' ? '' : ` (${found})`}`)
  }

  end() {
    console.log(JSON.stringify({ trial: this.name, ...this.figures, broken: this.broken }))
    for (const sentence of this.broken) console.error(`${this.name}: did not hold: ${sentence}`)
    process.exitCode = this.broken.length ? 1 : 0
  }
}
