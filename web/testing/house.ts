/** Tests that need no browser still ask a house at some address. */
Object.defineProperty(globalThis, 'location', {
  value: new URL('https://kitchen.test/'),
  configurable: true,
  writable: true,
})
