import { expect } from 'vitest'

// What is asked of a plan by its days is asked of the best that is found; whoever asks what follows from a plan needs less.
const byItsDays = /\/tests\/(jobs|plans)\//.test(expect.getState().testPath ?? '')
process.env.AFTERMIST_EFFORT = byItsDays ? 'best' : 'little'
