import { readLines, type LineDevice } from './lines'

export interface HeatReading {
  /** Null while the thermometer is not there. */
  celsius: number | null
}

/** One line of a thermometer: "surface 212.5 C". */
export function parseHeatLine(line: string): number | null {
  const found = /^surface (-?\d+(?:\.\d+)?) C$/.exec(line)
  return found ? Number(found[1]) : null
}

/** One line of a probe: "centre 91.4 C". */
export function parseCentreLine(line: string): number | null {
  const found = /^centre (-?\d+(?:\.\d+)?) C$/.exec(line)
  return found ? Number(found[1]) : null
}

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
