// Writes public/sw.js: the page and all it is built of are kept on the tablet, and what the house last said of itself. What it
// last said of a batch the page keeps itself, since that comes with other answers too. Run after each build.
import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { generateSW } from 'workbox-build'

const manifest = readFileSync('public/build/manifest.json')
const page = readFileSync('resources/views/page.blade.php')
const revision = createHash('sha256').update(manifest).update(page).digest('hex').slice(0, 16)

const { count, size, warnings } = await generateSW({
  swDest: 'public/sw.js',
  globDirectory: 'public/build',
  globPatterns: ['assets/**/*.{js,css,woff2}'],
  modifyURLPrefix: { '': '/build/' },
  additionalManifestEntries: [
    { url: '/', revision },
    { url: '/icon.svg', revision },
  ],
  // Every place of the application is the same page.
  navigateFallback: '/',
  navigateFallbackDenylist: [/^\/api\//, /^\/guides\//, /^\/batches\//],
  // File names carry a hash of what is in them.
  dontCacheBustURLsMatching: /assets\//,
  runtimeCaching: [
    {
      urlPattern: /\/api\/v1\/(session|kitchen|batches|day)(\?.*)?$/,
      handler: 'NetworkFirst',
      options: { cacheName: 'mill-house', networkTimeoutSeconds: 5 },
    },
  ],
  cleanupOutdatedCaches: true,
  clientsClaim: true,
  skipWaiting: true,
  inlineWorkboxRuntime: true,
  sourcemap: false,
})
for (const warning of warnings) console.warn(warning)
console.log(`sw.js keeps ${count} files, ${Math.round(size / 1024)} kB`)
