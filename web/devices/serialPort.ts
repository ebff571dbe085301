import type { LineDevice } from './lines'

/** The part of a browser's serial port that is used here. */
interface Port {
  readable: ReadableStream<Uint8Array> | null
  writable: WritableStream<Uint8Array> | null
  open(options: { baudRate: number }): Promise<void>
}

interface SerialHost {
  serial?: { requestPort(): Promise<Port> }
}

const BAUD_RATE = 9600

export function canConnect(): boolean {
  return 'serial' in navigator
}

/** Asks the cook for a port and opens it. Resolves to null where none was chosen or it would not open. */
export async function connect(name: string): Promise<LineDevice | null> {
  try {
    const port = await (navigator as unknown as SerialHost).serial?.requestPort()
    if (!port) return null
    await port.open({ baudRate: BAUD_RATE })
    return deviceOn(port, name)
  } catch {
    return null
  }
}

export function deviceOn(port: Port, name: string): LineDevice {
  return {
    name,
    open: () => {
      if (!port.readable) throw new Error('Nothing answers at the port.')
      return port.readable
    },
    send: line => {
      const writer = port.writable?.getWriter()
      void writer
        ?.write(new TextEncoder().encode(`${line}\n`))
        .catch(() => undefined)
        .finally(() => writer.releaseLock())
    },
  }
}
