/** What is kept on this device is kept apart by person: nobody finds another cook's pages, drafts or unsent entries. */
const BEFORE = /^mill\.(draft|formula)\./

let name = ''

/** From here on this device is this cook's; nobody's with an empty name. */
export function isHere(person: string, store: Storage = localStorage): void {
  name = encodeURIComponent(person)
  if (name) adopt(store)
}

/** Whose it is, as a part of names that are kept. */
export function person(): string {
  return name
}

/** The name under which something of this cook's is kept. */
export function own(key: string): string {
  return `mill.of.${name}.${key}`
}

/** An earlier version kept drafts for whoever came: they go to whoever comes first now, so that none is lost. */
function adopt(store: Storage): void {
  for (const key of Object.keys(store).filter(one => BEFORE.test(one))) {
    const mine = own(key.slice('mill.'.length))
    if (store.getItem(mine) === null) store.setItem(mine, store.getItem(key) ?? '')
    store.removeItem(key)
  }
}
