import type { FeelAnswer } from '@/api/types'

export const FEEL_NAMES: Record<FeelAnswer['grade'], string> = {
  powdery: 'Powdery',
  crumbly: 'Crumbly',
  cracking: 'Cracking',
  ready: 'Ready',
  tacky: 'Tacky',
  sticky: 'Sticky',
  slack: 'Slack',
}
