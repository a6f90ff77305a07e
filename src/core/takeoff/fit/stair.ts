import { calculation, length, optional, output, up } from '../calculation'

/** Risers may differ by 3/8 in. */
const LIKE = 9.525

/** C-28: risers = ⌈R / greatest riser⌉ (7 3/4 in; 220 mm), run = (n − 1) × tread, comfort 2r + t of 24 to 25 in (550 to
 * 700 mm). Always from the finished levels. */
export const stair = calculation({
  id: 'C-28',
  title: 'Stair',
  inputs: {
    rise: length('Rise, between finished levels'),
    greatest: length('Greatest riser', { default: { metric: 220, imperial: 196.85 } }),
    tread: length('Tread', { default: { metric: 280, imperial: 254 } }),
    firstMark: optional(length('First riser as it is marked')),
  },
  outputs: {
    risers: output('Risers', 'pieces'),
    riser: output('Each', 'mm'),
    run: output('Run', 'mm'),
    comfort: output('Two risers and a tread', 'mm'),
    pitch: output('Pitch', 'degrees'),
  },
  run: ({ rise, greatest, tread, firstMark }, p, units) => {
    const risers = up(rise / greatest)
    const riser = rise / risers
    const comfort = 2 * riser + tread
    const pitch = (Math.atan2(riser, tread) * 180) / Math.PI
    const [low, high] = units === 'imperial' ? [24 * 25.4, 25 * 25.4] : [550, 700]
    return {
      outputs: { risers, riser, run: (risers - 1) * tread, comfort, pitch },
      steps: [
        `${p.len(rise)} at no more than ${p.len(greatest)}: ${risers} risers of ${p.len(riser)}, run ${p.len((risers - 1) * tread)}.`,
        `Two risers and a tread ${p.len(comfort)}, pitch ${p.num(pitch, 1)}°.`,
      ],
      warnings: [
        ...(firstMark !== undefined && Math.abs(firstMark - riser) > LIKE
          ? [
              `The first riser is marked ${p.len(firstMark)} instead of ${p.len(riser)}: mark again from the finished levels.`,
            ]
          : []),
        ...(comfort < low || comfort > high ? [`Comfort lies outside ${p.len(low)} to ${p.len(high)}.`] : []),
        ...(pitch > 42 ? ['Steeper than 42°.'] : []),
        'Mark risers from the finished levels. Guards and handrails by local rule.',
      ],
    }
  },
})
