import { calculation, length, optional, output } from '../calculation'

/** The usual rule for a well before the opening: its area, how far out, and from which depth a ladder. */
const WELLS = {
  imperial: { area: 9 * 0.3048 ** 2, out: 914.4, deep: 1117.6 },
  metric: { area: 0.84, out: 915, deep: 1118 },
}

/** C-29: net clear opening with the sash open against the usual rule: 5.7 ft² (20 in wide, 24 high, sill to 44), metric
 * 0.33 m² (450 mm each way, sill to 1 100). Likely, not, or ask; never approved. */
export const escapeOpening = calculation({
  id: 'C-29',
  title: 'Escape opening',
  inputs: {
    width: length('Clear width'),
    height: length('Clear height'),
    sill: length('Sill above the floor', { zero: true }),
    wellWide: optional(length('Well, width')),
    wellOut: optional(length('Well, out from the wall')),
    wellDeep: optional(length('Well, depth')),
  },
  outputs: {
    area: output('Clear area', 'm2'),
    verdict: output('Verdict'),
    well: output('Well', 'm2'),
    ladder: output('Ladder'),
  },
  run: ({ width, height, sill, wellWide = 0, wellOut = 0, wellDeep = 0 }, p, units) => {
    const area = (width * height) / 1e6
    const imperial = units === 'imperial'
    const rule = imperial
      ? { area: 5.7 * 0.3048 ** 2, width: 508, height: 609.6, sill: 1117.6 }
      : { area: 0.33, width: 450, height: 450, sill: 1100 }
    const meets = area >= rule.area && width >= rule.width && height >= rule.height && sill <= rule.sill
    const others = area >= 0.53
    const verdict = meets ? 'likely' : 'not'
    const wells = imperial ? WELLS.imperial : WELLS.metric
    const well = (wellWide * wellOut) / 1e6
    const ladder = wellDeep === 0 ? 'no well told' : wellDeep > wells.deep ? 'needed' : 'not needed'
    return {
      outputs: { area, verdict, well, ladder },
      steps: [
        `${p.len(width)} × ${p.len(height)} = ${p.area(area)} clear, sill ${p.len(sill)}: ${verdict}.`,
        meets
          ? others
            ? 'Over the rules that are in use.'
            : 'Over this site’s usual rule, short of the 0.53 m² of others.'
          : `The usual rule asks ${p.area(rule.area)}, ${p.len(rule.width)} by ${p.len(rule.height)}, sill to ${p.len(rule.sill)}.`,
        ...(meets ? [] : ['A larger sash, or a lower sill, is decided now, before the frame is fixed.']),
        ...(well > 0
          ? [
              `Well ${p.len(wellWide)} × ${p.len(wellOut)} = ${p.area(well)}${well < wells.area || wellOut < wells.out ? `: the usual rule asks ${p.area(wells.area)}, ${p.len(wells.out)} out` : ''}.`,
            ]
          : []),
        ...(ladder === 'needed' ? [`${p.len(wellDeep)} deep, over ${p.len(wells.deep)}: a ladder is needed.`] : []),
      ],
      warnings: ['Only the authority decides; nothing here approves it.'],
    }
  },
})
