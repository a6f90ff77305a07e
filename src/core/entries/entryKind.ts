import type { Standards } from '../takeoff/standards'
import type { Day } from '../calendar/day'
import type { CautionId } from '../cautions/cautionIds'
import type { Tenths, Units } from '../measure/length'
import type { Quantity } from '../measure/quantity'
import type { PlaceKind } from '../places/place'
import type { RateKey } from '../scope/rates'
import type { Action, Element, Stage, Trade } from '../scope/vocabulary'
import type { Field, Values } from './field'
import type { Tells } from './telling'

/** What an entry is about; the registers are listed under these words, in this order. */
export const ENTRY_GROUPS = {
  job: 'The job and its people',
  place: 'Places',
  condition: 'Conditions',
  service: 'Services',
  stays: 'What stays',
  scope: 'Scope as said',
  access: 'Access and protection',
  'strip-out': 'Strip-out',
  approval: 'Approvals and licences',
  ground: 'Ground, drains and concrete',
  structure: 'Structure and framing',
  envelope: 'Faces and roof',
  rough: 'Pipes, wires, air',
  cover: 'Insulation, board, plaster',
  finish: 'Finishes',
  money: 'Money and change',
  completion: 'Completion and hand-over',
} as const
export type EntryGroup = keyof typeof ENTRY_GROUPS

/** An entry and whether it was closed, for what entries say together. */
export interface PlacedEntry {
  readonly placeId: string | null
  readonly values: Values
  readonly settled: boolean
}

export interface NamedPlace {
  readonly id: string
  readonly name: string
  readonly kind: PlaceKind
}

/** One register: what its entries tell, how they are closed, what they reckon and what they warn of. */
export interface EntryKind {
  readonly id: string
  readonly group: EntryGroup
  /** The register's name, for its list: 'Cannot be known until opened'. */
  readonly register: string
  /** One entry, for the sheet that makes it: 'A sleeping risk'. */
  readonly one: string
  /** What readers see before its name: 'Not known yet'; '' where the name says it. */
  readonly called: string
  /** Entries belong to a place, to the whole site, or to either, as whoever makes them says. */
  readonly at: 'place' | 'site' | 'either'
  /** The stages whose work it tells of, and that it never holds. Without them it concerns everybody who comes. */
  readonly work?: readonly Stage[] | ((values: Values) => readonly Stage[])
  /** The stages that come next on it, and have to know. */
  readonly next?: readonly Stage[]
  /** It tells how something is to be: a unit that is built alike has it too. */
  readonly builtAlike?: true
  /** Its values in a mirrored place, beside the left and right of its words.
   * @param long the length of the place, in tenths of a millimetre */
  readonly mirrored?: (values: Values, long: Tenths | null, units: Units) => Values
  /** Who is told what of it, beside the office. */
  readonly tells: Tells
  /** Its own fields; the first names the entry. `fieldsOf` adds what its sum asks. */
  readonly fields: readonly Field[]
  /** What it is called to its readers, where the words of its first field say more than is known. */
  readonly named?: (values: Values) => string
  /** How it is closed: the button, and what has to be said then. Without it an entry stands until it is removed. */
  readonly settle?: { readonly word: string; readonly ask?: string }
  /** What its own fields say that closes it: the result of an inspection. One act closes it everywhere. */
  readonly closedBy?: (values: Values) => string | null
  /** Closed, it is the pass of the inspections of what it names at its place. */
  readonly passes?: true
  /** While it is open, and what it tells is such, nothing may cover this place. */
  readonly holdsCover?: true | ((values: Values) => boolean)
  /** While it is open, work at its place waits but for these stages: what carries the house is left alone, and is in the way. */
  readonly holdsAllBut?: readonly Stage[]
  /** Refuses values that cannot be true together.
   * @throws ImpossibleRequest naming the field */
  readonly check?: (values: Values) => void
  /** A calculation by its id and the inputs of it that are asked after the first field: its steps and what to mind
   * follow, and a sketch where one is drawn. `sums.ts` knows the calculation; here it is only named. */
  readonly sum?: {
    readonly calculation: string
    readonly asks: readonly string[]
    /** Inputs that the record holds already, where nobody types them: of the place's own measures. */
    readonly takes?: Readonly<Record<string, Taken>>
    /** The figure that is added up over a site, for one order. */
    readonly total?: Total
  }
  /** The work that follows from it, where no line has it yet; null where what was told names none.
   * @param words those that told it; '' where it was typed */
  readonly lays?: (values: Values, words: string, units: Units) => Following | null
  /** What follows from its figures beside that, in sentences. */
  readonly reckon?: (values: Values, units: Units, standards: Standards) => readonly string[]
  /** A day on which it asks for something, where that follows from what it holds. */
  readonly due?: (values: Values) => Day | null
  /** The figure of its sum that tells how many people it takes to lift it. */
  readonly lifts?: string
  /** It is hired, and stands from the first work of one stage to the last of another. */
  readonly hired?: (values: Values) => Hire | null
  /** It is wet or hardens, and the stages that wait for it are left alone until then. */
  readonly dries?: (values: Values) => Drying | null
  /** It is leave that somebody has to give before work begins. */
  readonly leave?: (values: Values) => Leave
  /** Its day is one that the plan is held against. */
  readonly promises?: true
  /** A question that somebody asked us. */
  readonly question?: true
  /** Lines of work can be made part of its entries, which then tell how far those are. */
  readonly gathers?: true
  /** What its entries say together, in sentences. */
  readonly overview?: (entries: readonly PlacedEntry[], places: readonly NamedPlace[]) => readonly string[]
  readonly cautions?: (values: Values) => readonly CautionId[]
  /** What it asks while it is open, and of whom. */
  readonly asks?: (values: Values, units: Units) => readonly Asked[]
}

/** What of an entry tells that something is wet or hardens. */
export interface Drying {
  readonly stages: readonly Stage[]
  /** The safe day by the figures; null where somebody has to see that it is dry. */
  readonly until: Day | null
  /** In a sentence. */
  readonly words: string
}

/** What of an entry tells of leave: the work that it comes before, in words, whether it is there, and when it should be. */
export interface Leave {
  readonly before: string
  readonly granted: boolean
  readonly expected: Day | null
}

/** What of an entry tells that something is hired: what it comes before and goes after, and how it is called. */
export interface Hire {
  readonly from: Stage
  readonly until: Stage
  /** Working days ahead that it is called; 0 where nothing is said. */
  readonly notice: number
  /** The day on which it comes, where that is agreed or it is here. */
  readonly comes: Day | null
  /** Cost of seven days, in hundredths, where it was told. */
  readonly week: number | null
  /** It is used outside alone, wherever on the site it stands. */
  readonly outside: boolean
  /** It lifts what people cannot. */
  readonly lifts: boolean
}

/** Work that follows from an entry, by the firm's rate for it. */
export interface Following {
  readonly stage: Stage
  readonly trade: Trade
  readonly action: Action
  readonly element: Element
  /** As its line is called. */
  readonly title: string
  readonly rate: RateKey
  /** How much by its own figures, in the unit of the rate; without it it is a matter of an hour or two. */
  readonly amount?: Quantity
  /** Hours of one person, where its own figures tell them. */
  readonly hours?: number
}

/** A figure of a sum that is added up over a site. */
export interface Total {
  readonly output: string
  readonly words: string
  readonly unit: 'pieces' | 'L' | 'm2' | 'm3' | 'mm' | 'money'
  /** The field that tells one thing to order from another: a colour, the length of a stick. */
  readonly by?: string
}

/** What an input is taken from: a place's surface by what the entry names (wall, ceiling, floor), its floor, or a side; or
 * the thicknesses of the layers that were told of it, and how many of them lie inside of its straps. */
export type Taken = 'surface' | 'floor' | 'long' | 'wide' | 'tall' | 'layers' | 'under the straps'

/** Who can be asked something. */
export const ASKED_OF = [
  'us',
  'client',
  'designer',
  'engineer',
  'authority',
  'association',
  'contractor',
  'supplier',
] as const
export interface Asked {
  readonly of: (typeof ASKED_OF)[number]
  readonly question: string
  /** The register that answers it, where the place has an entry there. */
  readonly unless?: string
}
