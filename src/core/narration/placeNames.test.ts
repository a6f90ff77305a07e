import { expect, test } from 'vitest'
import { narrate } from './narrate'

const at = (text: string): (string | undefined)[] =>
  narrate({
    text,
    places: ['Kitchen', 'Party wall', 'Hall bath'],
    current: 'Kitchen',
    units: 'imperial',
    today: '2026-03-10' as never,
  }).map(({ place }) => place)

test('a wall that moved here is not the place that is called a wall', () => {
  expect(at("The wall moved three foot, it's 20 foot long.")).not.toContain('Party wall')
  expect(at('Party wall is framed.')).toEqual(['Party wall'])
  expect(at('Bath is tiled.')).toEqual(['Hall bath'])
})
