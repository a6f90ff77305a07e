import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../../tests/fixtures/said'
import { laid, stateOf } from '../../../../tests/fixtures/site'
import { changeSaid, priceOfChange } from '../../takeoff/money/changeSaid'

const hall = stateOf(laid([{ id: 'hall', treatments: [] }]))
const FIGURES = { 'C-42/waste': '8', 'C-42/overhead': '20' }

describe('a price as it is said', () => {
  test.each([
    ['material 96 and six hours at 58', { material: '96', hours: '6', rate: '58' }],
    ['38 and four hours at 52', { material: '38', hours: '4', rate: '52' }],
    ['three and a half hours at 60', { hours: '3.5', rate: '60' }],
  ])('%s', (text, told) => {
    expect(changeSaid(text.split(' '))?.told).toEqual(told)
  })
  test('by the site’s own waste and overhead: (96 × 1.08 + 348) × 1.20', () => {
    const said = changeSaid('material 96 and six hours at 58'.split(' '))!
    expect(priceOfChange(said, 'imperial', FIGURES)).toBe(54202)
  })
  test('hours without a price are none', () => {
    expect(changeSaid('six hours of work at the hall'.split(' '))).toBeNull()
  })
})

describe('an extra is said with its price', () => {
  test('and waits for the client', () => {
    const [extra, ...more] = saidAt(hall, 'Five joists could be sistered now, material 96 and six hours at 58.', {
      standards: FIGURES,
    })
    expect(more).toEqual([])
    expect(extra!.says).toBe('An extra to be asked, €542.02: five joists could be sistered now')
    expect(extra!.facts).toMatchObject([
      { facet: 'laid', value: { title: 'Five joists could be sistered now', extra: true, hours: 6, stage: 'framing' } },
      { facet: 'price', value: 54202 },
    ])
  })
  test('though its count and its hours are the same word', () => {
    const [extra] = saidAt(hall, 'Six joists could be sistered now, six hours at 58.')
    expect(extra!.says).toBe('An extra to be asked, €400.20: six joists could be sistered now')
  })
  test('what is over is none', () => {
    expect(saidAt(hall, 'It took six hours at 58.').some(({ says }) => says.startsWith('An extra'))).toBe(false)
  })
})
