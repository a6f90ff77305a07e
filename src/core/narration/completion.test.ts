import { describe, expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import type { WalkKind } from './line'
import { narrate } from './narrate'

const PLACES = ['Hall', 'Kitchen', 'Street face']
const read = (text: string, walk?: WalkKind) =>
  narrate({
    text,
    places: PLACES,
    current: 'Hall',
    units: 'imperial',
    today: '2026-03-10' as Day,
    ...(walk ? { walk } : {}),
  })
const saidDone = (text: string, walk?: WalkKind): boolean =>
  read(text, walk).some(({ kind, percent }) => kind === 'progress' && percent === 100)

describe('what was clearly done is done', () => {
  test.each([
    'the hall is boarded',
    "Wiring's in and the boxes are set",
    'drains are laid, three to test',
    'first fix is signed off, board can go up',
    'storms are off, they go back on last',
    'all the doors are hung now',
    'He finished the tile yesterday',
    'framing inspection passed',
    'the wall is framed, the painter starts on Friday',
    'the floor was laid on Friday 6 March',
    'we moved the box and the drywall is up',
  ])('%s', (text) => {
    expect(saidDone(text)).toBe(true)
  })
})

describe('what will be, was long ago, hangs on something, is only in part, or is wrong is not', () => {
  test.each([
    'framed by Friday',
    'the siding is on the lower third',
    'insulation is up to the sills',
    'the drywall is up on the left side',
    'fifteen feet of shelf is up, another ten to go',
    'I wish the drywall was done',
    'the paint is done, scratch that',
    'the drywall is finished, sort of',
    'the drywall is done for now',
    'the floor was laid by the previous owner and stays',
    'the drywall is done next door',
    'he reckons the framing is finished',
    'according to Milo the tiling is complete',
    'the tiler says the floor is laid',
    'the drywall is done, except it is the wrong board',
    'the tile is up at the other house',
    'steel is as good as done',
    'the roof is cut on Friday the 13th',
    'the roof is stripped from Monday 16 March',
    'wall to the kitchen moved two foot towards the hall',
    'they put the crown up, then we set our riser',
    'riser cut at four',
    'The stair is framed by Friday, he promised me',
    'the stair gets framed next week',
    'the board will be up tomorrow',
    'nothing is painted on the doors',
    'not one of the doors is hung',
    'none of the boxes are wired',
    'painted last autumn',
    'the hall was painted two years ago',
    'the joints were packed by the last mason',
    'ducts passed but for the fan',
    'the floor is laid except behind the door',
    'all but one window is set',
    'seven holes to patch',
    'the fan is in the wall but not ducted',
    'insulation is in behind the tub only',
    'the drywall is up only on the long wall',
    'all tiled, grout is missing in the shower',
    'seven holes from moved ducts to patch',
    'top plate cut four times',
    'once the board is up the painter starts',
    'if the wires are in, we board Thursday',
    'when the tile is set the glass gets measured',
    'until the beam is in nobody goes up',
    'the insulation is badly installed',
    'the door is hung upside down',
    'no idea whether the drain was ever tested',
    'maybe the wiring is done',
    'is the board up yet?',
    'the walls are to be painted',
    'the trim should be painted',
    'doors have to be hung',
  ])('%s', (text) => {
    expect(saidDone(text)).toBe(false)
  })
})

describe('on a scope walk one tells what is to be', () => {
  test('what is out is not part of it, what is replaced is work', () => {
    expect(read('gutters are out', 'scope')).toMatchObject([{ kind: 'exclude', element: 'gutter' }])
    expect(read('the bulkhead is not complete', 'scope')).toMatchObject([{ kind: 'note' }])
    expect(read('not poured yet', 'scope')).toMatchObject([{ kind: 'note' }])
    expect(read('all nine windows are replaced', 'scope')).toMatchObject([
      { kind: 'work', element: 'window', action: 'replace', quantity: 9 },
    ])
    expect(read('the walls are painted', 'scope')).toMatchObject([{ kind: 'work', action: 'paint' }])
  })
  test('nothing is done by it', () => {
    for (const text of ['the hall is boarded', 'siding is off', 'the floor is laid'])
      expect(saidDone(text, 'scope'), text).toBe(false)
  })
})

describe('in confidence', () => {
  const secrets = (text: string): boolean[] => read(text).map((line) => line.private === true)
  test('it is a whole sentence, wherever in it that is said', () => {
    expect(secrets('Private: the last mason packed the joints with cement')).toEqual([true])
    expect(secrets('the sill is rotten, between us, and the tile is set').every(Boolean)).toBe(true)
    expect(secrets('the sill is rotten and the floor sags, not for them').every(Boolean)).toBe(true)
  })
  test('what stands behind a semicolon is of the same sentence', () => {
    const said = secrets('Confidentially, the plumber drinks; the waste pipe runs uphill. The board is up.')
    expect(said.pop()).toBe(false)
    expect(said.length > 0 && said.every(Boolean)).toBe(true)
    expect(secrets('The waste pipe runs uphill; not a word to the owner. The board is up.')).toEqual([true, false])
  })
  test('a sentence that only says so means what was said before it, or what comes', () => {
    expect(secrets('The tile is set. Keep that to ourselves. The board is up.')).toEqual([true, false])
    expect(secrets('Off the record. The tiler drinks. The board is up.')).toEqual([true, false])
  })
  test('nothing of it is lost where nothing comes', () => {
    expect(read('Between us')).toMatchObject([{ kind: 'note', words: 'Between us', private: true }])
  })
})
