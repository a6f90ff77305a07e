import { signed } from '../measure/signed'

/** What the sky does, told as on site. */
export const SKIES = ['dry', 'overcast', 'showers', 'rain', 'snow', 'frost', 'hot', 'storm'] as const
export const GROUNDS = ['dry', 'damp', 'soaked', 'frozen', 'under snow'] as const

/** The conditions of one day on site. Temperatures in whole °C. */
export interface SiteConditions {
  readonly sky: (typeof SKIES)[number]
  readonly low: number
  readonly high: number
  readonly ground: (typeof GROUNDS)[number]
}

export const conditionWords = ({ sky, low, high, ground }: SiteConditions): string =>
  `${sky}, ${signed(low)} to ${signed(high)} °C, ground ${ground}`
