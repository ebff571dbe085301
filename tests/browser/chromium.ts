import launchOptions from './chromium.json' with { type: 'json' }

/** Debian's Chromium, headless, asking nobody outside for anything. */
export const chromium = { browserName: 'chromium' as const, headless: true, launchOptions }

/**
 * How every page of the tests begins. A worker that takes the page over in the middle of a test answers past what the test puts in
 * the way; where it is what is looked at, the test allows it.
 */
export const atFirst = {
  viewport: { width: 1280, height: 800 },
  reducedMotion: 'reduce',
  serviceWorkers: 'block',
} as const
