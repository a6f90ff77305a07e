import type { Trade } from '../core/scope/vocabulary'

export const FIRM = {
  name: 'Quillhaven Renovation',
  owner: { name: 'Ottilie Brackwater', login: 'owner' },
  people: [
    { name: 'Corin Hathersedge', login: 'lead', role: 'lead' },
    { name: 'Wim Pallister', login: 'crew', role: 'crew', sites: ['bakehouse', 'heron'] },
  ],
  /** For signing in with a name; the demo also lets anybody in by role. */
  password: 'mist clears by noon',
} as const

interface DemoCrew {
  readonly key: string
  readonly name: string
  readonly trade: Trade
  readonly crews: number
  readonly crewSize: number
  readonly weekdays?: readonly number[]
  readonly halves?: 'morning'
  readonly licence?: string
  readonly own?: true
  /** Hours to set up and clear away, each coming. */
  readonly setUpHours?: number
  /** Working days from today that they are taken elsewhere: first, last. */
  readonly away?: readonly [number, number]
}

/** The crews, shared by all sites. Every name is invented. */
export const CREWS: readonly DemoCrew[] = [
  { key: 'own', name: 'Own carpenters', trade: 'carpenter', crews: 2, crewSize: 2, own: true },
  { key: 'strip', name: 'Moss & Tallow strip-out', trade: 'demolition', crews: 1, crewSize: 3 },
  { key: 'dig', name: 'Fennimore groundworks', trade: 'excavator', crews: 1, crewSize: 2 },
  { key: 'pour', name: 'Greyhollow concrete', trade: 'concrete', crews: 1, crewSize: 3, weekdays: [2, 4] },
  { key: 'steel', name: 'Anselm Steelwright', trade: 'steel', crews: 1, crewSize: 3 },
  { key: 'roof', name: 'Larkrise roofing', trade: 'roofer', crews: 1, crewSize: 3 },
  { key: 'window', name: 'Paneless & Daughter', trade: 'window-door', crews: 1, crewSize: 2 },
  { key: 'side', name: 'The two Underhedges', trade: 'sider', crews: 1, crewSize: 2 },
  { key: 'air', name: 'Whistlewood air', trade: 'hvac', crews: 1, crewSize: 2 },
  { key: 'water', name: 'Sedgeley plumbing', trade: 'plumber', crews: 2, crewSize: 2, licence: 'P-0417' },
  { key: 'gas', name: 'Emberley gas', trade: 'gas-fitter', crews: 1, crewSize: 1, licence: 'G-0093' },
  { key: 'wire', name: 'Tamsin Copperknot', trade: 'electrician', crews: 1, crewSize: 2, licence: 'E-1182' },
  { key: 'data', name: 'Tamsin Copperknot, data', trade: 'low-voltage', crews: 1, crewSize: 1 },
  { key: 'warm', name: 'Downbarrow insulation', trade: 'insulator', crews: 1, crewSize: 2 },
  { key: 'board', name: 'Flatwater boards', trade: 'drywaller', crews: 1, crewSize: 3 },
  { key: 'plaster', name: 'Ibis plastering', trade: 'plasterer', crews: 1, crewSize: 2 },
  { key: 'paint', name: 'Hollis Fairbrush', trade: 'painter', crews: 1, crewSize: 2 },
  { key: 'tile', name: 'Marrow & Grout', trade: 'tiler', crews: 1, crewSize: 2, away: [4, 13], setUpHours: 1.5 },
  { key: 'floor', name: 'Longplank floors', trade: 'flooring', crews: 1, crewSize: 2, setUpHours: 1 },
  { key: 'cabinet', name: 'Joss Tenonby', trade: 'cabinet-maker', crews: 1, crewSize: 2 },
  { key: 'top', name: 'Slate & Sons of Nowhere', trade: 'countertop', crews: 1, crewSize: 2 },
  { key: 'glass', name: 'Clearwater glass', trade: 'glazier', crews: 1, crewSize: 1 },
  { key: 'rail', name: 'Banister Forge', trade: 'railing', crews: 1, crewSize: 2 },
  {
    key: 'inspect',
    name: 'Quillhaven building office',
    trade: 'inspector',
    crews: 1,
    crewSize: 1,
    weekdays: [1, 3, 5],
    halves: 'morning',
  },
]
