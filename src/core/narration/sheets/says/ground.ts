import type { Units } from '../../../measure/length'
import { figuresIn } from '../figures'
import { longFirst, SIZE_3, type Says } from '../cue'

/** 'A five inch slab and another eight below': two thicknesses, one on the other. */
function oneOnTheOther(norm: string, units: Units): string | null {
  const words = norm.split(' ')
  const slab = words.indexOf('slab')
  if (!/\bslab and\b.*\bbelow\b/.test(norm)) return null
  const [upper, lower, more] = figuresIn(words, units).filter(
    ({ unit, by, counted, end }) => !by && !counted && unit !== 'ft' && end > slab - 2,
  )
  return upper && lower && !more ? `${upper.low + lower.low} ${units === 'imperial' ? 'in' : 'mm'}` : null
}

export const GROUND_SAYS: Readonly<Record<string, Says>> = {
  'drain-run': {
    cue: /\bdrains?\b.*\b(?:fall|slope|invert|run)\b/,
    near: { slope: /fall/, invert: /invert|below/, run: /long|run/, diameter: /pipe|diameter/, bedding: /bedding/ },
    least: ['run', 'slope', 'invert'],
    instead: ['work'],
  },
  trench: {
    cue: /\b(?:trench|pit)\b/,
    sides: [['long', 'wide', 'deep']],
    means: {
      soil: [
        [/\bclay\b/, 'clay'],
        [/\bsand\b/, 'sand'],
        [/\brubble\b/, 'rubble'],
        [/\b(?:common )?earth|topsoil\b/, 'common earth'],
      ],
    },
    least: ['long', 'deep'],
    then: longFirst,
  },
  fill: {
    cue: /\b(?:back)?fill(?:ed)?\b/,
    not: /\bjoints?|rake\b/,
    sides: [['long', 'wide', 'deep']],
    least: ['long', 'volume'],
  },
  'slab-patch': {
    cue: /\bslab\b.*\b(?:patch|cut|strip|chase)\b|\b(?:patch|cut|strip|chase|conduit)\b.*\bslab\b/,
    sides: SIZE_3,
    near: { thick: /thick|slab/ },
    means: {
      method: [
        [/\bpart way\b/, 'saw part way, then chip'],
        [/\bsaw/, 'saw through'],
        [/\bbreak|broken|breaker\b/, 'break out'],
      ],
      place: [
        [/\bin the ground\b/, 'in ground'],
        [/\bforms?\b/, 'in forms'],
      ],
    },
    least: ['long'],
    then: longFirst,
  },
  pour: {
    cue: /\b(?:pour(?:ed|s)?|pads?|footings?|concrete|piers?)\b/,
    not: /\bslab is not poured\b|\bnot poured back\b/,
    sides: SIZE_3,
    near: { pieces: /pads?|footings?|piers?|off|of them/ },
    day: 'on',
    then: (typed, norm, units) => {
      const told = !typed.thick && oneOnTheOther(norm, units)
      if (told) typed.thick = told
      if (typed.on && /\bpoured\b/.test(norm) && !/\b(?:to be|will be|gets?|not|are|is) poured\b/.test(norm)) {
        typed.poured = typed.on
        delete typed.on
      }
      return told ? 2 : 0
    },
    least: ['long', 'thick'],
    instead: ['selection'],
  },
  'stair-levels': {
    cue: /\bstairs?\b.*\b(?:rise|risers?|treads?|headroom|goings?)\b/,
    near: {
      rise: /rise|floor to floor|level to level|from floor/,
      tread: /treads?|goings?/,
      headroom: /headroom/,
      firstMark: /first riser/,
      greatest: /greatest|at most/,
    },
    tells: { what: /\b((?:main |old |new |cellar |attic |loft )?stairs?)\b/ },
    least: ['rise'],
  },
}
