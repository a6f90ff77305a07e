import { mm, type Tenths } from './length'

/** Sawn boards by their trade name, with what they really measure when planed. Softwood lumber, general trade sizes. */
const ACTUAL: Readonly<Record<string, readonly [number, number]>> = {
  '1x2': [19, 38],
  '1x3': [19, 64],
  '1x4': [19, 89],
  '1x6': [19, 140],
  '1x8': [19, 184],
  '1x10': [19, 235],
  '1x12': [19, 286],
  '2x2': [38, 38],
  '2x3': [38, 64],
  '2x4': [38, 89],
  '2x6': [38, 140],
  '2x8': [38, 184],
  '2x10': [38, 235],
  '2x12': [38, 286],
  '4x4': [89, 89],
  '4x6': [89, 140],
  '6x6': [140, 140],
}

export interface NominalSize {
  readonly name: string
  readonly thickness: Tenths
  readonly width: Tenths
}

/** The actual size of a board that is called by its nominal one (C-00).
 * @returns null where the words are not a nominal size: `2x4`, `2 by 4`, `1×6`, without a unit
 * @example nominalSize('2x4') // => { name: '2×4', thickness: 380, width: 890 }   1 1/2 by 3 1/2 in, 38 by 89 mm */
export function nominalSize(text: string): NominalSize | null {
  const said = /^(\d{1,2})\s*(?:x|×|by)\s*(\d{1,2})$/i.exec(text.trim())
  const actual = said ? ACTUAL[`${said[1]}x${said[2]}`] : undefined
  return actual ? { name: `${said![1]}×${said![2]}`, thickness: mm(actual[0]), width: mm(actual[1]) } : null
}
