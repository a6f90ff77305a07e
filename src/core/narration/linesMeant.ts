import type { Line } from '../scope/line'
import type { Element, Stage, Trade } from '../scope/vocabulary'
import type { Place, SiteState } from '../walk/siteState'
import { plain } from './clauses'
import { stageMeant } from './deeds'
import type { SpokenLine } from './line'
import { elementsIn, stagesNamed, tradesNamed } from './mentions'
import { namesAnother } from './pointing'
import { stemsOf } from './stems'

/** The lines of a place that words tell of, apart by whether they tell of all that a line does. */
export interface LinesMeant {
  readonly whole: readonly Line[]
  readonly partOf: readonly Line[]
}

const NONE: LinesMeant = { whole: [], partOf: [] }

/** What a stage is made of: 'the board is up' tells of a stage, 'the ceiling is boarded' of a part of it. */
const MADE_OF: Partial<Record<Stage, readonly Element[]>> = {
  wires: ['wire'],
  pipes: ['pipe'],
  ducts: ['duct'],
  insulation: ['insulation'],
  board: ['drywall'],
  tape: ['drywall'],
  plaster: ['plaster'],
  tile: ['tile'],
  concrete: ['slab'],
  roof: ['roof'],
  cabinets: ['cabinet'],
}

/** Words of a title that stand for several things. */
const COLLECTIVE: readonly (readonly [RegExp, readonly Element[]])[] = [
  [/\b(?:fittings|fixtures)\b/i, ['toilet', 'tub', 'shower', 'sink', 'vanity', 'mirror', 'radiator']],
  [/\bkitchen\b/i, ['cabinet', 'countertop', 'backsplash', 'sink', 'appliance']],
  [/\bappliances\b/i, ['appliance']],
  [/\bwalls and ceiling\b/i, ['drywall', 'plaster']],
  [/\bold floor\b/i, ['tile']],
]

const SURFACES: readonly Element[] = ['wall', 'ceiling', 'floor']

/** Names of one part of what stands together: 'the uppers' are not the cabinets. */
const ONE_PART =
  /\b(?:uppers?|lowers?|island|pantry|larder|drawers?|fronts|hood|jambs?|treads?|risers?|rails?|caps?|frames?|leaf|leaves|covers?)\b/g

const IN_ALL = /\b(?:all|everything|every|whole|both|entire|complete|completely|the lot|top to bottom)\b/
const STRIPPED = /\b(?:strip|gut|demo|tear|tore|torn|rip|cleared|empt|bare|everything|all of it|the lot)/
const MEASURES = /\b(?:measur|templat)/

const namedIn = (words: string): Set<Element> =>
  new Set(elementsIn(plain(words).split(' ')).flatMap(({ key, where }) => (key === '' || where ? [] : [key])))

/** What is told to be so is nothing that is known by name: 'the alcove'. What is out or off and no stage of ours was
 * switched off, or went: 'the power is out'. */
function namesUnknown(said: string, place: Place, stage: Stage | undefined): boolean {
  const subject = said.split(/ (?:is|are|has|have) /)[0]!
  const here = plain(place.name).split(' ')
  return (
    namesAnother(said) &&
    !subject.split(' ').some((word) => here.includes(word)) &&
    stagesNamed(subject).every((one) => stage === 'strip-out' && one !== stage) &&
    tradesNamed(subject).length === 0 &&
    !/\b(?:coats?|fix|rough|prep|room|place|demo|strip|site|house)\b/.test(subject)
  )
}

/** Whether one thing alone is told of a title that names several alike: 'the back wall' of 'Tile walls'. */
const oneOfSeveral = (title: string, said: string, thing: Element): boolean =>
  (said.match(ONE_PART) ?? []).some((part) => !title.toLowerCase().includes(part.replace(/s$/, ''))) ||
  ((thing === 'wall' || thing === 'ceiling') &&
    new RegExp(`\\b${thing}s\\b`, 'i').test(title) &&
    new RegExp(`\\b${thing}\\b`).test(said) &&
    !new RegExp(`\\b${thing}s\\b`).test(said))

const surfacesIn = (words: string): readonly Element[] =>
  SURFACES.filter((one) => new RegExp(`\\b${one}s?\\b`, 'i').test(words))

/** Whether one surface alone is told of a title that names several: 'the floor tile is laid' of 'Tile walls and floor'. */
function oneSurface(title: string, said: string): boolean {
  const [its, told] = [surfacesIn(title), surfacesIn(said)]
  return told.length > 0 && its.length > 1 && its.some((one) => !told.includes(one))
}

/** What a title names, beside what stands for several things in it. */
const coveredBy = ({ title }: Line): readonly Element[] =>
  COLLECTIVE.flatMap(([pattern, things]) => (pattern.test(title) ? things : []))

/** What a line sets, hangs or paints, without what that is for: the rail of 'Backing for rail and glass' is not. */
const thingsOf = ({ title }: Line): Set<Element> => namedIn(title.replace(/ (?:for|to) .*$/, ''))

/** Whether one deed alone is told of a title that lists several: 'they framed the niche' of 'Straighten studs, frame niche'. */
function oneOfDeeds({ title }: Line, said: string): boolean {
  const deeds = title.split(', ').filter((deed) => /^[a-z]+ [a-z]/i.test(deed))
  const stems = new Set(stemsOf(said))
  const itsThing = (deed: string): boolean => stemsOf(deed.replace(/^\w+ /, '')).some((stem) => stems.has(stem))
  return deeds.some(itsThing) && !deeds.every(itsThing)
}

/** Whether a line is told of as a whole, in part, or not at all. */
function toldOf(line: Line, told: ReadonlySet<Element>, said: string): 'whole' | 'part' | null {
  const inTitle = thingsOf(line)
  const made = (MADE_OF[line.stage] ?? []).some((one) => told.has(one) && one === line.element)
  if (made && line.stage !== 'strip-out') return 'whole'
  const own = told.has(line.element) || [...told].some((one) => inTitle.has(one))
  if (own) {
    // 'Tiled' names the tile.
    const untold = (one: Element): boolean => !told.has(one) && !MADE_OF[line.stage]?.includes(one)
    const lacking = [...inTitle].filter(untold)
    const beside = coveredBy(line).some((one) => untold(one) && !inTitle.has(one))
    const itself = told.has(line.element) && !inTitle.has(line.element) && !beside
    return itself || IN_ALL.test(said) || (lacking.length === 0 && !beside) ? 'whole' : 'part'
  }
  if (coveredBy(line).some((one) => told.has(one))) return 'part'
  if (inTitle.size === 0 || (MADE_OF[line.stage] ?? []).some((one) => inTitle.has(one))) {
    const surfaces = SURFACES.filter((one) => told.has(one))
    const meant: readonly Element[] = SURFACES.filter((one) => line.basis.includes(one))
    if (surfaces.length > 0 && surfaces.some((one) => meant.includes(one)))
      return meant.every((one) => told.has(one)) ? 'whole' : 'part'
  }
  return null
}

/** Whether a line does whatever there is of its kind, and not only what its title names. */
const takesAny = (line: Line): boolean =>
  line.stage !== 'strip-out' && (MADE_OF[line.stage] !== undefined || thingsOf(line).size === 0)

/** How many words a title shares with what was said. */
const shared = ({ title }: Line, words: string): number => {
  const said = new Set(stemsOf(words))
  return stemsOf(title).filter((stem) => said.has(stem)).length
}

/** Of lines of one stage, those that share most of their words with what was said, where any does. */
export function nearest(pool: readonly Line[], words: string): readonly Line[] {
  const most = Math.max(0, ...pool.map((one) => shared(one, words)))
  return pool.filter((one) => shared(one, words) === most)
}

/** Work by the name of who does it: 'second fix plumbing'. */
const BY_TRADE: readonly (readonly [RegExp, Trade])[] = [
  [/\bplumbing\b/, 'plumber'],
  [/\b(?:electrics?|electrical|wiring)\b/, 'electrician'],
  [/\bcarpentry\b/, 'carpenter'],
]

/** Of lines of one stage those of the trade whose work is named, where one is. */
function ofOneTrade(lines: readonly Line[], said: string): readonly Line[] {
  const trade = BY_TRADE.find(([pattern]) => pattern.test(said))?.[1]
  const theirs = lines.filter((one) => one.trade === trade)
  return theirs.length > 0 ? theirs : lines
}

const trades = (lines: readonly Line[]): number => new Set(lines.map(({ trade }) => trade)).size

const partition = (lines: readonly Line[], isFirst: (line: Line) => boolean): [readonly Line[], readonly Line[]] => [
  lines.filter(isFirst),
  lines.filter((one) => !isFirst(one)),
]

/** Whether words tell of one thing, surface or deed of the several that a title lists. */
const isOnePart = (line: Line, told: ReadonlySet<Element>, said: string): boolean =>
  !IN_ALL.test(said) &&
  (oneSurface(line.title, said) ||
    oneOfDeeds(line, said) ||
    [...told].some((one) => oneOfSeveral(line.title, said, one)))

/** One of several alike, by where it is: 'framing is up on the long wall', 'the first side of the drywall is on'. */
const ONE_OF_THEM =
  /\b(?:on|along|at|of) (?:the|one|this|that) (?:[a-z]+ )?(?:wall|side|end|corner|bay)\b|\b(?:first|second|one|other|left|right|left hand|right hand) (?:side|half|wall|layer|end)\b/

/** Where something is on is not what is on: 'the shut-offs are on all three fixtures'. */
const ON_THEM = /\b((?:is|are) on) (?:all|both|every|each)\b.*$/i

/** What was brought is here, and not in. */
const BROUGHT = /\b(?:delivered|unloaded|dropped off|(?:is|are|has|have) (?:arrived|come)|arrived)\b/

/** The lines of a place that a spoken line means: those of its stage, narrowed to its thing where some have it. What a line
 * does beside is no more done than what nobody told of: 'the mirror is up' sets no toilet. */
export function linesMeant(line: SpokenLine, place: Place, state: SiteState): LinesMeant {
  const said = plain(line.words)
  if (line.kind === 'progress' && BROUGHT.test(said)) return NONE
  const { whole, partOf } = linesNamed({ ...line, words: line.words.replace(ON_THEM, '$1') }, place, state)
  const oneOnly = place.kind === 'room' && ONE_OF_THEM.test(said) && !/\b(?:all|every|both)\b/.test(said)
  const told = toldIn(line)
  const [all, some] = partition(whole, (one) => one.inspects !== undefined || !(oneOnly || isOnePart(one, told, said)))
  return { whole: all, partOf: [...some, ...partOf] }
}

/** The things that words tell of. */
const toldIn = ({ words, element }: SpokenLine): Set<Element> =>
  new Set([...namedIn(words), ...(element ? [element] : [])])

function linesNamed(line: SpokenLine, place: Place, state: SiteState): LinesMeant {
  const here = state.lines.filter((one) => one.placeId === place.id && one.excluded === null)
  const at = (stage: Stage | undefined): Line[] => here.filter((one) => one.stage === stage)
  // A flood test is no test of pressure.
  const flooded = here.filter(({ title }) => /flood/i.test(title))
  if (line.action === 'test' && /flood|ponding/i.test(line.words)) return { whole: [], partOf: flooded }
  if (line.action === 'test' || line.action === 'inspect')
    return {
      whole: here.filter(
        (one) =>
          one.inspects &&
          (!line.stage || one.inspects.includes(line.stage)) &&
          (line.action === 'inspect') === (one.trade === 'inspector'),
      ),
      partOf: [],
    }
  const meant = at(stageMeant(line))
  const staged = meant.length > 0 ? meant : at(line.stage)
  const pool = (line.stage ? staged : here).filter(
    (one) => one.trade !== 'inspector' && !one.inspects && (line.doer === undefined || one.trade === line.doer),
  )
  const said = plain(line.words)
  // 'The walls are framed' says nothing of their sheathing.
  const framed = pool.filter(({ element }) => element !== 'sheathing' || /sheath|plywood|osb/i.test(line.words))
  if (framed.length < pool.length) return { whole: framed, partOf: [] }
  const told = toldIn(line)
  // What is in was measured; what is measured is not in.
  const fitting = (one: Line): boolean => (one.action === 'measure') === MEASURES.test(said)
  if (told.size === 0 && line.stage) {
    const near = nearest(ofOneTrade(pool.filter(fitting), said), line.words)
    const unknown = namesUnknown(said, place, line.stage)
    if (!unknown || (line.stage === 'strip-out' && STRIPPED.test(said)))
      return IN_ALL.test(said) || trades(near) < 2 ? { whole: near, partOf: [] } : { whole: [], partOf: near }
    return near.length === 1 && line.stage !== 'strip-out' ? { whole: [], partOf: near } : NONE
  }
  // Without a stage only the thing tells which line is meant.
  if (!line.stage) {
    // All of a room's work has its walls: 'open the wall' shares more than that with its line.
    const surface = SURFACES.some((one) => one === line.element)
    const its = pool.filter((one) => (surface ? shared(one, line.words) > 1 : one.element === line.element))
    return { whole: its, partOf: [] }
  }
  // 'The trim' is all of its stage.
  if ([...told].every((one) => one === line.stage)) return { whole: nearest(pool, line.words), partOf: [] }
  const measured = pool.filter(fitting)
  const apt = measured.length > 0 ? measured : pool
  const near = nearest(
    apt.filter((one) => toldOf(one, told, said) !== null),
    line.words,
  )
  if (near.length > 0) {
    const [whole, partOf] = partition(near, (one) => toldOf(one, told, said) === 'whole')
    return { whole, partOf }
  }
  // A thing that no line names is a part of the only one there is; of several nobody knows which.
  const [only, another] = apt
  return only && !another && takesAny(only) ? { whole: [], partOf: [only] } : NONE
}
