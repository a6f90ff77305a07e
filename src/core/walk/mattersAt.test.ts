import { describe, expect, it } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { mattersAt } from './mattersAt'

const at = (subject: string, facet: string, subjectId: string, value: unknown) =>
  seen({ subject, facet, subjectId, placeId: 'bath', value } as Parameters<typeof seen>[0])

describe('what a photo or a pin can be about', () => {
  const facts = [
    ...laid([
      { id: 'bath', treatments: ['room-paint-only'] },
      { id: 'hall', treatments: ['room-paint-only'] },
    ]),
    at('finding', 'found', 'rot', { text: 'soft sill', condition: 'rot', certain: true }),
    at('keep', 'kept', 'tub', { text: 'the old tub' }),
    at('entry', 'written', 'edge', { kind: 'boundary', values: { where: 'at the gable end' } }),
    at('decision', 'asked', 'grout', { question: 'Which grout?', owner: 'client' }),
  ]
  it('is the work of the place, and whatever is open there', () => {
    const words = mattersAt(stateOf(facts), 'bath').map((matter) => matter.words)
    expect(words).toEqual(
      expect.arrayContaining(['Found: soft sill', 'Stays: the old tub', 'at the gable end', 'To decide: Which grout?']),
    )
    expect(mattersAt(stateOf(facts), 'hall').length).toBe(words.length - 4)
  })
  it('leaves out what is settled, answered or gone', () => {
    const later = [
      ...facts,
      at('finding', 'settled', 'rot', true),
      at('keep', 'released', 'tub', true),
      at('decision', 'answered', 'grout', 'grey'),
    ]
    const words = mattersAt(stateOf(later), 'bath').map((matter) => matter.words)
    expect(words).not.toContain('Found: soft sill')
    expect(words).not.toContain('Stays: the old tub')
    expect(words).not.toContain('To decide: Which grout?')
  })
})
