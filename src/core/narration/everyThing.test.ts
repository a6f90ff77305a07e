import { describe, expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import type { SpokenLine } from './line'
import { narrate } from './narrate'

/** Ways of saying one thing each, with THING for what it is said of, and what must be told. */
const SENTENCES: readonly (readonly [string, Partial<SpokenLine>])[] = [
  ['the THING stays', { kind: 'keep' }],
  ["we're keeping the THING", { kind: 'keep' }],
  ['leave the THING alone', { kind: 'keep' }],
  ['reuse the THING', { kind: 'keep', action: 'reuse' }],
  ['protect the THING', { kind: 'keep', action: 'protect' }],
  ['keep the THING covered', { kind: 'keep', action: 'protect' }],
  ['THING has to stay till Friday', { kind: 'keep', until: 'Friday' }],
  ["we're not touching the THING", { kind: 'exclude' }],
  ["THING isn't ours", { kind: 'exclude' }],
  ["THING's not in the contract", { kind: 'exclude' }],
  ['THING is by others', { kind: 'exclude' }],
  ["we don't do the THING", { kind: 'exclude' }],
  ["owner's doing the THING himself", { kind: 'exclude', trade: 'client' }],
  ['client has to choose the THING by Thursday', { kind: 'decide', trade: 'client', date: '2026-03-12' as Day }],
  ["THING's up to the client", { kind: 'decide', trade: 'client' }],
  ['designer owes us a drawing for the THING', { kind: 'decide', trade: 'designer' }],
  ["client hasn't decided on the THING", { kind: 'decide', trade: 'client' }],
  ['we need a price for the THING', { kind: 'decide' }],
  ['engineer has to say if the THING can stay', { kind: 'decide', trade: 'engineer' }],
  ["don't close the THING until it's inspected", { kind: 'progress', state: 'held' }],
  ["THING's rotten", { kind: 'found', condition: 'rot', certain: true }],
  ["there's rot in the THING", { kind: 'found', condition: 'rot', certain: true }],
  ['THING might be damp', { kind: 'found', condition: 'damp', certain: false }],
  ["THING's probably cracked", { kind: 'found', condition: 'crack', certain: false }],
  ["I think the THING's loose", { kind: 'found', condition: 'loose', certain: false }],
  ['THING turned up damaged', { kind: 'found', condition: 'damaged', certain: true }],
  ['THING is the wrong size', { kind: 'found', condition: 'wrong', certain: true }],
  ["there's no THING", { kind: 'found', condition: 'missing', certain: true }],
  ['two of the THING are broken', { kind: 'found', condition: 'damaged', quantity: 2 }],
  ['THING failed inspection', { kind: 'found', condition: 'failed', action: 'inspect' }],
  ['THING passed inspection', { kind: 'progress', percent: 100, action: 'inspect' }],
  ["THING hasn't been inspected", { kind: 'progress', percent: 0, action: 'inspect' }],
  ["THING hasn't started", { kind: 'progress', percent: 0 }],
  ['no THING yet', { kind: 'progress', percent: 0 }],
  ["THING's a quarter done", { kind: 'progress', percent: 25 }],
  ["THING's about half up", { kind: 'progress', percent: 50 }],
  ['three quarters of the THING is in', { kind: 'progress', percent: 75 }],
  ["THING's nearly there", { kind: 'progress', percent: 90 }],
  ["THING's about sixty percent", { kind: 'progress', percent: 60 }],
  ['THING are four out of five done', { kind: 'progress', percent: 80 }],
  ["THING's all in", { kind: 'progress', percent: 100 }],
  ['THING needs replacing', { kind: 'work', action: 'replace' }],
  ['THING wants painting', { kind: 'work', action: 'paint' }],
  ['the THING goes', { kind: 'work', action: 'remove' }],
  ['tear out the THING', { kind: 'work', action: 'remove' }],
  ['THING comes off', { kind: 'work', action: 'remove' }],
  ['fix the THING by Friday', { kind: 'work', action: 'repair', date: '2026-03-13' as Day }],
  ['THING to be moved', { kind: 'work', action: 'relocate' }],
  ['put the THING on the return list', { kind: 'work', stage: 'return-list' }],
  ['clean the THING down', { kind: 'work', action: 'clean' }],
  ['have a look at the THING', { kind: 'work', action: 'inspect' }],
  ['reorder the THING', { kind: 'work', action: 'order' }],
  ['THING has to come out', { kind: 'work', action: 'remove' }],
  ["add a THING, that's an extra, 90 dollars", { kind: 'work', action: 'install', extra: true, amount: 9000 }],
  ["THING's going to be white oak", { kind: 'selection' }],
  ['THING comes Tuesday', { kind: 'expect', date: '2026-03-17' as Day }],
  ["THING's due on the 20th", { kind: 'expect', date: '2026-03-20' as Day }],
  ['THING starts tomorrow', { kind: 'expect', date: '2026-03-11' as Day }],
  ['THING is eight to ten weeks', { kind: 'expect', leadDays: 70 }],
  ['lead time on the THING is a month', { kind: 'expect', leadDays: 30 }],
  ["THING inspection's Thursday", { kind: 'expect', action: 'inspect', date: '2026-03-12' as Day }],
]
const THINGS =
  'wall tile|wiring|siding|insulation|paint|floor|cabinets|gutters|drain|radiators|trim|windows|shelves|fascia|ducts|plaster|skirting|switches|joists|posts|drywall|countertops|railing|roof|gas line|sockets|doors|grout|flashing|headers|pipework|toilet|tub|vanity|mirrors|blocking|stair|sheathing|slab|brickwork|soffit|casing|ceiling|fan|light|closet|fireplace|chimney|wall'.split(
    '|',
  )

const told = (text: string): SpokenLine[] =>
  narrate({ text, places: ['Hall', 'Kitchen'], current: 'Hall', units: 'imperial', today: '2026-03-10' as Day })
const elementOf = (thing: string): SpokenLine['element'] => told(`the ${thing} stays`)[0]!.element

describe('whatever it is said of', () => {
  test.each(SENTENCES)('%s', (sentence, must) => {
    for (const thing of THINGS) {
      const text = sentence.replace('THING', thing)
      const element = elementOf(thing)
      expect(element, thing).toBeDefined()
      expect(told(text), text).toMatchObject([{ ...must, element }])
    }
  })
})

describe('said one after the other', () => {
  test.each(['. ', ', ', ', and ', ', but '])('joined by "%s"', (joint) => {
    SENTENCES.forEach(([first, must], i) => {
      for (const step of [1, 11, 23]) {
        const [second, then] = SENTENCES[(i + step) % SENTENCES.length]!
        const [thing, other] = [THINGS[(i * 3) % THINGS.length]!, THINGS[(i * 3 + step + 1) % THINGS.length]!]
        const text = first.replace('THING', thing) + joint + second.replace('THING', other)
        expect(told(text), text).toMatchObject([
          { ...must, element: elementOf(thing) },
          { ...then, element: elementOf(other) },
        ])
      }
    })
  })
})
