import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue()],
  resolve: { alias: { '@': `${import.meta.dirname}/web` } },
  test: {
    environment: 'node',
    include: ['web/**/*.test.ts'],
    setupFiles: ['web/testing/house.ts'],
    // A process a file costs ten times what the tests do; what one of them put in the way is taken away after it.
    isolate: false,
    unstubGlobals: true,
    restoreMocks: true,
  },
})
