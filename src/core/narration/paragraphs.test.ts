import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import type { Units } from '../measure/length'
import type { SpokenLine } from './line'
import { narrate } from './narrate'

/** The places of five sites; a sentence is said on the one that has the place where the walker stands, or else on the first. */
const SITES: readonly (readonly string[])[] = [
  [
    'Shopfront room',
    'Kitchen',
    'Pantry',
    'Hall',
    'Stairwell',
    'Landing',
    'Front bedroom',
    'Back bedroom',
    'Bathroom',
    'Lane face',
    'Yard face',
  ],
  [
    'Entry',
    'Living room',
    'Dining room',
    'Kitchen',
    'Upper hall',
    'Main bath',
    'Studio',
    'Washroom',
    'Laundry',
    'Spare room',
    'Mechanical room',
    'Crawl space',
    'Rear face',
    'Side yard',
  ],
  [
    'Street face',
    'Garden face',
    'Gable face',
    'Neighbour face',
    'Main roof',
    'Bay',
    'Bike store',
    'Back porch',
    'Basement',
    'Front room',
    'Attic',
    'Side yard',
  ],
  [
    'Porch',
    'Boot room',
    'Scullery',
    'Dairy',
    'Long room',
    'Snug',
    'Back stairs',
    'Nursery',
    'Guest room',
    'Guest bath',
    'Loft',
    'South face',
    'North face',
    'Barn roof',
    'Cart shed',
    'Orchard side',
    'Drive',
  ],
  [
    'Lobby',
    'Unit 1 kitchen',
    'Unit 1 bath',
    'Unit 2 kitchen',
    'Unit 2 bath',
    'Unit 2 bedroom',
    'Boiler room',
    'Rear stair',
    'Flat roof',
    'Alley face',
    'Light well',
    'Cellar',
  ],
]
const placesAt = (current: string): readonly string[] => SITES.find((places) => places.includes(current)) ?? SITES[0]!
type Told = Record<string, unknown>

/** `dims=100,200 certain=true quantity=4 element=wire` as the fields of a line. */
const fieldsOf = (text: string): Told =>
  Object.fromEntries(
    text
      .split(' ')
      .filter(Boolean)
      .map((pair) => {
        const [key, value] = pair.split('=') as [string, string]
        if (key === 'dims') return [key, value.split(',').map(Number)]
        if (value === 'true' || value === 'false') return [key, value === 'true']
        return [key, /^\d+$/.test(value) ? Number(value) : value]
      }),
  )

const blocks = readFileSync('tests/fixtures/spokenSentences.txt', 'utf8')
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .reduce<{ head: string; lines: Told[] }[]>((all, line) => {
    if (!line.startsWith('> ')) return [...all, { head: line, lines: [] }]
    const [kind, place, rest] = line.slice(2).split(/ *\| */)
    all.at(-1)!.lines.push({ kind, place, ...fieldsOf(rest ?? '') })
    return all
  }, [])

const holds = (line: SpokenLine, told: Told): boolean =>
  Object.entries(told).every(([key, value]) => {
    const have = line[key as keyof SpokenLine]
    if (!Array.isArray(value)) return have === value
    return Array.isArray(have) && have.length === value.length && have.every((one, i) => Math.abs(one - value[i]) <= 1)
  })

describe('sentences of a walk', () => {
  test.each(blocks.map(({ head, lines }) => [head, lines] as const))('%s', (head, lines) => {
    const [units, current, text] = head.split(' | ') as [Units, string, string]
    const told = narrate({ text, places: placesAt(current), current, units, today: '2026-03-10' as Day })
    const rest = [...told]
    for (const line of lines) {
      const at = rest.findIndex((one) => holds(one, line))
      expect(at, `${JSON.stringify(line)} in ${JSON.stringify(told)}`).toBeGreaterThanOrEqual(0)
      rest.splice(at, 1)
    }
  })
})

/** Whole paragraphs as somebody says them: what must be told, and nothing of what was said may be lost. */
const PARAGRAPHS: readonly (readonly [string, Units, readonly string[], string, readonly Told[]])[] = [
  [
    'a face that is re-sided',
    'imperial',
    ['North gable', 'East wall', 'Cart-port'],
    'Right, East wall. It is sixty-one, no, sixty-three feet long, 8 ft 2 in high. Rot low down nearly all along it. Seven cables on that wall; the owner says six are dead. The alarm line is live. Leave the little window’s trim, it is fine. Cart-port now. The band above, 19 ft by 14 in, becomes siding.',
    [
      { kind: 'measure', place: 'East wall', dims: [19202, 2489] },
      { kind: 'found', place: 'East wall', condition: 'rot', certain: true },
      { kind: 'found', place: 'East wall', condition: 'dead', element: 'wire' },
      { kind: 'keep', place: 'East wall', element: 'window' },
      { kind: 'measure', place: 'Cart-port', dims: [5791, 356] },
    ],
  ],
  [
    'a kitchen on its first day of stripping out',
    'imperial',
    ['Kitchen', 'Hall', 'Porch'],
    'Nine cabinets out, soffit out, sink disconnected, capped. Plaster off 310 of 500 square feet. Seventy, maybe eighty per cent. Three cabinets put by for the workshop, four brass vents kept in the porch. Insulation not decided. Cracked plaster above the window hung on its last nails.',
    [
      { kind: 'progress', place: 'Kitchen', element: 'cabinet', quantity: 9, percent: 100, stage: 'strip-out' },
      { kind: 'progress', element: 'plaster', percent: 62, stage: 'strip-out' },
      { kind: 'progress', element: 'plaster', percent: 80, stage: 'strip-out' },
      { kind: 'keep', element: 'cabinet', quantity: 3 },
      { kind: 'keep', element: 'vent', quantity: 4, place: 'Porch' },
      { kind: 'decide', element: 'insulation' },
      { kind: 'found', element: 'plaster', condition: 'crack' },
    ],
  ],
  [
    'a basement that is framed',
    'metric',
    ['Basement', 'Bar', 'Washroom'],
    'Bulkhead A complete; bulkhead B nearly there. Trench cut, no pit yet. Framing is ninety per cent. The gas line has not moved. The gas fitter is booked for Monday to lift it. Between us, her brother-in-law talks too much.',
    [
      { kind: 'progress', place: 'Basement', percent: 100, stage: 'framing' },
      { kind: 'progress', percent: 90, element: 'soffit' },
      { kind: 'progress', percent: 100, stage: 'excavation' },
      { kind: 'progress', percent: 90, stage: 'framing' },
      { kind: 'progress', element: 'gas-line', state: 'unchanged' },
      { kind: 'expect', trade: 'gas-fitter', date: '2026-03-16' },
      { kind: 'note', private: true },
    ],
  ],
  [
    'a floor before it is boarded',
    'imperial',
    ['Sitting room', 'Store', 'Main bedroom'],
    'Sitting room. Gas run taken to the range wall, all in, not tested. Old outlet patched with mortar, still dark and wet. Store. The left leaf rubs half way. Slab between five and seven inches; two bars cross it and stay. Their son keeps two bicycles in here and comes through for them.',
    [
      { kind: 'progress', place: 'Sitting room', element: 'gas-line', percent: 100, stage: 'gas' },
      { kind: 'progress', place: 'Sitting room', action: 'test', percent: 0 },
      { kind: 'found', place: 'Sitting room', element: 'outlet', condition: 'damp' },
      { kind: 'found', place: 'Store', condition: 'damaged' },
      { kind: 'measure', place: 'Store', element: 'slab', dims: [178] },
      { kind: 'keep', place: 'Store', quantity: 2 },
      { kind: 'note', place: 'Store' },
    ],
  ],
  [
    'the front of an old brick house',
    'imperial',
    ['Front', 'Garden', 'Bedroom 3'],
    'Front. The switch-over is on Wednesday the 18th. Garden. The extension needs 1,900 bricks, not the 1,600 I said this morning. A yellow band on the plum tree means it goes, or stays, I forget. Bedroom 3 becomes the shower room.',
    [
      { kind: 'expect', place: 'Front', date: '2026-03-18' },
      { kind: 'work', place: 'Garden', element: 'brick', quantity: 1900 },
      { kind: 'decide', place: 'Garden' },
      { kind: 'note', place: 'Bedroom 3' },
    ],
  ],
  [
    'a bathroom half done',
    'metric',
    ['Bathroom', 'Landing'],
    "Bath's gone to the skip, waste is capped. Floor under it is rotten, half a metre by one. Sockets are at 450, she wants them at 600. Five doors to hang, two are done. Lintel's sitting on 75 at one end, should be 150.",
    [
      { kind: 'progress', element: 'tub', percent: 100 },
      { kind: 'found', element: 'floor', condition: 'rot', dims: [500, 1000] },
      { kind: 'measure', element: 'outlet', dims: [450] },
      { kind: 'work', element: 'outlet', action: 'relocate' },
      { kind: 'progress', element: 'door', percent: 40 },
      { kind: 'found', element: 'header', condition: 'wrong' },
    ],
  ],
]

describe('a paragraph', () => {
  test.each(PARAGRAPHS)('of %s', (_name, units, places, text, lines) => {
    const told = narrate({ text, places, current: places[0]!, units, today: '2026-03-10' as Day })
    for (const line of lines)
      expect(
        told.some((one) => holds(one, line)),
        `${JSON.stringify(line)} in ${JSON.stringify(told, null, 1)}`,
      ).toBe(true)
  })
})
