import { lower } from '../lists/capital'
import { listed } from '../lists/listed'
import type { Place } from '../walk/siteState'
import type { Line } from '../scope/line'
import type { Stage } from '../scope/vocabulary'

interface Plain {
  readonly doing: string
  readonly done: string
}

/** What a stage means to somebody who lives in the house: what is being done, and what it will look like after. */
export const PLAIN_STAGE: Record<Stage, Plain> = {
  testing: { doing: 'samples are taken and tested', done: 'is tested' },
  scaffold: { doing: 'the scaffold goes up', done: 'has its scaffold' },
  protect: { doing: 'floors and doorways are covered', done: 'is protected against dust' },
  'strip-out': { doing: 'what is old comes out', done: 'is stripped out' },
  excavation: { doing: 'the ground is opened', done: 'is dug' },
  underground: { doing: 'drains are laid', done: 'has its drains in the ground' },
  concrete: { doing: 'concrete is poured', done: 'has its concrete' },
  shoring: { doing: 'temporary supports go in', done: 'is safely propped' },
  masonry: { doing: 'brickwork and joints are repaired', done: 'has its brickwork repaired' },
  structure: { doing: 'beams and posts go in', done: 'has its beams and posts' },
  framing: { doing: 'walls are framed', done: 'is framed' },
  roof: { doing: 'the roof is covered', done: 'has its roof on' },
  'windows-doors': { doing: 'windows and doors are set', done: 'has its windows and doors' },
  'weather-barrier': { doing: 'the wall is wrapped against rain', done: 'is wrapped against rain' },
  cladding: { doing: 'the outside boards go up', done: 'has its outside boards' },
  ducts: { doing: 'air ducts are run', done: 'has its air ducts' },
  pipes: { doing: 'water pipes are run in the walls', done: 'has its water pipes in the walls' },
  gas: { doing: 'the gas line is worked on', done: 'has its gas line' },
  wires: { doing: 'wires and boxes go into the walls', done: 'has its wires in the walls' },
  'low-voltage': { doing: 'data and bell wires are run', done: 'has its data wires' },
  insulation: { doing: 'walls are insulated', done: 'is insulated' },
  board: { doing: 'wall boards go up', done: 'has its wall boards up' },
  tape: { doing: 'joints are filled and sanded', done: 'is filled and smooth' },
  plaster: { doing: 'walls are plastered', done: 'is plastered' },
  paint: { doing: 'walls are painted', done: 'is painted' },
  tile: { doing: 'tile is laid', done: 'is tiled' },
  flooring: { doing: 'the floor is laid', done: 'has its floor' },
  cabinets: { doing: 'cabinets are set', done: 'has its cabinets' },
  countertops: { doing: 'worktops are set', done: 'has its worktops' },
  trim: { doing: 'door frames and skirting go on', done: 'has its door frames and skirting' },
  fixtures: { doing: 'taps, lights and switches are fitted', done: 'has its taps, lights and switches' },
  railing: { doing: 'the railing is set', done: 'has its railing' },
  'site-works': { doing: 'the ground is closed again', done: 'is closed and tidy outside' },
  'return-list': { doing: 'the last small things are done', done: 'has its last small things done' },
}

/** The same on a face or a roof, where it is something else. */
const ON_THE_OUTSIDE: Partial<Record<Stage, Plain>> = {
  protect: { doing: 'ground and planting are covered', done: 'is protected' },
  'strip-out': { doing: 'what is old comes off', done: 'is stripped' },
  framing: { doing: 'the wood behind is mended', done: 'is mended behind its boards' },
  insulation: { doing: 'insulation goes on', done: 'is insulated' },
  plaster: { doing: 'render goes on', done: 'is rendered' },
  paint: { doing: 'paint goes on', done: 'is painted' },
  trim: { doing: 'frames and edge boards go on', done: 'has its frames and edge boards' },
}
/** A face or a roof, where a stage is another work than in a room. */
export const isOuter = ({ kind }: Pick<Place, 'kind'>): boolean => kind === 'face' || kind === 'roof'

const plainStage = (stage: Stage, places: readonly Named[]): Plain =>
  (places.length > 0 && places.every(isOuter) ? ON_THE_OUTSIDE[stage] : undefined) ?? PLAIN_STAGE[stage]

/** A place as sentences about it need it. */
type Named = Pick<Place, 'name' | 'kind'>

type Worked = Pick<Line, 'title' | 'how' | 'own'>

/** Work that somebody told in their own words: its stage is only a guess at who does it and when. */
export const inOwnWords = ({ how, own }: Worked): boolean => own === true || how.startsWith('said ')

const plural = (words: string): string => words.replace(/^has its/, 'have their').replace(/^is /, 'are ')

/** What is to be done, in a sentence that says more: 'it comes off', of which the first half says what. */
const DEED =
  /^(?:and )?(?:put|take|cut|fill|close|hang|move|mend|paint|lay|fit|set)\b|\b(?:has to|have to|needs?|must|gets?|goes|comes? (?:off|out|down|back|in)|(?:is|are) (?:to be )?(?!left\b|only\b)[a-z]{2,}ed)\b/i
const SUBJECT = /^(.+?) (?:is|are|was|were|has|have|gets?|stays?|stands?|needs?|only)\b/i

/** Somebody's own words for a piece of work, without what they said around it. */
function shortTitle(title: string): string {
  const clauses = title.split(/[,;:]\s+/)
  const deed = clauses.find((clause) => DEED.test(clause))
  if (!deed || clauses.length === 1) return title
  // 'Skirting, 18 metres, is replaced all around'.
  if (/^(?:is|are|gets?|goes|comes?|has to|have to|needs?|must)\b/i.test(deed)) return `${clauses[0]} ${deed}`
  const subject = SUBJECT.exec(clauses[0]!)?.[1]
  return deed.replace(/^(?:and |then )?(?:it|they|this|that) /i, (pronoun) => (subject ? `${subject} ` : pronoun))
}

const MOST_TITLES = 3
const titlesOf = (lines: readonly Worked[]): string => {
  const titles = [...new Set(lines.map(({ title }) => lower(shortTitle(title))))]
  const more = titles.length - MOST_TITLES
  return listed(more > 0 ? [...titles.slice(0, MOST_TITLES), `${more} more`] : titles)
}

/** What is being done at some lines of one stage and some places, in the stage's plain words; where all of it was told in
 * somebody's own, in those. */
export const doingWords = (stage: Stage, lines: readonly Worked[], places: readonly Named[]): string =>
  lines.length > 0 && lines.every(inOwnWords) ? titlesOf(lines) : plainStage(stage, places).doing

const MEASURED: Partial<Record<Stage, string>> = {
  countertops: 'the worktops are measured',
  fixtures: 'the shower glass is measured',
  railing: 'the railing is measured',
}

/** What is being done where somebody only measures for what goes in at a stage. */
export const measuringWords = (stage: Stage): string => MEASURED[stage] ?? 'what is made next is measured'

/** The same of what is done, for the end of a sentence that the places begin. */
export function doneWords(stage: Stage, lines: readonly Worked[], places: readonly Named[]): string {
  const many = places.length > 1 || SEVERAL.test(places[0]?.name ?? '')
  if (lines.length > 0 && lines.every(inOwnWords)) return `${many ? 'have' : 'has'} this done: ${titlesOf(lines)}`
  const { done } = plainStage(stage, places)
  return many ? plural(done) : done
}
/** A place that is called by several: 'Owners’ rooms', 'Stairs'. */
const SEVERAL = /\b(?:rooms|stairs|walls|faces|roofs|baths|halls|windows|doors|stores|cellars|gables|dormers|columns)$/i

/** What a stage is and why it matters, for somebody who will not see it afterwards or wonders what it is for. */
export const STAGE_WHY: Partial<Record<Stage, string>> = {
  testing:
    'Tests: old paint, boards and flooring can hold lead or asbestos; nobody makes dust of them before it is known.',
  protect: 'Protection: covers and dust walls take half a day and save weeks of dust in the other rooms.',
  shoring: 'Temporary supports: they carry the house while a wall is out, and nobody may move them.',
  masonry:
    'Masonry: joints are raked, filled and washed in passes of their own, after a sample; mortar sets for days, and slowly in the cold.',
  structure:
    'Beams and posts: the parts that carry the house look like a few pieces of timber or steel, and take days, because every fixing is counted, photographed and seen by the engineer.',
  framing: 'Framing: the bones of the walls. It goes up fast; making it straight and firm takes as long again.',
  'weather-barrier':
    'Weather barrier: the skin under the outside boards that really keeps the rain out. Once the boards are on nobody sees it again.',
  'windows-doors':
    'Flashing: strips round windows and doors that lead the water out; the seal you see is only the second line.',
  ducts: 'Air ducts: the biggest things in the walls go in first, so that pipes and wires can go round them.',
  pipes:
    'Pipes in the walls: they are put under pressure before anything is closed, because a leak found later means opening the wall.',
  wires:
    'Wires in the walls: boxes and cables are in before the boards; this is the last cheap moment to move a socket.',
  insulation: 'Insulation: it goes in only when everything in the wall has been tested and photographed.',
  board:
    'Wall boards: the rooms look like rooms for the first time; what is behind them is in the photos of your hand-over.',
  tape: 'Filling the joints: three thin coats, each of which has to dry. It looks like waiting, and it is why the wall stays smooth.',
  plaster: 'Plaster: it has to dry before paint, and it dries at its own speed.',
  tile: 'Waterproofing under the tile: the tile keeps nothing dry, the layer under it does, and it is tested before it is covered.',
  countertops:
    'Worktops: they are measured on the cabinets as they really stand, and made after that; so there are weeks between.',
  flooring: 'The floor: it is laid when the wet work is over, so that it does not swell.',
}

export const INSPECTION_WHY =
  'Inspection: somebody from the authority looks before anything is covered. If something is to be mended, it is seen again.'
