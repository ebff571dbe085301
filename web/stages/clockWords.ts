const WORTH_SAYING_MILLISECONDS = 30_000

/** That this device's clock is wrong, and that it does not matter; nothing where it is about right. */
export function clockWords(behindMilliseconds: number): string {
  const off = Math.abs(behindMilliseconds)
  if (off < WORTH_SAYING_MILLISECONDS) return ''
  const minutes = Math.round(off / 60_000)
  const much =
    off < 90_000
      ? `${Math.round(off / 1000)} s`
      : minutes < 120
        ? `${minutes} min`
        : `${Math.round(minutes / 60)} h`
  return `This device’s clock is ${much} ${behindMilliseconds > 0 ? 'behind' : 'ahead of'} the house. Times here are the house’s.`
}
