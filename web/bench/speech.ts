export function canSpeak(): boolean {
  return 'speechSynthesis' in window
}

/** Says something by the browser's own voice; what was being said gives way. */
export function speak(words: string): void {
  if (!canSpeak()) return
  window.speechSynthesis.cancel()
  const spoken = new SpeechSynthesisUtterance(words)
  spoken.lang = 'en'
  window.speechSynthesis.speak(spoken)
}
