import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../../tests/fixtures/said'
import { laid, seen, stateOf, TODAY } from '../../../../tests/fixtures/site'
import { WEIGHTS } from '../../../cli/speechWeights'
import { readValues } from '../../entries/field'
import { fieldsOf } from '../../entries/sums'
import type { Units } from '../../measure/length'
import { decodeModel } from '../learned/model'
import type { Narration, WalkKind } from '../line'
import { narrate } from '../narrate'
import { proposalsOf } from '../proposals'
import type { Proposal, SheetAsked } from '../spokenFacts'
import { sheetOf } from './sheetOf'

const model = decodeModel(new Uint8Array(readFileSync(WEIGHTS)))

interface Said {
  readonly narration: Narration
  readonly wants: readonly { readonly kind: string; readonly values: readonly (readonly [string, string])[] }[]
}

/** What was said, with what it has to become, of a file of tests/fixtures. */
function saidIn(file: string): Said[] {
  let heading: Omit<Narration, 'text' | 'current'> | null = null
  return readFileSync(`tests/fixtures/${file}`, 'utf8')
    .split('\n')
    .flatMap((row): Said[] => {
      if (row.startsWith('== ')) {
        const [, units, walk, today, places] = row.slice(3).split(' | ') as [
          string,
          Units,
          string,
          Narration['today'],
          string,
        ]
        heading = { units, today, places: places.split(', '), ...(walk === 'layout' ? {} : { walk: walk as WalkKind }) }
      }
      if (row === '' || row.startsWith('#') || row.startsWith('== ')) return []
      const [current, text, wants] = row.split(' | ') as [string, string, string]
      return [
        {
          narration: { ...heading!, text, current },
          wants: wants.split(' / ').map((want) => {
            const [kind, ...values] = want.trim().split(' ')
            const pairs = values.join(' ').split('; ').filter(Boolean)
            return { kind: kind!, values: pairs.map((pair) => pair.split('=') as [string, string]) }
          }),
        },
      ]
    })
}

function proposals(narration: Narration): Proposal[] {
  let ids = 0
  const places = narration.places.map((name, at) => ({ id: `place-${at}`, name, treatments: [] }))
  const setting = { state: stateOf(laid(places)), units: narration.units, newId: () => `id-${ids++}` }
  return proposalsOf(narrate(narration, model), narration, setting)
}

const bare = (words: string): string =>
  words
    .toLowerCase()
    .replace(/\s*(?:ft2|m2|lb\/ft|kg\/m|in² a foot|m² a day|ft an hour)\b/g, '')
    .replace(/ ?\b(?:in|mm|m)\b/g, '')

function holds(sheet: SheetAsked, key: string, wanted: string, units: Units): boolean {
  const field = fieldsOf(sheet.register).find((one) => one.key === key)!
  const value = sheet.values[key]
  if (value === undefined) return false
  if (typeof value !== 'object')
    return field.kind === 'money' ? value === Number(wanted) * 100 : bare(String(value)).includes(bare(wanted))
  const want = readValues([field], () => wanted, units)[key] as typeof value
  return Math.abs(want.tenths - value.tenths) <= 10 && want.high === value.high
}

const isRight = ({ narration, wants }: Said, read: readonly Proposal[]): boolean =>
  wants.some(({ kind, values }) =>
    kind === 'private'
      ? read.length > 0 && read.every(({ line }) => line.private)
      : read.some(({ sheet, line, says }) =>
          sheet
            ? sheet.register.id === kind && values.every(([key, want]) => holds(sheet, key, want, narration.units))
            : (line.kind === kind || (kind === 'note' && says === 'Note')) && values.length === 0,
        ),
  )

/** Whether something else than what was meant is shown as sure. */
const isWrong = ({ wants }: Said, read: readonly Proposal[]): boolean =>
  read.some(({ sheet, line, says }) =>
    sheet
      ? sheet.sure && !wants.some(({ kind }) => kind === sheet.register.id)
      : says !== 'Note' && (line.sure ?? 1) >= 0.55 && !wants.some(({ kind }) => kind === line.kind),
  )

describe.each(['saidOnJobs.txt', 'saidElsewhere.txt', 'saidAfresh.txt', 'saidOnward.txt'])('%s', (file) => {
  const all = saidIn(file).map((said) => ({ said, read: proposals(said.narration) }))
  const missed = all.filter(({ said, read }) => !isRight(said, read))

  test('of what is said, 85 in 100 become the right line or a filled sheet', () => {
    expect(missed.length / all.length, missed.map(({ said }) => said.narration.text).join('\n')).toBeLessThan(0.15)
  })
  test('of what is not right, next to nothing is shown as sure', () => {
    const wrong = missed.filter(({ said, read }) => isWrong(said, read))
    expect(wrong.length / all.length, wrong.map(({ said }) => said.narration.text).join('\n')).toBeLessThan(0.035)
  })
  test('what is told in confidence fills no sheet', () => {
    for (const { said, read } of all.filter(({ said: { wants } }) => wants[0]!.kind === 'private'))
      expect([said.narration.text, read.filter(({ line }) => !line.private)]).toEqual([said.narration.text, []])
  })
})

describe('a sheet', () => {
  const hall = laid([{ id: 'hall', name: 'Hall', treatments: [] }])
  const read = (text: string, state = stateOf(hall)): Proposal[] => saidAt(state, text, { units: 'imperial' })

  test('takes the place of what its words were read as, and keeps the words', () => {
    const [beam, ...more] = read('Beam B1, two ply, inch and a half by nine and a quarter, eleven foot eight long.')
    expect(more).toEqual([])
    expect(beam!.says).toBe('A beam: Beam B1')
    expect(beam!.facts).toMatchObject([
      { subject: 'entry', facet: 'written', placeId: 'hall', value: { kind: 'beam', values: { plies: '2' } } },
      { subject: 'note', value: { about: beam!.sheet!.entryId } },
    ])
  })
  test('that lacks something is asked, and records nothing yet', () => {
    const [props] = read('There are old props under the floor.')
    expect(props!.sheet!.lacks.map(({ label }) => label)).toEqual(['It goes only after'])
    expect(props!.facts).toEqual([])
  })
  test('that is on record is changed, not made twice', () => {
    const [first] = read('Temporary wall at B1, three foot off, stays until the steel is in.')
    const written = first!.facts[0]!
    const state = stateOf([...hall, seen(written)])
    const [again] = read('Temporary wall at B1, joists at sixteen inches.', state)
    expect(again!.says).toMatch(/^Changed: /)
    expect(again!.facts[0]).toMatchObject({
      subjectId: written.subjectId,
      value: { values: { after: 'the steel is in', setOff: { typed: '3 ft' }, bay: { typed: '16 in' } } },
    })
  })
  test('that lets work go on says so only where somebody taps it', () => {
    const [permit] = read('The permit is granted.')
    expect(permit!.facts[0]).toMatchObject({ value: { values: { state: 'asked for' } } })
    expect(permit!.toConfirm).toMatchObject({
      words: 'It is granted',
      facts: [{ value: { values: { state: 'granted' } } }],
    })
  })
  test('with a figure that found no field is not sure', () => {
    const sheet = (text: string) => sheetOf(text, { units: 'imperial', today: TODAY })
    expect(sheet('Trench is ten foot long and two foot deep.')).toMatchObject({ sure: true })
    expect(sheet('Trench is ten foot long, four fifty at the far end.')).toMatchObject({ sure: false })
  })
  test('tells how long its work takes', () => {
    const said =
      'Repointing: 520 square feet of wall, rake, fill and wash, 14 foot an hour, two masons, seven hours a day.'
    const [sheet, work] = read(said)
    expect(sheet!.sheet?.register.id).toBe('masonry')
    expect([work!.says, work!.facts]).toMatchObject([
      'Its work: Repointing, 3016 ft, 215.5 hours',
      [{ value: { hours: 215.5 } }],
    ])
  })
  test('reads a small number that goes on after feet in feet, and asks', () => {
    const sheet = sheetOf('Four tiers of shelves, five foot at the back, four at the sides.', {
      units: 'imperial',
      today: TODAY,
    })
    expect(sheet).toMatchObject({ sure: false, typed: { back: '5 ft', side: '4 ft' } })
  })
  test('of feet and inches that were said without their words', () => {
    const sheet = sheetOf('Two pads are two six by two six, a five inch slab and eight more below.', {
      units: 'imperial',
      today: TODAY,
    })
    expect(sheet).toMatchObject({
      sure: true,
      typed: { long: '2 ft 6 in', wide: '2 ft 6 in', thick: '13 in', pieces: '2' },
    })
  })
  test('of another sentence about the order of finishes is another one', () => {
    const [first] = read('The moulding waits for the ceiling patch.')
    const [second] = read('His crown return waits for our moulding.', stateOf([...hall, seen(first!.facts[0]!)]))
    expect(second!.says).not.toMatch(/^Changed/)
  })
  test('work told twice stays one line', () => {
    const [once] = read('Replace the lock of the cupboard.')
    const [again] = read('Replace the lock of the cupboard.', stateOf([...hall, seen(once!.facts[0]!)]))
    expect([once!.line.kind, again!.says]).toEqual(['work', 'Note'])
  })
  test('work whose state is told stays beside it', () => {
    const dug = stateOf(laid([{ id: 'hall', treatments: ['bathroom-below-drain'] }]))
    const [trench, progress] = read('Trench is dug, four foot deep.', dug)
    expect([trench!.sheet?.register.id, progress?.line.kind]).toEqual(['trench', 'progress'])
  })
  test('and where no line of work is meant its words are kept once', () => {
    expect(read('Trench is dug, four foot deep.').map(({ sheet }) => sheet?.register.id)).toEqual(['trench'])
  })
})

test('a rate that is told in other units than the site’s keeps its own', () => {
  const said = (text: string, units: Units) => sheetOf(text, { units, today: TODAY })
  expect(said('Steel beam 4 metres, 22 lb a foot', 'metric')?.typed.perMetre).toBe('22 lb/ft')
  expect(said('Steel beam, 30 kilos a metre, 12 foot', 'imperial')?.typed.perMetre).toBe('30 kg/m')
})
test('what no beam can measure is asked, not taken', () => {
  const beam = sheetOf('Beam of two plies, 2 by 10, 12 foot long', { units: 'metric', today: TODAY })!
  expect(beam.typed).not.toHaveProperty('width')
  expect(beam.sure).toBe(false)
})
