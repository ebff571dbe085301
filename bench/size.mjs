/* What a first visit to Today loads: main and its static imports, and the page of Today; or all fonts. Gzipped kB. */
import { readFileSync, readdirSync } from 'node:fs'
import { gzipSync } from 'node:zlib'

const kind = process.argv[2]
const folder = 'public/build'
const manifest = JSON.parse(readFileSync(`${folder}/manifest.json`, 'utf8'))

function withImports(key, seen = new Set()) {
  if (seen.has(key)) return seen
  seen.add(key)
  for (const next of manifest[key]?.imports ?? []) withImports(next, seen)
  return seen
}

const files =
  kind === 'js'
    ? [...new Set([...withImports('web/main.ts'), ...withImports('web/places/Today.vue')])].map(
        key => manifest[key].file,
      )
    : readdirSync(`${folder}/assets`)
        .filter(name => name.endsWith('.woff2'))
        .map(name => `assets/${name}`)
const bytes = files.reduce(
  (sum, file) =>
    sum +
    (kind === 'js'
      ? gzipSync(readFileSync(`${folder}/${file}`)).length
      : readFileSync(`${folder}/${file}`).length),
  0,
)
console.log(Math.round(bytes / 1000))
