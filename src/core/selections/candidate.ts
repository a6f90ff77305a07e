import type { Minor } from '../measure/money'

/** One of several things that a selection may become. */
export interface Candidate {
  readonly name: string
  /** Lead at best, likely and at worst, in calendar days. */
  readonly leadDays: readonly [number, number, number]
  readonly supplier?: string
  /** What it costs the client. */
  readonly price?: Minor
  /** Working days that it takes to put in, where they differ. */
  readonly days?: number
}
