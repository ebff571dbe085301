import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue()],
  resolve: { alias: { '@': `${import.meta.dirname}/web` } },
  test: { environment: 'node', include: ['web/**/*.test.ts'], setupFiles: ['web/testing/house.ts'] },
})
