/** Bytes of lines at even times, as a plugged-in device sends them, until it is unplugged. */
export class StandInCable {
  private plugged = true
  private pull: (() => void) | null = null

  constructor(
    private readonly everyMilliseconds: number,
    private readonly line: () => string,
  ) {}

  get isPlugged(): boolean {
    return this.plugged
  }

  open(): ReadableStream<Uint8Array> {
    if (!this.plugged) throw new Error('Nothing answers at the port.')
    const bytes = new TextEncoder()
    let timer: ReturnType<typeof setInterval> | undefined
    return new ReadableStream<Uint8Array>({
      start: stream => {
        timer = setInterval(() => stream.enqueue(bytes.encode(`${this.line()}\n`)), this.everyMilliseconds)
        this.pull = () => {
          clearInterval(timer)
          stream.close()
        }
      },
      cancel: () => {
        clearInterval(timer)
        this.pull = null
      },
    })
  }

  unplug(): void {
    this.plugged = false
    this.pull?.()
    this.pull = null
  }

  plug(): void {
    this.plugged = true
  }
}
