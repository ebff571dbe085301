/** A device that speaks in lines of text, as one on a serial port does. A stand-in offers the same. */
export interface LineDevice {
  readonly name: string
  /** The bytes as they come. The stream ends when the device is unplugged; opening it again fails until it is back. */
  open(): ReadableStream<Uint8Array>
  /** Tells the device something, such as to set itself to zero. */
  send(line: string): void
}

const AGAIN_MILLISECONDS = 600

/** Hands on whole lines, over unplugging and plugging in again, until it is stopped. */
export function readLines(
  device: LineDevice,
  take: (line: string) => void,
  lost: () => void,
  againAfter = AGAIN_MILLISECONDS,
): () => void {
  let stopped = false
  let reader: ReadableStreamDefaultReader<Uint8Array> | null = null
  let timer: ReturnType<typeof setTimeout> | undefined

  async function read() {
    const text = new TextDecoder()
    let rest = ''
    try {
      reader = device.open().getReader()
      for (;;) {
        const { value, done } = await reader.read()
        if (done || stopped) break
        rest += text.decode(value, { stream: true })
        const lines = rest.split('\n')
        rest = lines.pop() ?? ''
        for (const line of lines) take(line.trim())
      }
    } catch {
      // Not there, or gone in the middle of a line: both are told as lost.
    }
    if (stopped) return
    lost()
    timer = setTimeout(() => void read(), againAfter)
  }

  void read()
  return () => {
    stopped = true
    clearTimeout(timer)
    void reader?.cancel().catch(() => undefined)
  }
}
