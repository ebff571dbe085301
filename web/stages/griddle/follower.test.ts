import { describe, expect, it } from 'vitest'
import { Follower } from './follower'

const readings = (follower: Follower, celsius: number[], planned = 230, from = 0) =>
  celsius.map((one, index) => follower.take(one, planned, from + index * 250)).filter(one => one !== null)

describe('following the metal', () => {
  it('does not run after noise', () => {
    const noise = Array.from({ length: 60 }, (_, index) => 230 + (index % 2 ? 3 : -3))
    expect(readings(new Follower([130, 330]), noise)).toEqual([])
  })

  it('says the new heat once it has stood for two seconds, and then is quiet for a while', () => {
    const hot = Array.from({ length: 12 }, () => 244.6)
    expect(readings(new Follower([130, 330]), hot)).toEqual([245])
  })

  it('says nothing for one wild reading', () => {
    expect(readings(new Follower([130, 330]), [230, 230, 230, 262, 230, 230, 230, 230, 230])).toEqual([])
  })

  it.each([20, 129, 331, 520])('never plans for a griddle at %d °C', celsius => {
    expect(
      readings(
        new Follower([130, 330]),
        Array.from({ length: 20 }, () => celsius),
      ),
    ).toEqual([])
  })
})
