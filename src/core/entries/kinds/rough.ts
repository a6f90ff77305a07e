import { lower } from '../../lists/capital'
import { shortDay, type Day } from '../../calendar/day'
import type { Stage } from '../../scope/vocabulary'
import { choice, length, POSITION, tick, words, type Values } from '../field'
import type { EntryKind } from '../entryKind'
import { outputsOf } from '../sums'
import { BUILT, type Told } from '../telling'

const ROUGH_IN: Readonly<Record<string, readonly Stage[]>> = {
  plumber: ['pipes'],
  electrician: ['wires'],
  hvac: ['ducts'],
  'gas-fitter': ['gas'],
  'low-voltage': ['low-voltage'],
}

/** `13:30` of 13.5 */
const clock = (hours: number): string =>
  `${String(Math.floor(hours)).padStart(2, '0')}:${String(Math.round((hours % 1) * 60)).padStart(2, '0')}`

/** A service that is off, with its hours where they are known and what serves meanwhile. */
function offWords({ on, from, hours, what, meanwhile }: Values): string {
  const when = on ? shortDay(on as Day) : 'On a day that we still tell you'
  const at = from === undefined ? '' : `, ${clock(Number(from))} to ${clock(Number(from) + Number(hours ?? 0))}`
  return `${when}${at}: no ${lower(String(what))}.${meanwhile ? ` Meanwhile: ${String(meanwhile)}.` : ''}`
}
const OFF: Told = { says: offWords, part: 'off', until: 'on' }

export const ROUGH_KINDS: readonly EntryKind[] = [
  {
    id: 'rough-move',
    group: 'rough',
    builtAlike: true,
    register: 'Roughed in, and moved from where to where',
    one: 'Something roughed in or moved',
    called: '',
    at: 'place',
    work: ({ trade }) => ROUGH_IN[String(trade)] ?? Object.values(ROUGH_IN).flat(),
    next: ['insulation', 'board', 'plaster'],
    tells: { ...BUILT, next: 'all', client: '{what}[, moved from {from}][ to {to}].' },
    fields: [
      words('what', 'What', { needed: true }),
      choice('trade', 'Whose', ['plumber', 'electrician', 'hvac', 'gas-fitter', 'low-voltage']),
      words('from', 'Moved from'),
      words('to', 'to'),
      tick('tested', 'Tested'),
      ...POSITION,
    ],
    settle: { word: 'In and tested', ask: 'By whom, how' },
    holdsCover: true,
    reckon: ({ tested }) => (tested ? [] : ['Not tested: its stage shows 90 % at most.']),
    cautions: ({ trade }) => (trade === 'gas-fitter' ? ['gas'] : trade === 'electrician' ? ['shared-circuits'] : []),
  },
  {
    id: 'air-sheet',
    group: 'rough',
    builtAlike: true,
    register: 'Air and ventilation',
    one: 'A fan with its duct',
    called: 'Fan',
    at: 'place',
    work: ['ducts', 'wires'],
    tells: { ...BUILT, authority: 'all', client: 'A fan: {what}[, out at {terminal}].' },
    fields: [
      words('what', 'Which fan or grille', { needed: true }),

      length('diameter', 'Diameter'),
      words('terminal', 'Where it ends out of doors'),
      words('control', 'Switch, run-on, zone'),
    ],
    settle: { word: 'In and running' },
    holdsCover: true,
    sum: {
      calculation: 'C-30',
      asks: ['room', 'straight', 'bends', 'halfBends', 'hoods', 'duct', 'most'],
      takes: { room: 'floor' },
    },
    asks: (values, units) => {
      const fits = outputsOf('C-30', values, units)?.fits
      return fits === 'no' || fits === 'at its short end only'
        ? [
            {
              of: 'us',
              question: `${String(values.what)}: the model’s curve does not fit this length of duct. Another fan, or another way out?`,
            },
          ]
        : []
    },
    cautions: () => ['bath-fan'],
  },
  {
    id: 'device-box',
    group: 'rough',
    builtAlike: true,
    register: 'Boxes: height, projection, gangs',
    one: 'A box',
    called: 'Box',
    at: 'place',
    work: ['wires', 'low-voltage'],
    next: ['insulation', 'board', 'tile', 'cabinets'],
    tells: { ...BUILT, next: 'all', client: 'A box for {what}[, switched by {switch}].' },
    fields: [words('what', 'For what', { needed: true }), words('switch', 'Switched by')],
    settle: { word: 'Set' },
    holdsCover: true,
    sum: { calculation: 'C-14', asks: ['height', 'floor', 'layers', 'gangs', 'between'] },
    cautions: () => ['circuit-load'],
  },
  {
    id: 'recessed-lights',
    group: 'rough',
    builtAlike: true,
    register: 'Lights set out in a ceiling',
    one: 'Recessed lights of a ceiling',
    called: 'Lights',
    at: 'place',
    work: ['wires', 'board'],
    tells: { ...BUILT, client: 'Lights, {what}[, switched from {switch}].' },
    fields: [words('what', 'Which ceiling', { needed: true }), words('switch', 'Switched from')],
    settle: { word: 'Marked on the ceiling' },
    sum: {
      calculation: 'C-37',
      asks: ['long', 'wide', 'ceiling'],
      takes: { long: 'long', wide: 'wide', ceiling: 'tall' },
    },
  },
  {
    id: 'access-hatch',
    group: 'rough',
    builtAlike: true,
    register: 'What must stay reachable',
    one: 'A hatch, or a junction that stays reachable',
    called: 'Stays reachable',
    at: 'place',
    work: ['ducts', 'pipes', 'wires'],
    next: ['board', 'tile', 'cabinets'],
    tells: {
      ...BUILT,
      next: 'all',
      client: 'Stays reachable: {serves}.',
      'hand-over': { says: 'all', part: 'reachable' },
    },
    fields: [
      words('serves', 'What it serves', { needed: true }),
      length('wide', 'Width'),
      length('tall', 'Height'),
      words('opens', 'How it opens'),
      words('room', 'Room to work in front of it'),
      ...POSITION,
    ],
    settle: { word: 'Made' },
    holdsCover: true,
  },
  {
    id: 'provision',
    group: 'rough',
    builtAlike: true,
    register: 'For later',
    one: 'Something put in for later',
    called: 'For later',
    at: 'place',
    work: ['pipes', 'wires', 'low-voltage'],
    next: ['insulation', 'board'],
    tells: {
      ...BUILT,
      next: 'all',
      client: 'Put in for later: {what}.',
      'hand-over': { says: 'all', part: 'reachable' },
    },
    fields: [words('what', 'What, and for what', { needed: true }), words('ends', 'Where both ends are'), ...POSITION],
    settle: { word: 'In and photographed' },
    holdsCover: true,
  },
  {
    id: 'moving-test',
    group: 'rough',
    register: 'Tests before closing',
    one: 'Something that is operated before it is closed',
    called: 'To be tried',
    at: 'place',
    tells: BUILT,
    fields: [
      words('what', 'What slides, runs or switches', { needed: true }),
      choice('result', 'How it went', ['passed', 'failed', 'not tried yet']),
      words('fault', 'What is wrong'),
    ],
    closedBy: ({ result }) => (result === 'passed' ? 'Passed' : null),
    settle: { word: 'Passed', ask: 'Who tried it' },
    holdsCover: true,
    reckon: ({ result }) => (result === 'failed' ? ['It failed: its wall is held.'] : []),
  },
  {
    id: 'release',
    group: 'rough',
    register: 'Released for closing',
    one: 'A trade’s word that its rough-in is done here',
    called: 'Word of',
    at: 'place',
    tells: BUILT,
    fields: [words('trade', 'Which trade', { needed: true }), words('before', 'In front of what')],
    settle: { word: 'Released', ask: 'By whom' },
    holdsCover: true,
  },
  {
    id: 'pre-cover-photos',
    group: 'rough',
    register: 'Photos before closing, wall by wall',
    one: 'A wall to photograph before it is closed',
    called: 'To photograph',
    at: 'place',
    tells: BUILT,
    fields: [words('wall', 'Which wall', { needed: true }), tick('tape', 'With a tape and a label')],
    settle: { word: 'Photographed' },
    holdsCover: true,
  },
  {
    id: 'outage',
    group: 'rough',
    register: 'Outages',
    one: 'A service that will be off',
    called: 'Off',
    at: 'site',
    tells: { crew: 'all', trade: ['on', 'from', 'hours'], client: OFF, tenant: OFF },
    fields: [
      words('what', 'What is off', { needed: true }),

      words('meanwhile', 'What works meanwhile'),
      words('told', 'Who was told, and when'),
    ],
    settle: { word: 'Over' },
    sum: { calculation: 'C-51', asks: ['on', 'from', 'hours', 'notice'] },
    reckon: (values) => [...(values.told ? [] : ['Nobody has been told yet.'])],
  },
]
