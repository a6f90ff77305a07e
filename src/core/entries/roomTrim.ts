import type { Units } from '../measure/length'
import { trimSentences } from '../reckoning/roomTrim'
import { lengthIn, type Values } from './field'

/** Where nothing else is told: a leaf with its casing, its height, and a stick as it is sold. */
const USUAL = {
  metric: { doorWide: 850, doorHigh: 2050, windowRound: 4600, stairWide: 900, stick: 4800 },
  imperial: { doorWide: 914.4, doorHigh: 2057.4, windowRound: 4572, stairWide: 914.4, stick: 4876.8 },
} as const
const WASTE = 0.1

/** What the entry of a room's trim gives in sticks, and in money for who may see it. */
export function roomTrimSentences(values: Values, units: Units): string[] {
  const usual = USUAL[units]
  const long = (key: keyof typeof usual | 'perimeter'): number | undefined => {
    const told = lengthIn(values, key)
    return told ? (told.high ?? told.tenths) / 10 : undefined
  }
  const count = (key: string): number => Number(values[key] ?? 0)
  const perimeter = long('perimeter')
  const told = { doors: count('doors'), windows: count('windows'), risers: count('risers') }
  if (perimeter === undefined && told.doors + told.windows + told.risers === 0)
    return ['Measure round the room, or count its doors and windows.']
  const money = (key: 'perDoor' | 'allDoors') => (values[key] === undefined ? {} : { [key]: Number(values[key]) })
  return trimSentences(
    {
      ...told,
      perimeter: perimeter ?? 0,
      doorWide: long('doorWide') ?? usual.doorWide,
      doorHigh: long('doorHigh') ?? usual.doorHigh,
      windowRound: long('windowRound') ?? usual.windowRound,
      stairWide: long('stairWide') ?? usual.stairWide,
      stick: long('stick') ?? usual.stick,
      crown: values['crown'] === true,
      waste: WASTE,
      ...money('perDoor'),
      ...money('allDoors'),
    },
    units,
  )
}
