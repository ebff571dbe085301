/** Debian's Chromium, headless, asking nobody outside for anything. */
export const chromium = {
  browserName: 'chromium' as const,
  headless: true,
  launchOptions: {
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  },
}
