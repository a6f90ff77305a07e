import { calculation, count, length, optional, output, up } from '../calculation'

/** Risers may differ by 3/8 in. */
const LIKE = 9.525

/** Drop from which a guard is likely; the local rule decides. */
export const GUARD_FROM = { metric: 600, imperial: 762 } as const

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
    headroom: optional(length('Headroom over the pitch')),
    guardFrom: length('Drop from which a guard is likely', { default: GUARD_FROM }),
    railFrom: count('Risers from which a handrail is likely', { default: 4 }),
    leastHeadroom: length('Least headroom over the pitch', { default: { metric: 2000, imperial: 2032 } }),
  },
  outputs: {
    risers: output('Risers', 'pieces'),
    riser: output('Each', 'mm'),
    run: output('Run', 'mm'),
    comfort: output('Two risers and a tread', 'mm'),
    pitch: output('Pitch', 'degrees'),
    guard: output('A guard at its open sides'),
    handrail: output('A handrail'),
  },
  run: ({ rise, greatest, tread, firstMark, headroom, guardFrom, railFrom, leastHeadroom }, p, units) => {
    const risers = up(rise / greatest)
    const riser = rise / risers
    const comfort = 2 * riser + tread
    const pitch = (Math.atan2(riser, tread) * 180) / Math.PI
    const [low, high] = units === 'imperial' ? [24 * 25.4, 25 * 25.4] : [550, 700]
    const guard = rise >= guardFrom ? 'likely' : 'ask the authority'
    const handrail = risers >= railFrom ? 'likely' : 'ask the authority'
    return {
      outputs: { risers, riser, run: (risers - 1) * tread, comfort, pitch, guard, handrail },
      steps: [
        `${p.len(rise)} at no more than ${p.len(greatest)}: ${risers} risers of ${p.len(riser)}, run ${p.len((risers - 1) * tread)}.`,
        `Two risers and a tread ${p.len(comfort)}, pitch ${p.num(pitch, 1)}°.`,
        rise >= guardFrom
          ? `Its open sides drop ${p.len(rise)}: a guard is likely needed, from the day the old one goes.`
          : `Its open sides drop ${p.len(rise)}, less than ${p.len(guardFrom)}: whether a guard is needed is the authority’s question.`,
        ...(handrail === 'likely' ? [`${risers} risers: a handrail is likely needed.`] : []),
      ],
      warnings: [
        ...(firstMark !== undefined && Math.abs(firstMark - riser) > LIKE
          ? [
              `The first riser is marked ${p.len(firstMark)} instead of ${p.len(riser)}: mark again from the finished levels.`,
            ]
          : []),
        ...(comfort < low || comfort > high ? [`Comfort lies outside ${p.len(low)} to ${p.len(high)}.`] : []),
        ...(pitch > 42 ? ['Steeper than 42°.'] : []),
        ...(headroom !== undefined && headroom < leastHeadroom
          ? [
              `Headroom over the pitch ${p.len(headroom)}, under ${p.len(leastHeadroom)}: ask the authority before it is built.`,
            ]
          : []),
        'Mark risers from the finished levels. Guards and handrails by local rule.',
      ],
    }
  },
})
