import { calculation, choice, length, optional, output } from '../calculation'

/** C-12: drop = obstruction + clearance + framing + board; headroom = joists − drop − floor. Local minimum often 7 ft
 * (2.13 m), 6 ft 4 in (1.93 m) under beams and ducts in a basement. */
export const bulkhead = calculation({
  id: 'C-12',
  title: 'Bulkhead depth and headroom',
  inputs: {
    joists: length('Joists above the slab'),
    obstruction: length('Lowest thing below the joists'),
    clearance: length('Clearance under it', { default: { metric: 20, imperial: 19.05 }, zero: true }),
    framing: length('Bottom framing', { default: { metric: 38, imperial: 38.1 }, zero: true }),
    board: length('Board', { default: { metric: 12.5, imperial: 12.7 }, zero: true }),
    floor: length('Floor build-up', { default: 0 }),
    under: choice('Under a beam or a duct', ['yes', 'no'], 'no'),
    minimum: length('Least headroom', { default: { metric: 2130, imperial: 2133.6 } }),
    minimumUnder: length('Least headroom under beams and ducts', { default: { metric: 1930, imperial: 1930.4 } }),
    underside: optional(length('Underside that is wanted, above the finished floor')),
  },
  outputs: {
    drop: output('Drop below the joists', 'mm'),
    headroom: output('Headroom left', 'mm'),
    insideLine: output('Framing line below the joists for the wanted underside', 'mm'),
    rise: output('What the obstruction must rise, bare', 'mm'),
    riseWithClearance: output('and with the clearance', 'mm'),
    verdict: output('Verdict'),
  },
  run: (v, p) => {
    const drop = v.obstruction + v.clearance + v.framing + v.board
    const headroom = v.joists - drop - v.floor
    const insideLine = v.underside === undefined ? 0 : v.joists - v.floor - v.underside - v.board - v.framing
    const rise = v.underside === undefined ? 0 : Math.max(0, v.obstruction - insideLine)
    const least = v.under === 'yes' ? v.minimumUnder : v.minimum
    const verdict =
      headroom >= v.minimum ? 'likely' : headroom >= v.minimumUnder || headroom >= least ? 'ask the authority' : 'not'
    return {
      outputs: { drop, headroom, insideLine, rise, riseWithClearance: rise > 0 ? rise + v.clearance : 0, verdict },
      steps: [
        `Drop ${p.len(v.obstruction)} + ${p.len(v.clearance)} + ${p.len(v.framing)} + ${p.len(v.board)} = ${p.len(drop)}.`,
        `Headroom ${p.len(v.joists)} − ${p.len(drop)} − ${p.len(v.floor)} = ${p.len(headroom)}: ${verdict}.`,
        ...(v.underside === undefined
          ? []
          : [
              `For an underside at ${p.len(v.underside)} the framing line is ${p.len(insideLine)} below the joists; what hangs there must rise ${p.len(rise)}${rise > 0 ? `, or ${p.len(rise + v.clearance)} with its clearance` : ''}.`,
            ]),
      ],
      warnings: verdict === 'likely' ? [] : ['Headroom is the authority’s to decide; nothing here approves it.'],
    }
  },
})
