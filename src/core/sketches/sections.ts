import type { Printer } from '../takeoff/printer'
import { box, label, line, outline, spot, type Sketch } from './sketch'

/** A stair from the side, with its risers. */
export function stairSketch(stair: { rise: number; risers: number; tread: number }, p: Printer): Sketch {
  const { rise, risers, tread } = stair
  const riser = rise / risers
  const run = (risers - 1) * tread
  const points = Array.from({ length: risers }, (_, i) => [
    spot(i * tread, rise - i * riser),
    spot(i * tread, rise - (i + 1) * riser),
  ]).flat()
  const margin = run * 0.12
  return {
    title: `A stair of ${risers} risers of ${p.len(riser)}`,
    width: run + tread + 2 * margin,
    height: rise + 2 * margin,
    shapes: [
      outline(
        [...points, spot(run + tread, 0)].map(({ x, y }) => spot(x + margin, y + margin)),
        'new',
      ),
      line(spot(0, rise + margin), spot(run + tread + 2 * margin, rise + margin), 'level'),
      label(spot(margin + run / 2, rise + margin * 1.7), `${p.len(run)} run`),
      label(spot(margin + run * 0.3, margin + rise * 0.25), `${risers} × ${p.len(riser)}`),
    ],
  }
}

/** A run of drain from the side: ground, pipe with its fall drawn large, inverts and what is dug. */
export function drainSketch(
  drain: { run: number; invertStart: number; invertEnd: number; digStart: number; digEnd: number },
  p: Printer,
): Sketch {
  const { run, invertStart, invertEnd, digStart, digEnd } = drain
  // Drawn four times as deep as long, or nobody would see the fall.
  const tall = run * 0.45
  const y = (depth: number): number => run * 0.08 + (depth / Math.max(digEnd, 1)) * tall
  const left = run * 0.1
  /** Both ends are labelled under the deeper one, clear of the trench. */
  const foot = y(Math.max(digStart, digEnd)) + run * 0.06
  const ends = [
    [left, invertStart, digStart, 'start'],
    [left + run, invertEnd, digEnd, 'end'],
  ] as const
  return {
    title: `A drain from an invert of ${p.len(invertStart)} to ${p.len(invertEnd)}`,
    width: run * 1.2,
    height: run * 0.7,
    shapes: [
      line(spot(0, y(0)), spot(run * 1.2, y(0)), 'level'),
      outline([spot(left, y(0)), spot(left, y(digStart)), spot(left + run, y(digEnd)), spot(left + run, y(0))], 'old'),
      line(spot(left, y(invertStart)), spot(left + run, y(invertEnd)), 'new'),
      ...ends.flatMap(([at, invert, dig, side]) => [
        label(spot(at, foot), `invert ${p.len(invert)}`, side),
        label(spot(at, foot + run * 0.05), `dig ${p.len(dig)}`, side),
      ]),
      label(spot(left + run / 2, y(0) - run * 0.02), p.len(run)),
    ],
  }
}

/** A bulkhead in section: joists, what hangs there, the box round it, and the headroom under it. */
export function bulkheadSketch(
  bulkhead: { joists: number; obstruction: number; drop: number; headroom: number; floor: number },
  p: Printer,
): Sketch {
  const { joists, obstruction, drop, headroom, floor } = bulkhead
  const width = joists * 1.1
  const top = joists * 0.1
  const left = width * 0.1
  const wide = width * 0.4
  return {
    title: `A bulkhead of ${p.len(drop)} with ${p.len(headroom)} under it`,
    width,
    height: joists + 2 * top,
    shapes: [
      box(spot(0, 0), width, top, 'old'),
      box(spot(left + wide * 0.2, top), wide * 0.6, obstruction, 'obstacle'),
      outline([spot(left, top), spot(left, top + drop), spot(left + wide, top + drop), spot(left + wide, top)], 'new'),
      box(spot(0, top + joists - floor), width, Math.max(floor, 1), 'old'),
      line(spot(0, top + joists - floor), spot(width, top + joists - floor), 'level'),
      line(spot(left + wide / 2, top + drop), spot(left + wide / 2, top + joists - floor), 'level'),
      label(spot(left + wide + width * 0.02, top + drop / 2), `drop ${p.len(drop)}`, 'start'),
      label(spot(left + wide / 2 + width * 0.02, top + drop + headroom / 2), p.len(headroom), 'start'),
    ],
  }
}
