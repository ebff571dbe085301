import { defineConfig } from '@playwright/test'
import base from './playwright.config'

/** Takes the pictures of docs/screenshots/ from the demo data. */
export default defineConfig({ ...base, testDir: 'docs/shots' })
