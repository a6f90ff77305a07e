/** What the firm could learn, or has, traceable to its cases. */
export interface LearnedRow {
  readonly key: string
  readonly says: string
  readonly cases: readonly string[]
  /** Told, and not counted. */
  readonly odd: readonly string[]
  readonly taken: boolean
}
