import { parseLength, type Units } from '../../../measure/length'
import type { Says } from '../cue'

const FOOT = 3048
const METRE = 10_000
/** A face in the site's unit of area. A bare number of a room is in the unit that rooms are told in: 'nine by eleven'. */
function areaOf(one: string, other: string, units: Units): number {
  const [unit, name] = units === 'metric' ? [METRE, 'm'] : [FOOT, 'ft']
  const sides = [one, other].map((side) => (/^[\d.]+$/.test(side) && Number(side) < 40 ? `${side} ${name}` : side))
  return sides.reduce((product, side) => product * (parseLength(side, units).tenths / unit), 1)
}

export const COVER_SAYS: Readonly<Record<string, Says>> = {
  insulation: {
    cue: /\binsulat(?:e|ed|ion)\b/,
    means: {
      for: [
        [/\bsound|acoustic\b/, 'sound'],
        [/\bheat|cold|warm\b/, 'heat and cold'],
      ],
    },
    near: { wallLong: /of wall|wall/, wallTall: /high|tall/ },
    sides: [['long', 'wide']],
    least: ['surface'],
    then(typed, _norm, units) {
      // 'Ceiling nine by eleven and twenty foot of wall, seven foot six high': both together.
      const faces = [
        [typed.long, typed.wide],
        [typed.wallLong, typed.wallTall],
      ].flatMap(([one, other]) => (one && other ? [areaOf(one, other, units)] : []))
      if (typed.surface || faces.length === 0) return
      const all = faces.reduce((sum, one) => sum + one, 0)
      typed.surface = `${Math.round(all * 100) / 100} ${units === 'metric' ? 'm2' : 'ft2'}`
    },
  },
}
