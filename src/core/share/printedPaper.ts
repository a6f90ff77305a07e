import { shortDay } from '../calendar/day'
import { factLine } from '../entries/toldTo'
import { groupBy } from '../lists/groupBy'
import type { Sketch } from '../sketches/sketch'
import type { AtlasPhoto, HandOver } from './handOver'
import type { PageWords } from './languages/catalogue'
import type { NeighbourLetter } from './neighbourLetter'
import type { Paper } from './paper'
import type { RoomSheet } from './roomSheet'
import type { PaperPicture } from './sharedPhotos'
import type { UpdatePart } from './updateEdits'

/** A paper as parts, for whoever shows it: a page, a link, a PDF. A part that says nothing is left out. */
export interface PrintedPaper {
  readonly title: string
  /** Who gives it, and when. */
  readonly under: string
  /** A code that opens it as it stands then, as the address of a picture that holds its own bytes. */
  readonly code?: string
  readonly parts: readonly PaperPart[]
}

export interface PaperPart {
  readonly title: string
  readonly sentences: readonly string[]
  readonly pictures?: readonly PaperPicture[]
  readonly sketch?: Sketch
}

const orNone = (sentences: readonly string[], none: string): readonly string[] =>
  sentences.length > 0 ? sentences : [none]

/** What a designer, an engineer, the authority or an association is given.
 * @param reader who it is for, in a word
 * @param where the street, the way in and whom to call, as far as they need them */
export const paperForReader = (
  site: string,
  firm: string,
  on: string,
  reader: string,
  paper: Paper,
  where: readonly string[],
): PrintedPaper => ({
  title: `${site}: for the ${reader}`,
  under: `${firm}, ${on}`,
  parts: [
    {
      title: 'What we ask',
      sentences: paper.answers ? orNone(paper.asked, 'Nothing waits for an answer.') : paper.asked,
    },
    { title: 'Where', sentences: where },
    ...orNothing(paper.facts).map(({ title, place, told }) => ({
      title: [title, place].filter(Boolean).join(', '),
      sentences: told,
    })),
    { title: 'What this is', sentences: [paper.note] },
    {
      title: 'Days',
      sentences: paper.answers ? orNone(paper.days, 'No day of the plan concerns you.') : paper.days,
    },
    { title: 'Photos', sentences: [], pictures: paper.photos },
  ],
})

/** What who follows the work looks at: the pictures first; of which site is not said. */
export const paperForFollowers = (firm: string, on: string, { photos, facts, note }: Paper): PrintedPaper => ({
  title: 'How the work goes',
  under: `${firm}, ${on}`,
  parts: [
    { title: 'Photos', sentences: [], pictures: photos },
    ...[...facts].reverse().map(({ title, told }) => ({ title, sentences: told })),
    { title: 'What this is', sentences: [note] },
  ],
})

const orNothing = (facts: Paper['facts']): Paper['facts'] =>
  facts.length > 0 ? facts : [{ title: 'What we measured and noted', place: '', told: ['Nothing is on record.'] }]

/** The letter to the neighbours. */
export const letterToNeighbours = (site: string, firm: string, letter: NeighbourLetter): PrintedPaper => ({
  title: `To the neighbours of ${site}`,
  under: `${firm}, ${letter.from}`,
  parts: [
    {
      title: `Until ${letter.until}`,
      sentences: ['We are working next to you. This is what you will notice; should a day change you will hear of it.'],
    },
    { title: 'Noise', sentences: orNone(letter.noise, 'Nothing loud is planned.') },
    { title: 'Dust', sentences: orNone(letter.dust, 'Nothing dusty is planned.') },
    { title: 'On your side', sentences: orNone(letter.side, 'Nothing is done from your ground.') },
    { title: 'Outside', sentences: orNone(letter.outside, 'Nothing is done on the outside of the house.') },
    { title: 'What we ask of you', sentences: orNone(letter.asked, 'Nothing for now.') },
  ],
})

/** The sheet of a room, in the language that it was composed in.
 * @param people who works there, a sentence each
 * @param code a code that opens the sheet as it stands then */
export const sheetOnPaper = (
  site: string,
  on: string,
  sheet: RoomSheet,
  words: PageWords,
  people: readonly string[],
  code: string,
): PrintedPaper => ({
  code,
  title: sheet.place,
  under: `${site}, ${on}. ${sheet.size}${sheet.wallMoved ? ` (${sheet.wallMoved})` : ''}`,
  parts: [
    ...(sheet.drawn
      ? [{ title: sheet.drawn.sketch.title, sentences: sheet.drawn.clashes, sketch: sheet.drawn.sketch }]
      : []),
    { title: words.care, sentences: sheet.cautions },
    {
      title: words.workInOrder,
      sentences: sheet.work.map(({ title, stage, amount, trade, progress, when, held }) =>
        [
          `${title} (${stage.toLowerCase()}${amount && `, ${amount}`}): ${trade.toLowerCase()}, ${progress} %, ${when}`,
          ...(held ? [`${words.held}: ${held}`] : []),
        ].join('; '),
      ),
    },
    { title: words.know, sentences: sheet.facts.map(factLine) },
    ...sheet.beforeCover.map(({ stage, items }) => ({
      title: `${words.before} ${stage.toLowerCase()}`,
      sentences: items.map(({ text, done }) => `[${done ? 'x' : ' '}] ${text}`),
    })),
    {
      title: words.goesIn,
      sentences: sheet.selections.map(({ what, choice, state }) =>
        choice ? `${what}: ${choice} (${state.toLowerCase()})` : `${what}: ${state.toLowerCase()}`,
      ),
    },
    { title: words.worksHere, sentences: people },
    { title: words.leaveAlone, sentences: sheet.stays },
    { title: words.notInScope, sentences: sheet.out },
    { title: words.wholeSite, sentences: sheet.wholeSite.map(factLine) },
  ],
})

/** What a client is told of an update, in the order in which it matters to them. */
export const UPDATE_TITLES: Readonly<Record<UpdatePart, string>> = {
  decide: 'Your choice',
  off: 'What will be off',
  done: 'Done',
  next: 'Next',
  terms: 'In plain words',
}

export interface ToldUpdate extends Readonly<Record<UpdatePart, readonly string[]>> {
  readonly site: string
  readonly on: string
  readonly headline: string
  readonly finish: string | null
  readonly safe: string | null
  readonly scope: readonly { readonly place: string; readonly sentences: readonly string[] }[]
  readonly photos: readonly PaperPicture[]
}

/** An update as the client was given it. */
export const updateOnPaper = (told: ToldUpdate): PrintedPaper => ({
  title: told.headline,
  under: `${told.site}, ${told.on}`,
  parts: [
    {
      title: 'When it is done',
      sentences: told.finish
        ? [
            `Likely finished ${told.finish}${told.safe && told.safe !== told.finish ? `, and in 8 of 10 cases by ${told.safe}` : ''}.`,
          ]
        : [],
    },
    ...(Object.keys(UPDATE_TITLES) as UpdatePart[]).map((part) => ({
      title: UPDATE_TITLES[part],
      sentences: told[part],
    })),
    ...told.scope.map(({ place, sentences }) => ({ title: place, sentences })),
    { title: 'Photos', sentences: [], pictures: told.photos },
  ],
})

export interface AheadRow {
  readonly crew: string | null
  readonly trade: string
  readonly site: string
  readonly what: string
  readonly places: string
  readonly when: string
  readonly ready: boolean
  readonly constraints: readonly { readonly words: string; readonly cleared: boolean }[]
}

/** The visits of the next weeks, by who comes or by where. */
export const aheadBy = <T extends Pick<AheadRow, 'crew' | 'trade' | 'site' | 'places'>>(
  by: 'trade' | 'place',
  rows: readonly T[],
): ReadonlyMap<string, readonly T[]> =>
  groupBy(rows, ({ crew, trade, site, places }) =>
    by === 'trade' ? (crew ?? `No ${trade.toLowerCase()} on record`) : `${site}, ${places}`,
  )

/** What starts in the next weeks, trade by trade or place by place, each with what still holds it.
 * @param groups rows under the name of a crew or a place */
export const aheadOnPaper = (
  title: string,
  on: string,
  summary: readonly string[],
  groups: ReadonlyMap<string, readonly AheadRow[]>,
): PrintedPaper => ({
  title,
  under: on,
  parts: [
    { title: 'In all', sentences: summary },
    ...[...groups].map(([group, rows]) => ({
      title: group,
      sentences: rows.map(({ when, what, places, site, ready, constraints }) => {
        const open = constraints.filter(({ cleared }) => !cleared).map(({ words }) => words)
        return `${when}: ${what}, ${places}, ${site}. ${ready ? 'Ready.' : `Not ready: ${open.join('; ')}.`}`
      }),
    })),
  ],
})

/** The hand-over pack. */
export function handOverOnPaper(site: string, firm: string, on: string, pack: HandOver): PrintedPaper {
  const shown = ({ hash, caption, on: taken }: AtlasPhoto, place: string): PaperPicture => ({
    hash,
    words: `${[place, caption].filter(Boolean).join(': ')}, ${shortDay(taken)}`,
  })
  return {
    title: `${site}: hand-over`,
    under: `${firm}, ${on}`,
    parts: [
      { title: 'What was agreed', sentences: pack.contract },
      ...pack.built.map(({ place, work, chosen }) => ({
        title: place,
        sentences: [...work, ...chosen.map((one) => `Chosen: ${one}`)],
      })),
      ...pack.items.map(({ sort, things }) => ({ title: sort, sentences: things })),
      { title: 'What must stay reachable', sentences: pack.reachable },
      { title: 'Only there for a time', sentences: pack.temporary },
      {
        title: 'What is behind the walls',
        sentences: [],
        pictures: pack.atlas.map((photo) => shown(photo, photo.place)),
      },
      {
        title: 'Before and after',
        sentences: [],
        pictures: pack.album.flatMap(({ place, before, after }) => [
          shown(before, `${place}, before`),
          shown(after, `${place}, after`),
        ]),
      },
      { title: 'Pictures in public', sentences: [pack.publicUse] },
    ],
  }
}
