import launchOptions from './chromium.json' with { type: 'json' }

/** Debian's Chromium, headless, asking nobody outside for anything. */
export const chromium = { browserName: 'chromium' as const, headless: true, launchOptions }
