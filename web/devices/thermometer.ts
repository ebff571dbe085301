import { readLines, type LineDevice } from './lines'

export interface HeatReading {
  /** Null while the thermometer is not there. */
  celsius: number | null
}

function readingOf(word: string): (line: string) => number | null {
  const pattern = new RegExp(`^${word} (-?\\d+(?:\\.\\d+)?) C$`)
  return line => {
    const found = pattern.exec(line)
    return found ? Number(found[1]) : null
  }
}

/** One line of a thermometer: "surface 212.5 C". */
export const parseHeatLine = readingOf('surface')

/** One line of a probe: "centre 91.4 C". */
export const parseCentreLine = readingOf('centre')

/** A surface thermometer behind any device that speaks its lines. */
export function watchHeat(
  device: LineDevice,
  listener: (reading: HeatReading) => void,
  parse: (line: string) => number | null = parseHeatLine,
): () => void {
  return readLines(
    device,
    line => {
      const celsius = parse(line)
      if (celsius !== null) listener({ celsius })
    },
    () => listener({ celsius: null }),
  )
}
