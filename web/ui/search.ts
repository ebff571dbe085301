/** Whether a text says every one of the words that are looked for, whatever their case; looking for nothing finds all. */
export function saysAll(text: string, sought: string): boolean {
  const said = text.toLocaleLowerCase()
  return sought
    .toLocaleLowerCase()
    .split(/\s+/)
    .every(word => said.includes(word))
}
