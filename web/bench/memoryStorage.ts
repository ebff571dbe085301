/** The fake of the browser's storage that tests of the bench share. */
export class MemoryStorage {
  readonly kept = new Map<string, string>()

  getItem(key: string): string | null {
    return this.kept.get(key) ?? null
  }

  setItem(key: string, value: string): void {
    this.kept.set(key, value)
  }

  removeItem(key: string): void {
    this.kept.delete(key)
  }
}
