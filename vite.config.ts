import vue from '@vitejs/plugin-vue'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [laravel({ input: ['web/main.ts'], refresh: false }), vue()],
  resolve: { alias: { '@': `${import.meta.dirname}/web` } },
  build: {
    target: 'es2022',
    sourcemap: false,
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      output: {
        codeSplitting: {
          // What every page stands on comes in one piece: a dozen small ones cost a slow tablet more than their bytes.
          groups: [
            {
              name: 'frame',
              test: /node_modules\/(@?vue|vue-router|pinia|@vueuse|openapi-fetch|idb)\//,
              priority: 2,
            },
            {
              name: 'home',
              test: /\/web\/((api|bench)\/[^/]*\.ts$|ui\/(units|timeOfDay|week|cups|ownMeasures|serverWords|WheatMark|AllOrFewer)|pictures\/(BreadPicture|bread)\b|places\/(Today[A-Z]|BreadCard|use|trials\/useTrialBatch))/,
              priority: 1,
            },
          ],
        },
      },
    },
  },
})
