/** What speaks for a line. */
export interface Evidence {
  /** How likely it begins and ends where it does. */
  readonly whole: number
  /** How likely its kind is. */
  readonly likely: number
  /** Whether the rules read the same kind in the same place. */
  readonly ruled: boolean
}

/** Of lines of voices that were held out, how often they were right: fitted by `bin/aftermist bench speech`. */
const FITTED = { base: -0.3, whole: 0.05, likely: 0.5, ruled: 0.25 }

const logOdds = (p: number): number => Math.log(Math.max(p, 1e-3) / Math.max(1 - p, 1e-3))

/** How likely a line is right, 0 to 1, to two places. */
export function sureness({ whole, likely, ruled }: Evidence): number {
  const sum = FITTED.base + FITTED.whole * logOdds(whole) + FITTED.likely * logOdds(likely) + (ruled ? FITTED.ruled : 0)
  return Math.round(100 / (1 + Math.exp(-sum))) / 100
}
