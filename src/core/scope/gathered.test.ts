import { describe, expect, it } from 'vitest'
import { line } from '../../../tests/fixtures/line'
import { gathered } from './gathered'

const framing = line({ id: 'framing', stage: 'framing', hours: 10, progress: 100, partOf: ['phase-1'] })
const board = line({ id: 'board', stage: 'board', hours: 30, progress: 50, partOf: ['phase-1', 'goal'] })
const paint = line({ id: 'paint', stage: 'paint', hours: 8 })

describe('what a phase gathers', () => {
  it('is told by effort, with what is not finished', () => {
    const phase = gathered('phase-1', [framing, board, paint])
    expect(phase.percent).toBe(62)
    expect(phase.hoursLeft).toBe(15)
    expect(phase.sentences).toEqual([
      '62 % of 40 hours of work done, 15 left: 1 of 2 finished.',
      'Not finished: board (50 %).',
    ])
  })
  it('leaves work that is out of the scope out of the figure, and says so', () => {
    const out = { ...board, excluded: { reason: 'phase 2' } }
    expect(gathered('phase-1', [framing, out]).sentences).toEqual([
      '100 % of 10 hours of work done, 0 left: 1 of 1 finished.',
      '1 of its lines is out of the scope.',
      'All of its work is done.',
    ])
  })
  it('is capped while a test is open', () => {
    const test = line({ id: 'test', stage: 'framing', trade: 'inspector', inspects: ['framing'] })
    expect(gathered('phase-1', [framing, test]).percent).toBe(90)
  })
  it('says how to begin where nothing belongs to it', () => {
    expect(gathered('goal-2', [framing]).sentences[0]).toContain('No work is part of it yet')
  })
})
