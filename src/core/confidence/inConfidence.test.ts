import { describe, expect, test } from 'vitest'
import { holdsConfidence, inConfidence, pointsAt } from './inConfidence'

describe('words that are for nobody outside', () => {
  test.each([
    'Private: the last mason packed the joints with cement',
    'private the last mason packed the joints with cement',
    'The last mason packed the joints with cement, private',
    'the last mason packed the joints with cement private',
    'The last mason (private) packed the joints with cement',
    'The joints are packed with cement - private - and have to come out',
    "The joints are packed with cement, that's private, and come out again",
    'Between us the last mason packed the joints with cement',
    'The joints, between you and me, are packed with cement',
    'Off the record: the beam was never ordered',
    'The beam was never ordered, off the record',
    "Don't show: the rot under the sill",
    "the rot under the sill, don't show",
    "Don't show the client the rot yet",
    "The sill's rotten and don't tell her that",
    "There's rot here, but don't put that in writing",
    'Keep that to ourselves, but the sill is rotten',
    'The sill is rotten, keep it to ourselves',
    'keep the price between us: 400 for the sill',
    'The sill is rotten. Not for them',
    'The sill is rotten, not for the client',
    'not for their eyes: he is behind with his bills',
    'The owner must not know what the tiles cost us',
    'The owner doesn’t need to know that the tiler walked off',
    'nobody else needs to know that the tiler walked off',
    'For our eyes only: margin is nine per cent',
    'for internal use: margin is nine per cent',
    'note to self, the tiler drinks',
    'In confidence, the tiler drinks',
    'Confidential. The tiler drinks.',
    'The tiler drinks, mum’s the word',
    'the tiler drinks, this stays in the van',
    'The tiler drinks, leave that out of the update',
    'No se lo digas: el alicatador bebe',
    'Między nami, glazurnik pije',
  ])('%s', (words) => {
    expect(inConfidence(words)).toBe(true)
  })
})

describe('words that everybody may hear', () => {
  test.each([
    'The private bathroom gets new tiles',
    'Sand the private road, then the drive',
    'A private terrace with a rail',
    'The bath is to be more private',
    'Glass that keeps the shower private',
    'Private parking behind the house',
    'Tell the client that the tiles are in',
    'Show the owner both greens',
    'Screws don’t show',
    'Gap of three between the boards',
    'The gap between us and the neighbour is two foot',
    'Record the sizes off the drawing',
    "Don't touch the cornice",
    'Keep the door, it goes to the shed',
    'Keep the dust out of the bedroom',
    'The client doesn’t know which green',
    'Tiles are not for us',
    'The rest is not for the tiler',
    'Internal doors are hung',
    'Secret nailing on the oak floor',
    'The carpenter stays between two and four',
    'Let them know that the water goes off',
    'Cut the internal walls down',
  ])('%s', (words) => {
    expect(inConfidence(words)).toBe(false)
  })
})

test('a sheet with such words in any of its fields is for nobody outside', () => {
  expect(holdsConfidence({ kind: 'defect', values: { what: 'scratch', who: 'private: the tiler did it' } })).toBe(true)
  expect(holdsConfidence({ sides: [{ tenths: 1, typed: '4 m' }], order: 2, name: 'Kitchen', at: null })).toBe(false)
})

test('a sentence that only says so points at what was said or at what comes', () => {
  expect(pointsAt('Keep that to ourselves')).toBe('before')
  expect(pointsAt("don't show them that yet")).toBe('before')
  expect(pointsAt("That's private")).toBe('before')
  expect(pointsAt('Off the record')).toBe('after')
  expect(pointsAt('This next bit is private')).toBe('after')
  expect(pointsAt('Between us, the tiler drinks')).toBe(null)
  expect(pointsAt('The tiles are in')).toBe(null)
})
