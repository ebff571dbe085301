import { describe, expect, it, vi } from 'vitest'
import { parseScaleLine, Scale, Steadiness, type ScaleReading } from './scale'
import { ScaleStandIn } from './scaleStandIn'

/** Noise that is the same on every run. */
function noise(): () => number {
  let state = 7
  return () => {
    state = (state * 16807) % 2147483647
    return state / 2147483647
  }
}

function look(scale: ScaleStandIn): number {
  const value = parseScaleLine(scale.line())
  if (typeof value !== 'number') throw new Error('The scale shows no number.')
  return value
}

function settled(scale: ScaleStandIn): number {
  const steadiness = new Steadiness(1)
  for (let times = 0; times < 100; times++) {
    const grams = look(scale)
    if (steadiness.take(grams) && times > 12) return grams
  }
  throw new Error('The scale never came to rest.')
}

describe('the scale stand-in', () => {
  it('comes to rest within a step of what lies on it', () => {
    const scale = new ScaleStandIn(1, noise())
    for (const grams of [603, 560, 3, 0, 1999]) {
      scale.setTo(grams)
      expect(Math.abs(settled(scale) - grams)).toBeLessThanOrEqual(1)
    }
  })

  it('is not steady while it swings', () => {
    const scale = new ScaleStandIn(1, noise())
    const steadiness = new Steadiness(1)
    scale.setTo(600)
    expect([1, 2, 3, 4].map(() => steadiness.take(look(scale)))).toEqual([false, false, false, false])
  })

  it('shows whole steps only, and what is taken off a tared bowl below zero', () => {
    const scale = new ScaleStandIn(5, noise())
    scale.setTo(83)
    for (let times = 0; times < 50; times++) expect(look(scale) % 5).toBeCloseTo(0)
    scale.send('tare')
    scale.put(-40)
    for (let times = 0; times < 50; times++) look(scale)
    expect(look(scale)).toBe(-40)
  })

  it('drifts until it is tared', () => {
    const scale = new ScaleStandIn(1, noise(), 0.01)
    for (let times = 0; times < 800; times++) scale.line()
    expect(look(scale)).toBeGreaterThan(5)
    scale.send('tare')
    expect(Math.abs(look(scale))).toBeLessThanOrEqual(1)
  })

  it('says so when too much lies on it', () => {
    const scale = new ScaleStandIn(1, noise())
    scale.setTo(9000)
    expect(scale.line()).toBe('scale over')
  })
})

describe('a scale on a cable', () => {
  it('is lost when the cable is pulled, and goes on when it is back', async () => {
    vi.useFakeTimers()
    const device = new ScaleStandIn(1, noise())
    device.setTo(250)
    const readings: ScaleReading[] = []
    const stop = new Scale(device, 1).watch(reading => readings.push(reading), 300)
    await vi.advanceTimersByTimeAsync(3000)
    expect(readings.at(-1)).toMatchObject({ steady: true, trouble: '' })
    device.cable.unplug()
    await vi.advanceTimersByTimeAsync(1000)
    expect(readings.at(-1)).toEqual({ grams: null, steady: false, trouble: 'unplugged' })
    device.cable.plug()
    await vi.advanceTimersByTimeAsync(3000)
    expect(readings.at(-1)).toMatchObject({ steady: true, trouble: '' })
    expect(Math.abs((readings.at(-1)?.grams ?? 0) - 250)).toBeLessThanOrEqual(1)
    stop()
    const heard = readings.length
    await vi.advanceTimersByTimeAsync(1000)
    expect(readings.length).toBe(heard)
    vi.useRealTimers()
  })

  it.each([
    ['scale 312.4 g', 312.4],
    ['scale -3 g', -3],
    ['scale over', 'over'],
    ['scale 12 kg', null],
    ['', null],
    ['312', null],
  ])('reads the line "%s"', (line, value) => {
    expect(parseScaleLine(line)).toBe(value)
  })
})
