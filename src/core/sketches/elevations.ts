import type { Printer } from '../takeoff/printer'
import { box, label, line, outline, spot, type Shape, type Sketch } from './sketch'

/** A face seen from outside: its wall where it has one, a gable on it, openings side by side as they were told, courses where
 * known. */
export function faceSketch(
  face: {
    wall: readonly [number, number]
    gable?: { base: number; rise: number }
    openings: readonly (readonly [number, number])[]
    course?: number
  },
  p: Printer,
): Sketch {
  const [long, tall] = face.wall
  const margin = long * 0.06
  const rise = face.gable?.rise ?? 0
  const top = margin + rise
  /** Room for the height, beside the wall and not across it. */
  const left = long * 0.13
  const at = (x: number, y: number) => spot(left + x, top + y)
  const gap = Math.max(0, long - face.openings.reduce((sum, [w]) => sum + w, 0)) / (face.openings.length + 1)
  let x = gap
  const openings = face.openings.flatMap(([w, h]): Shape[] => {
    const sill = h > tall * 0.75 ? tall - h : Math.max(0, (tall - h) / 2)
    // Under the opening where there is wall under it; a door is told over its head.
    const under = sill + h + margin / 2
    const shapes = [
      box(at(x, sill), w, h, 'old'),
      label(at(x + w / 2, under < tall ? under : sill - margin / 2), `${p.len(w)} × ${p.len(h)}`),
    ]
    x += w + gap
    return shapes
  })
  const courses = face.course
    ? Array.from({ length: Math.floor(tall / face.course) }, (_, i) =>
        line(at(0, tall - (i + 1) * face.course!), at(long, tall - (i + 1) * face.course!), 'level'),
      )
    : []
  return {
    title:
      tall > 0
        ? `A face of ${p.len(long)} by ${p.len(tall)} with ${face.openings.length} openings`
        : `A gable of ${p.len(long)}, ${p.len(rise)} high`,
    width: long + left + margin,
    height: tall + rise + 2.5 * margin,
    shapes: [
      ...courses,
      outline([at(0, 0), at(0, tall), at(long, tall), at(long, 0), at(0, 0)], 'new'),
      ...(face.gable
        ? [
            outline(
              [at((long - face.gable.base) / 2, 0), at(long / 2, -rise), at((long + face.gable.base) / 2, 0)],
              'new',
            ),
          ]
        : []),
      ...openings,
      label(at(long / 2, tall + margin), p.len(long)),
      tall > 0
        ? label(at(-margin / 4, tall / 2), p.len(tall), 'end')
        : label(at(long / 2, -rise / 3), p.len(rise), 'middle'),
    ],
  }
}

/** A run of cabinets in its niche: boxes, fillers, and what is left at each side. */
export function cabinetSketch(
  run: { niche: number; boxes: readonly number[]; fillers: readonly number[]; residual: number },
  p: Printer,
): Sketch {
  const { niche, boxes, fillers, residual } = run
  const margin = niche * 0.06
  const tall = niche * 0.35
  const side = Math.max(0, residual) / 2
  let x = margin + side
  const pieces = [...boxes.map((w) => [w, 'new'] as const), ...fillers.map((w) => [w, 'obstacle'] as const)]
  const drawn = pieces.flatMap(([w, tone]): Shape[] => {
    const shapes = [box(spot(x, margin), w, tall, tone), label(spot(x + w / 2, margin + tall / 2), p.len(w))]
    x += w
    return shapes
  })
  return {
    title: `A niche of ${p.len(niche)} with ${boxes.length} boxes, ${p.len(residual)} left`,
    width: niche + 2 * margin,
    height: tall + 3 * margin,
    shapes: [
      ...drawn,
      line(spot(margin, margin * 0.5), spot(margin, tall + margin * 1.5), 'old'),
      line(spot(margin + niche, margin * 0.5), spot(margin + niche, tall + margin * 1.5), 'old'),
      label(spot(margin + niche / 2, tall + margin * 2.4), `${p.len(niche)}, ${p.len(residual)} left`),
    ],
  }
}

/** A stack of layers up to a plane. */
export function stackSketch(stack: { plane: number; layers: readonly number[] }, p: Printer): Sketch {
  const { plane, layers } = stack
  const all = Math.max(
    plane,
    layers.reduce((sum, layer) => sum + layer, 0),
  )
  const tall = all * 0.5
  let x = 0
  const drawn = layers.flatMap((layer): Shape[] => {
    const shapes = [
      box(spot(x, all * 0.05), layer, tall, 'new'),
      label(spot(x + layer / 2, all * 0.05 + tall / 2), p.len(layer)),
    ]
    x += layer
    return shapes
  })
  return {
    title: `${layers.length} layers up to a plane at ${p.len(plane)}`,
    width: all * 1.15,
    height: tall * 1.5,
    shapes: [
      ...drawn,
      line(spot(plane, 0), spot(plane, tall * 1.2), 'level'),
      label(spot(plane, tall * 1.4), `plane ${p.len(plane)}`, 'end'),
    ],
  }
}
