/** What a fader tells while it is moved: from where, to where, and where one more step the same way leads, if it can be taken. */
export interface Slide {
  from: number
  to: number
  next: number | null
}

let sliding: Slide | null = null

/** Does what follows from a fader's move, with the move known to whatever follows at once. */
export function whileSliding(slide: Slide, follow: () => void): void {
  sliding = slide
  try {
    follow()
  } finally {
    sliding = null
  }
}

/** The move that is being followed, or null where something else than a fader was touched. */
export function slideUnderWay(): Slide | null {
  return sliding
}
