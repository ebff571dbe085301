import type { Stage } from '@/api/types'

/** What a cook who has never judged a batch is told at each stage, once. */
export const HINTS: Record<Stage, string> = {
  choose:
    'Say how many you want and go on. Everything else has an answer already, and every number says why.',
  measure: 'Weigh a line, press the big button, take the next. What your scale really shows can be typed in.',
  water: 'Pour the first pour only. The rest waits until you have felt the dough.',
  mix: 'Knead, feel, and press the word that fits. It answers with grams; feel again until it is ready.',
  rest: 'Start the clock and leave: it rings on any page.',
  portion:
    'Put the bowl on the scale and take dough until it shows the next number, or skip it and divide by eye.',
  shape: 'One piece at a time, the others under the cloth. Hold the first against the ring.',
  griddle:
    'Turn the griddle on when it says so, lay when it is hot, and press the big button with every touch.',
  stack: 'In the cloth its own steam makes it soft. It rings when it is ready.',
  judge: 'Say how it came out. The next plan of this bread, bag and griddle learns from it.',
}
