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
import { registerServiceWorker } from './bench/serviceWorker'
import { router } from './router'

createApp(App).use(createPinia()).use(router).mount('#app')
registerServiceWorker()
