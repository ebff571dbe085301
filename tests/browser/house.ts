import { spawn, type ChildProcess } from 'node:child_process'
import { mkdirSync, rmSync } from 'node:fs'

/** A house of its own that a test may switch off and on again; its kitchen stays. */
export class House {
  private process: ChildProcess | null = null
  readonly address: string

  constructor(
    private readonly port: number,
    private readonly holds: 'the demo kitchen' | 'nobody yet' = 'the demo kitchen',
  ) {
    this.address = `http://127.0.0.1:${port}`
    rmSync(this.folder, { recursive: true, force: true })
    mkdirSync(this.folder, { recursive: true })
  }

  async start(): Promise<void> {
    const empty = this.holds === 'nobody yet' ? ['--no-demo'] : []
    this.process = spawn('bin/mill', ['demo', ...empty, '--port', String(this.port)], {
      env: {
        ...process.env,
        MILL_DATABASE: `${this.folder}/kitchen.sqlite`,
        MILL_COPIES: `${this.folder}/copies`,
      },
      stdio: 'ignore',
    })
    for (let tries = 0; tries < 240; tries++) {
      if (this.process.exitCode !== null) throw new Error(`The house ended with ${this.process.exitCode}.`)
      if (
        await fetch(`${this.address}/icon.svg`).then(
          answer => answer.ok,
          () => false,
        )
      )
        return
      await new Promise(wait => setTimeout(wait, 250))
    }
    throw new Error('The house did not start.')
  }

  async stop(): Promise<void> {
    const process = this.process
    if (!process) return
    // One that ended by itself says so no second time.
    const gone =
      process.exitCode === null
        ? new Promise(resolve => process.once('exit', resolve))
        : Promise.resolve(null)
    process.kill('SIGTERM')
    await gone
    this.process = null
  }

  get folder(): string {
    return `tests/browser/.houses/house-${this.port}`
  }
}
