import { calculation, choice, count, length, optional, output } from '../calculation'
import { INCH } from '../printer'

type Kind = 'hinged door' | 'pocket door' | 'pair of pocket doors' | 'window'

/** Rough size over the leaf or unit, low and high, in mm: hinged 2 to 2 1/2 in (metric doorsets 10 to 15 mm), pocket
 * twice the leaf and 1 in, a pair four times and 2 in, window 1/2 in in all. The maker's sheet wins. */
const widths = (kind: Kind, leaf: number, metric: boolean): [number, number] =>
  kind === 'hinged door'
    ? metric
      ? [leaf + 10, leaf + 15]
      : [leaf + 2 * INCH, leaf + 2.5 * INCH]
    : kind === 'pocket door'
      ? [2 * leaf + INCH, 2 * leaf + INCH]
      : kind === 'pair of pocket doors'
        ? [4 * leaf + 2 * INCH, 4 * leaf + 2 * INCH]
        : [leaf + INCH / 2, leaf + INCH / 2]
const heights = (kind: Kind, leaf: number, metric: boolean): [number, number] =>
  kind === 'hinged door'
    ? metric
      ? [leaf + 10, leaf + 15]
      : [leaf + 2 * INCH, leaf + 2.5 * INCH]
    : kind === 'window'
      ? [leaf + INCH / 2, leaf + INCH / 2]
      : [leaf + 4 * INCH, leaf + 4.5 * INCH]

/** C-18: rough size of an opening and length of its header: rough width + 2 × jacks × 1 1/2 in (38 mm). Only geometry;
 * the size of a header is the engineer's or the tables'. */
export const opening = calculation({
  id: 'C-18',
  title: 'Rough opening and header length',
  inputs: {
    kind: choice('What goes in', ['hinged door', 'pocket door', 'pair of pocket doors', 'window'], 'hinged door'),
    width: optional(length('Width of the leaf or unit')),
    height: optional(length('Height of the leaf or unit')),
    floor: length('Floor build-up', { default: 0 }),
    rough: optional(length('Rough width, where it is given')),
    jacks: count('Jacks on each side', { default: 2, zero: true }),
    jack: length('Thickness of a jack', { default: { metric: 38, imperial: 38.1 } }),
    builtWidth: optional(length('Width as built')),
    builtHeight: optional(length('Height as built')),
    pieces: count('Units side by side', { default: 1, most: 20 }),
    mull: length('Mull between two', { default: 0, fine: true }),
    cut: optional(length('Header as cut')),
  },
  outputs: {
    widthLow: output('Rough width, from', 'mm'),
    widthHigh: output('to', 'mm'),
    heightLow: output('Rough height, from', 'mm'),
    heightHigh: output('to', 'mm'),
    header: output('Length of the header', 'mm'),
    widthShort: output('Built too narrow by', 'mm'),
    fits: output('Fits'),
    cutLonger: output('Header cut longer by', 'mm'),
  },
  run: (v, p, units) => {
    const { kind, height = 0, floor, rough, jacks, jack, builtWidth, builtHeight, pieces, mull, cut } = v
    const metric = units === 'metric'
    const width = (v.width ?? 0) * pieces + mull * (pieces - 1)
    const [widthLow, widthHigh] = rough === undefined ? widths(kind, width, metric) : [rough, rough]
    const [heightLow, heightHigh] = heights(kind, height, metric).map((one) => one + floor) as [number, number]
    const header = widthHigh + 2 * jacks * jack
    const widthShort = builtWidth === undefined ? 0 : Math.max(0, widthLow - builtWidth)
    const heightFits =
      builtHeight === undefined || height === 0 || (builtHeight + 1e-6 >= heightLow && builtHeight - 1e-6 <= heightHigh)
    const checked = builtWidth !== undefined || builtHeight !== undefined
    return {
      outputs: {
        widthLow,
        widthHigh,
        heightLow: height === 0 ? 0 : heightLow,
        heightHigh: height === 0 ? 0 : heightHigh,
        header,
        widthShort,
        cutLonger: cut === undefined ? 0 : cut - header,
        fits: checked ? (widthShort > 1e-6 || !heightFits ? 'no' : 'yes') : 'not built yet',
      },
      steps: [
        ...(pieces > 1
          ? [
              `${pieces} side by side: ${pieces} × ${p.len(v.width ?? 0)}${mull > 0 ? ` + ${p.len(mull * (pieces - 1))}` : ''} = ${p.len(width)}.`,
            ]
          : []),
        `Rough width ${p.len(widthLow)}${widthHigh > widthLow ? ` to ${p.len(widthHigh)}` : ''}${height > 0 ? `, height ${p.len(heightLow)} to ${p.len(heightHigh)}` : ''}.`,
        `Header ${p.len(widthHigh)} + 2 × ${jacks} × ${p.len(jack)} = ${p.len(header)}.`,
        ...(cut === undefined || Math.abs(cut - header) < 1e-6
          ? []
          : [`Cut ${p.len(cut)}, ${p.len(Math.abs(cut - header))} ${cut > header ? 'longer' : 'too short'}.`]),
        ...(widthShort > 1e-6 ? [`Built ${p.len(widthShort)} too narrow.`] : []),
        ...(heightFits ? [] : ['The height as built is outside the kit’s.']),
      ],
      warnings: ['The maker’s sheet wins. What size the header is, is for the engineer or the tables.'],
    }
  },
})
