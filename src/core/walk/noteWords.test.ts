import { describe, expect, test } from 'vitest'
import { isOpinion, noteWords } from './noteWords'

describe('a note', () => {
  test.each([
    'I think framing is ninety per cent',
    'ready for board Monday, I would say',
    "I'd say it is nearly there",
    'looks odd from the street',
    'to my mind the slope is wrong',
    'I don’t like the join',
    'personally I would leave it',
  ])('that says what somebody thinks is an opinion: %s', (words) => expect(isOpinion(words)).toBe(true))
  test.each([
    'framing is ninety per cent',
    'board is up on three walls',
    'the client likes the blue',
    'they said Monday',
    'looks into the yard',
  ])('that says what is there, or what others want, is none: %s', (words) => expect(isOpinion(words)).toBe(false))
  test.each([
    [{ private: false }, 'note'],
    [{ private: true }, 'private note'],
    [{ private: false, opinion: true }, 'opinion'],
    [{ private: true, opinion: true }, 'private opinion'],
  ])('is called what it is: %j', (note, words) => expect(noteWords(note)).toBe(words))
})
