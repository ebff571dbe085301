import { tellAll } from './begin'
import { forgetTheHouse } from './serviceWorker'

/** What was written on this device goes to the house before the page turns to another kitchen or copy, and nothing of the old one stays here. */
export async function turnTo(asked: () => Promise<unknown>): Promise<void> {
  await tellAll()
  await asked()
  await forgetTheHouse()
  location.assign('/')
}
