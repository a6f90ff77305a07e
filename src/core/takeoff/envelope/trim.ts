import { ImpossibleRequest } from '../../errors/impossibleRequest'
import {
  calculation,
  choice,
  count,
  length,
  lengths,
  optional,
  output,
  percent,
  sizes,
  up,
  withPercent,
} from '../calculation'
import { packSticks } from './packSticks'

const amount = (count: number, what: string): string => `${count} ${what}${count === 1 ? '' : 's'}`

/** C-01: trim around windows (head and sill run over the sides) and doors (three sides), corner boards, and the sticks
 * to cut them from. Defaults: 3 1/2 in (89 mm) boards, 12 ft (3.66 m) sticks, 1/8 in (3 mm) kerf, 10 % waste. */
export const trim = calculation({
  id: 'C-01',
  title: 'Trim around openings',
  inputs: {
    windows: optional(sizes('Windows, width by height')),
    doors: optional(sizes('Doors, width by height')),
    face: length('Face of the trim', { default: { metric: 89, imperial: 88.9 } }),
    joint: choice('How it meets', ['head over sides', 'mitred'], 'head over sides'),
    corners: count('Outside corners, two boards each', { default: 0, most: 500 }),
    cornerHeight: optional(length('Height of the corners')),
    stock: length('Length of a stick', { default: { metric: 3660, imperial: 3657.6 } }),
    kerf: length('Saw cut', { default: { metric: 3, imperial: 3.175 }, zero: true }),
    waste: percent('Waste', { default: 10 }),
    runs: optional(lengths('Straight runs: base, rakes')),
    otherStock: optional(length('Another length that it is sold in')),
  },
  outputs: {
    net: output('Trim, net', 'mm'),
    sticks: output('Sticks by cut list', 'pieces'),
    sticksByWaste: output('Sticks by net and waste', 'pieces'),
    otherSticks: output('Sticks of the other length, by net and waste', 'pieces'),
  },
  run: (v, p) => {
    const { windows = [], doors = [], runs = [], face, joint, corners, cornerHeight = 0, stock, kerf, waste } = v
    const mitred = joint === 'mitred'
    const window = ([w, h]: readonly [number, number]): number[] => {
      const side = mitred ? h + 2 * face : h
      return [w + 2 * face, w + 2 * face, side, side]
    }
    const door = ([w, h]: readonly [number, number]): number[] => [w + 2 * face, h, h]
    const pieces = [
      ...windows.flatMap(window),
      ...doors.flatMap(door),
      ...Array.from({ length: 2 * corners }, () => cornerHeight).filter((piece) => piece > 0),
      ...runs.flatMap((run) => runPieces(run, stock)),
    ]
    const long = pieces.find((piece) => piece > stock)
    if (long !== undefined)
      throw new ImpossibleRequest('piece-too-long', `a piece of ${p.len(long)} is longer than the stick.`, 'stock')
    const net = pieces.reduce((sum, piece) => sum + piece, 0)
    const sticks = packSticks(pieces, stock, kerf)
    const sticksByWaste = up(withPercent(net, waste) / stock)
    const otherSticks = v.otherStock ? up(withPercent(net, waste) / v.otherStock) : 0
    return {
      outputs: { net, sticks: sticks.length, sticksByWaste, otherSticks },
      steps: [
        `${amount(windows.length, 'window')}, ${amount(doors.length, 'door')}${runs.length > 0 ? `, ${runs.length} runs` : ''} and ${amount(corners, 'corner')}: ${amount(pieces.length, 'piece')}, ${p.len(net)} together.`,
        `Cut list on sticks of ${p.len(stock)}: ${sticks.length}. By net and ${p.num(waste)} % waste (${p.len(withPercent(net, waste))}): ${sticksByWaste}${v.otherStock ? `, or ${otherSticks} of ${p.len(v.otherStock)}` : ''}.`,
      ],
    }
  },
})

/** A run as whole sticks and what is left of it. */
const runPieces = (run: number, stock: number): number[] => {
  const whole = Math.floor(run / stock + 1e-9)
  const rest = run - whole * stock
  return [...Array<number>(whole).fill(stock), ...(rest > 1e-6 ? [rest] : [])]
}
