import '@fontsource/source-sans-3/latin-400.css'
import '@fontsource/source-sans-3/latin-600.css'
import '@fontsource/bitter/latin-600.css'
import './ui/element.css'
import './ui/tokens.css'
import './ui/base.css'
import './ui/print.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { openAnewWhereAPartIsMissing } from './bench/missingPart'
import { registerServiceWorker } from './bench/serviceWorker'
import { useHouse } from '@/bench/house'
import { router } from './router'

const pinia = createPinia()
openAnewWhereAPartIsMissing(router)
// Who is here is asked before anything is drawn; whoever needs it waits for the same answer, and says so where there is none.
void useHouse(pinia)
  .look()
  .catch(() => undefined)
// The page that the address names is fetched while the house says who is here.
for (const { components } of router.resolve(location.pathname).matched) {
  const page = components?.['default']
  if (typeof page === 'function') void (page as () => Promise<unknown>)().catch(() => undefined)
}

/** A house that is slow is not waited for: its frame is shown. */
const PATIENCE_MS = 600
const app = createApp(App).use(pinia).use(router)
// Drawn once, the whole page is there sooner than its frame first and the rest after it.
void Promise.race([
  router.isReady().catch(() => undefined),
  new Promise(then => setTimeout(then, PATIENCE_MS)),
]).then(() => app.mount('#app'))
registerServiceWorker()
