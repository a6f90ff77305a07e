import type { Stage } from '@/core/scope/vocabulary'

/** The hue of a stage. It always comes with the stage's word: colour alone says nothing. */
export const stageHue = (stage: Stage): string => `var(--stage-${stage})`
