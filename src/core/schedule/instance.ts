/** The abstract scheduling problem. It knows nothing of renovation: a published benchmark file becomes the same thing. */

/** A way to do an activity: working slots it takes and what it uses of each resource while it works. */
export interface Mode {
  readonly duration: number
  readonly demands: readonly Demand[]
  /** Only in one coming with other work of its team on its site, begun before it: they are set up already. */
  readonly follows?: boolean
}

/** A team that comes back to a site within so many slots has not gone away: two days. */
export const STAYS = 4

export interface Demand {
  readonly resource: number
  readonly units: number
}

export interface Activity {
  /** Those that follow come last, in the order of those that do not. */
  readonly modes: readonly Mode[]
  /** Index of the calendar whose open slots it works in. */
  readonly calendar: number
  /** First slot in which it may start. */
  readonly release: number
  /** Index of the calendar in whose slots alone it begins; an agreed start may be any. */
  readonly starts?: number
  /** Slot by whose end it should be finished, where somebody promised. */
  readonly deadline?: number
  /** Start that was agreed; kept wherever predecessors and release allow. */
  readonly fixed?: number
  /** How much it counts where the agreed start cannot be kept; 1 where nothing is said. */
  readonly weight?: number
  /** Start in the plan before; kept where nothing better is won by moving. */
  readonly before?: number
  /** Slots of a site's end that it has to win to be moved from there; a fifth of one where nothing is said. */
  readonly moving?: number
  /** Mode in the plan before, kept with its start. */
  readonly manned?: number
  /** Already under way: goes on before anything new is begun. */
  readonly begun?: boolean
  /** The project that it belongs to: each has an end of its own. */
  readonly site?: number
  /** Who comes for it; comings are counted by site and team. */
  readonly team?: number
  /** Done by a crew of our own, whose weeks should be even. */
  readonly own?: boolean
}

export interface Resource {
  /** Units there are in every slot, or slot by slot. */
  readonly capacity: number | Uint8Array
}

export interface Precedence {
  readonly from: number
  readonly to: number
  /** Elapsed slots to wait after the finish of `from`. */
  readonly lag: number
}

/** What some activities open and others close again: a house that stands open, a service that is off. It should not last
 * longer than `most`; everything that lies between waits for what closes it. */
export interface Span {
  readonly opens: readonly number[]
  readonly closes: readonly number[]
  /** Slots that may lie between, over which it is too long. */
  readonly most: number
  /** 'nights': from the day on which what opens ends to the day on which the first that closes begins. 'whole': from the
   * first start of what opens to the last finish of what closes. 'between': from the finish of what opens to the last
   * start of what closes. */
  readonly counts: 'nights' | 'whole' | 'between'
  /** What a slot over it costs, in slots of a site's end; where nothing is said no end is worth it. */
  readonly price?: number
}

export interface Instance {
  /** Slots that the calendars cover. */
  readonly horizon: number
  /** One entry a slot: 1 open, 0 closed. */
  readonly calendars: readonly Uint8Array[]
  readonly resources: readonly Resource[]
  readonly activities: readonly Activity[]
  readonly precedences: readonly Precedence[]
  readonly spans?: readonly Span[]
  /** Where somebody asks what could be won at all, a visit that moves costs nothing. */
  readonly movesAreFree?: boolean
  /** Pairs of spans, by their numbers, that should not lie over each other: a slot of both at once costs one of an end. */
  readonly apart?: readonly (readonly [number, number])[]
}

/** Start and finish slot of every activity and the mode that it is done in; the finish is the slot after its last
 * working slot. */
export interface Schedule {
  readonly start: Int32Array
  readonly finish: Int32Array
  readonly mode: Uint8Array
  readonly makespan: number
  /** The weight of the agreed starts that could not be kept. */
  readonly broken: number
  /** Of each activity that waits although it could be earlier, the span that it waits for. */
  readonly waits?: ReadonlyMap<number, number>
}
