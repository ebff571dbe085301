import { afterEach, describe, expect, it, vi } from 'vitest'
import { Scale, type ScaleReading } from './scale'
import { canConnect, connect, deviceOn } from './serialPort'

/** A port as a browser gives it, with what was written to it. */
function fakePort(lines: string[]) {
  const written: string[] = []
  const bytes = new TextEncoder()
  return {
    written,
    readable: new ReadableStream<Uint8Array>({
      start: stream => lines.forEach(line => stream.enqueue(bytes.encode(line))),
    }),
    writable: new WritableStream<Uint8Array>({
      write: chunk => {
        written.push(new TextDecoder().decode(chunk))
      },
    }),
    open: vi.fn(() => Promise.resolve()),
  }
}

afterEach(() => vi.unstubAllGlobals())

describe('a real device on a serial port', () => {
  it('is read over lines that arrive in pieces', async () => {
    const port = fakePort(['scale 100', ' g\nscale 100 g\nsca', 'le 100 g\nscale 100 g\nnonsense\n'])
    const readings: ScaleReading[] = []
    const stop = new Scale(deviceOn(port, 'Scale'), 1).watch(reading => readings.push(reading))
    await vi.waitFor(() => expect(readings.length).toBe(4))
    expect(readings.map(reading => reading.grams)).toEqual([100, 100, 100, 100])
    expect(readings.at(-1)?.steady).toBe(true)
    stop()
  })

  it('is told to set itself to zero', async () => {
    const port = fakePort([])
    new Scale(deviceOn(port, 'Scale'), 1).tare()
    await vi.waitFor(() => expect(port.written).toEqual(['tare\n']))
  })

  it('is opened once the cook has chosen it, and is not there if none was chosen', async () => {
    const port = fakePort([])
    vi.stubGlobal('navigator', { serial: { requestPort: () => Promise.resolve(port) } })
    expect(canConnect()).toBe(true)
    expect((await connect('Bench'))?.name).toBe('Bench')
    expect(port.open).toHaveBeenCalledWith({ baudRate: 9600 })
    vi.stubGlobal('navigator', { serial: { requestPort: () => Promise.reject(new Error('None chosen.')) } })
    expect(await connect('Bench')).toBeNull()
    vi.stubGlobal('navigator', {})
    expect(canConnect()).toBe(false)
    expect(await connect('Bench')).toBeNull()
  })
})
