import { plain } from './clauses'

/** Words that tell a direction or a sort and are never a place by themselves. */
const SORTS = new Set(
  'ground room face side front back rear upper lower main new old left right north south east west roof bath stair floor area space wing level house hall door window bedroom yard store end'.split(
    ' ',
  ),
)
/** Of those, the ones that may still name a place where only one place has them and they lead. */
const MAY_LEAD = new Set(['hall', 'bath', 'yard', 'store', 'bedroom'])

/** One way of calling a place, or several places by a plural. */
interface PlaceName {
  /** The words as a pattern. */
  readonly called: string
  readonly places: readonly string[]
  /** Where it leads a clause, and where it is named later in one. */
  readonly leads: RegExp
  readonly later: RegExp
}
/** The names of a site's places, the longest first. */
export type PlaceNames = readonly PlaceName[]

const KNOWN = new WeakMap<readonly string[], PlaceNames>()

/** The ways in which a site's places may be called: by their names, and by a part that no other place shares. One text is
 * read in many pieces, each of which asks. */
export function placeNames(places: readonly string[]): PlaceNames {
  const known = KNOWN.get(places) ?? namesOf(places)
  KNOWN.set(places, known)
  return known
}

function namesOf(places: readonly string[]): PlaceNames {
  const known = places.map((place) => ({ place, words: plain(place).split(' ') }))
  const names = known.map(({ place, words }) => placeName(words.join(' '), [place]))
  const having = (word: string): string[] => known.filter(({ words }) => words.includes(word)).map(({ place }) => place)
  for (const { place, words } of known) {
    if (words.length === 1) continue
    for (const word of words) {
      if (/^(?:and|or|of|the|a|an|with|to|in|on|under|over|by|for|at|no|one|two|three|four|five|\d+)$/.test(word))
        continue
      const unique = having(word).length === 1
      const fits = unique && (!SORTS.has(word) || MAY_LEAD.has(word))
      const taken = known.some((other) => other.words.length === 1 && other.words[0] === word)
      if (fits && !taken) names.push(placeName(word, [place]))
    }
    if (words.length > 2) {
      const tail = words.slice(1).join(' ')
      if (known.filter((other) => other.words.join(' ').endsWith(tail)).length === 1)
        names.push(placeName(tail, [place]))
    }
  }
  for (const sort of new Set(known.map(({ words }) => words.at(-1)!))) {
    const all = known.filter(({ words }) => words.at(-1) === sort).map(({ place }) => place)
    if (all.length < 2) continue
    names.push(
      placeName(`(?:all|both)(?: of)?(?: the)?(?: two| three| four)? ${sort}s`, all),
      placeName(`the ${sort}s`, all),
    )
  }
  return names.sort((a, b) => b.called.length - a.called.length)
}

const FILLER =
  '(?:ok|okay|right|er|uh|um|erm|so|well|now|and|but|then|next|also|yeah|yes|alright|anyway|still|oh|plus|moving on|move on|moving|over|on|going|heading|go|onto|out|up|down|back|through|into|in|to|at|round|around|here|we are|we re|i am|now we|the|this is|that is|for|as for|same|first|starting|start|with|inside|outside|upstairs|downstairs|in the|next door|onto the|let us|do|look at|of)'

/** Places that are things themselves: what is said of them is said of the thing. */
const BUILT = /^(?:roof|stairs?|chimney|deck|boiler)$/

export interface PlaceFound {
  readonly places: readonly string[]
  /** The words of the clause after the place that led it; the whole clause where none led. */
  readonly rest: string
  /** It is only a heading: nothing else is said. */
  readonly alone: boolean
}

/** 'Ground wire' is on no ground floor, 'roof tiles' are a thing. */
const COMPOUND = 'wires?|faults?|rods?|bus|clamps?'
/** 'The kitchen fitters' are no kitchen. */
const PEOPLE = 'fitters?|people|guys?|lads|crew|suppliers?|showroom|firm|designer|company|shop|says|said|reckons|quotes'

function placeName(called: string, places: readonly string[]): PlaceName {
  // A word that tells a sort leads only where something is said of it.
  const said = SORTS.has(called) ? '(?= (?:is|are|s)\\b| |$)' : ''
  return {
    called,
    places,
    leads: new RegExp(
      `^(?:${FILLER} )*(?:the )?(?:${called})${said}(?: (?:now|then|next|again))?(?= |$)(?! (?:${PEOPLE}|${COMPOUND})\\b)`,
    ),
    later: new RegExp(
      `\\b(?:in|over|at|inside|into|from|for|of|on|up in|out in|down in|through to) (?:the |both )?(?:${called})\\b(?! (?:wall|door|window|floor|ceiling|slope|corner|end))`,
    ),
  }
}

/** A neighbour who wants something is no face of the house. */
const isSomebody = (called: string, rest: string): boolean =>
  /^(?:neighbou?r|tenant|client|owner)$/.test(called) && !/^(?:side|face|wall|elevation)\b/.test(rest)

/** Finds a place that leads a clause: fillers before it do not count. */
export function leadingPlace(norm: string, names: PlaceNames): PlaceFound | null {
  for (const { called, places, leads } of names) {
    const match = leads.exec(norm)
    if (!match) continue
    const rest = norm.slice(match[0].length).trim()
    if (isSomebody(called, rest)) continue
    // 'The boiler is condemned' is said in the boiler room, and of the boiler.
    const thing = called.split(' ').at(-1)!
    if (BUILT.test(thing) && /^(?:is|are|has|have|was|were|needs?|leaks?|sags?)\b/.test(rest))
      return { places, rest: `${thing} ${rest}`, alone: false }
    return { places, rest, alone: isFiller(rest) }
  }
  return null
}

/** Finds a place named later in a clause, which holds for that line only. */
export const laterPlace = (norm: string, names: PlaceNames): readonly string[] | null =>
  names.find(({ later }) => later.test(norm))?.places ?? null

const FILLERS = new RegExp(`^(?:${FILLER}(?: |$))+$`)
/** Only fillers: a lead-in without content. */
export const isFiller = (norm: string): boolean => norm === '' || FILLERS.test(norm)
