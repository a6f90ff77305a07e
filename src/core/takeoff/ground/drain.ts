import { calculation, length, number, optional, output } from '../calculation'
import { depthWarnings } from './depthWarnings'

/** C-23: drop = run × slope; dig = invert + pipe wall + bedding (4 in, 100 mm) on level ground. Slope as one in so many:
 * 1/4 in a foot is 1 in 48, 1/8 in 1 in 96; metric 1:40 to 1:80. */
export const drain = calculation({
  id: 'C-23',
  title: 'Drain fall',
  inputs: {
    run: length('Run'),
    slope: number('Fall, one in', { default: { metric: 40, imperial: 48 } }),
    invert: length('Invert at the start, below ground or slab', { default: 0 }),
    wall: length('Wall of the pipe', { default: { metric: 3, imperial: 6.35 } }),
    bedding: length('Bedding', { default: { metric: 100, imperial: 101.6 }, zero: true }),
    available: optional(length('Fall that is to be had')),
  },
  outputs: {
    drop: output('Drop', 'mm'),
    invertEnd: output('Invert at the end', 'mm'),
    digStart: output('Dig at the start', 'mm'),
    digEnd: output('Dig at the end', 'mm'),
    spare: output('Fall to spare', 'mm'),
  },
  run: ({ run, slope, invert, wall, bedding, available }, p, units) => {
    const drop = run / slope
    const invertEnd = invert + drop
    const digEnd = invertEnd + wall + bedding
    const spare = available === undefined ? 0 : available - drop
    return {
      outputs: { drop, invertEnd, digStart: invert + wall + bedding, digEnd, spare },
      steps: [
        `${p.len(run)} at 1 in ${p.num(slope)}: drop ${p.len(drop)}, invert ${p.len(invertEnd)} at the end.`,
        `Dig ${p.len(invert + wall + bedding)} at the start and ${p.len(digEnd)} at the end, with wall and bedding.`,
        ...(available === undefined ? [] : [`${p.len(spare)} of fall ${spare < 0 ? 'are missing' : 'to spare'}.`]),
      ],
      warnings: [
        ...depthWarnings(digEnd, p, units),
        ...(spare < 0 ? ['The fall is not to be had: another route, or a pump.'] : []),
      ],
    }
  },
})
