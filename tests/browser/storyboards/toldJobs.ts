import { readFileSync } from 'node:fs'
import type { PlaceKind } from '../../../src/core/places/place'
import type { VisitKind } from '../../../src/core/walk/observation'
import { say, type Step, type Story } from './story'

/** What a job is beside what is said on it, and what must be read of it in the end. */
interface Told {
  readonly site: string
  readonly built: string
  /** Where what is said stands. */
  readonly files?: readonly string[]
  /** Places that are no rooms. */
  readonly kinds?: Readonly<Record<string, PlaceKind>>
  /** Sentences that the phone has to ask about, as they are said whole here. */
  readonly instead?: Readonly<Record<string, string>>
  /** What the record tells, at the desk and on a phone. */
  readonly reckoned: readonly string[]
  readonly hears?: Story['hears']
  readonly secret: string
}

const WALKS: Readonly<Record<string, VisitKind>> = {
  scope: 'scope',
  progress: 'progress',
  layout: 'layout',
  'before cover': 'before-cover',
  completion: 'completion',
}

/** What is said on a job, by the file that it stands in. */
function saidOn(job: string, file: string): string[] {
  const [, part] = readFileSync(`tests/fixtures/${file}`, 'utf8').split(`== ${job} | `)
  return part!.split('\n== ')[0]!.split('\n')
}

/** A job of tests/fixtures/saidOnJobs.txt or another file, said sentence by sentence to the phone where it is seen. */
function told(job: string, { kinds = {}, instead = {}, site, files = ['saidOnJobs.txt'], ...rest }: Told): Story {
  const [heading] = saidOn(job, files[0]!)
  const rows = files.flatMap((file) => saidOn(job, file).slice(1))
  const [units, walk, , places] = heading!.split(' | ') as [Story['units'], string, string, string]
  const steps = rows
    .filter((row) => row.includes(' | ') && !row.startsWith('#'))
    .map((row): Step => {
      const [at, words] = row.split(' | ') as [string, string]
      return say(at, instead[words] ?? words)
    })
  const size = units === 'metric' ? '4 x 3 x 2.6' : "12' x 10' x 8'"
  return {
    site,
    units,
    places: places.split(', ').map((name) => ({ name, kind: kinds[name] ?? 'room', level: 'Ground floor', size })),
    walks: [{ kind: WALKS[walk]!, lines: [{ told: job, steps }] }],
    ...rest,
  }
}

const faces = (...names: readonly string[]): Record<string, PlaceKind> =>
  Object.fromEntries(names.map((name) => [name, 'face'] as const))

const CHIMNEY = "If the chimney frame is bad we talk again before it's priced."
const GABLE = 'Garage gable has a base of twenty two feet and a pitch of five twelve, grooved panel goes on it.'
const PADS = 'Pads are two six by two six, a five inch slab and eight more below.'
const HEIGHTS =
  'Base cabinets 876, top 32, splash 450, wall cabinets 900, ceiling 2340 on the left and 2331 on the right.'
const BASE = "What's behind the base board can't be known until it's off; we assume it's sound."
const BEARING = 'The bearing wall between kitchen and den is still in, temporary walls stand on both sides.'
const OLD_PROPS = 'The roof hangs on old props that somebody left inside it.'
const MOVED = "Wall moved three foot instead of a second beam, it's 20 foot long, studs at 16."
const SCAFFOLD = 'Scaffold all round from Monday 8 June.'

const BOTH = ['saidOnJobs.txt', 'saidAfresh.txt']

export const TOLD_JOBS: readonly Story[] = [
  told('J-19', {
    site: 'Juniperwick',
    built: '1975',
    files: ['saidAfresh.txt'],
    instead: {
      [HEIGHTS]: HEIGHTS.replace(/\.$/, ', riser cut at 75, it has to cover 68.'),
    },
    reckoned: [
      '3180 mm − 3160 mm = 20 mm, 10 mm at each side.',
      'move the run 2 mm for 8 mm at each side, or accept it, before it is screwed for good',
      '= 2258 mm; left 82 mm, right 73 mm to the ceiling.',
      'A riser of 75 mm does not go in at the right.',
      'Scribe between 68 mm, which covers what has to be covered, and 73 mm.',
      '1000 mm − 965 mm = 35 mm left.',
      '34 mm against 28 mm: it does not fit, by 6 mm.',
      '33 on the plan, 34 ordered: which is right?',
      '2 or 3 missing: ask before more is ordered.',
      '4 × 46 = 184, avoided.',
      'wrong finish',
      'Altered to fit',
      'a side notched for a pipe',
    ],
    hears: {
      'papers/contractor': ['the moulding', 'his crown return', 'our moulding'],
    },
    secret: 'their contractor will never come',
  }),
  told('J-20', {
    site: 'Heddlecroft',
    files: BOTH,
    built: '1964',
    kinds: { ...faces('Garage', 'Front face', 'Porch', 'Rear face', 'Left side', 'Bay', 'Chimney'), Roof: 'roof' },
    instead: {
      'The owners call the mason.': 'The owners call the mason by Friday 24 April.',
      "Fascia's rotten for nine foot, corner for six.": 'Fascia rot, nine foot allowed at 34 a foot.',
      [GABLE]: GABLE.replace(/\.$/, ', fifteen per cent waste.'),
      [CHIMNEY]: "What's behind the chimney frame can't be known until it's open, we assume it's sound.",
    },
    reckoned: [
      'soffit 82.7 ft²',
      `66' 1 5/8" of this product; the eave has 62': 4' 1 5/8" short`,
      `At 1/300 33' 13/16" would do, where its conditions hold: shown, not decided.`,
      '3/8" against 1/4" under the metal: it does not fit.',
      'the installer decides up there',
      `9' is 1 1/2" short: a frieze or a flashed joint would do with those.`,
      `44' at 4': 11, so 11 side by side.`,
      '50.4 ft²',
      'With 15 % for waste: 58 ft².',
      `24 pieces, 93' together`,
      '15 %: 9.95, so 10.',
      '(5 − 5) × 34 = 0.',
      'in the price: €476.00, 2 sums together.',
      'left as it is',
      'behind something',
    ],
    hears: {
      share: ['Gutters: left as it is', 'seen only from afar', 'Call the mason', 'Friday 24 April'],
      'papers/set-up': [],
      'sheets/Front face': ['Level soffit', 'lead'],
    },
    secret: 'handiwork is a disgrace',
  }),
  told('J-13', {
    site: 'Cloverfray 22',
    files: BOTH,
    built: '1975',
    kinds: {
      ...faces('Street face', 'Rear face', 'Shared side', 'Garden side', 'Garage', 'Porch', 'Shed'),
      Roof: 'roof',
    },
    instead: { [BASE]: "What's behind the base board can't be known until it's off, we assume it's sound." },
    reckoned: [
      '28.08 m² less 1 of 1 openings (10.08 m²): 18 m²',
      '11.78 m² for 2',
      '11.52 m²',
      '1.71 days, so 2',
      '1.8 days, so 2',
      '8.56, so 9.',
      'No leave to pass yet.',
      'Hinges come off the shed doors first',
    ],
    hears: { neighbours: ['Please mind your animals', 'Reached only from your side'] },
    secret: 'marriage is over',
  }),
  told('J-14', {
    site: 'Pewterfield',
    built: '1975',
    files: BOTH,
    kinds: faces('South face', 'East face', 'Gable', 'Chimney'),
    reckoned: [
      `= 3 1/16"`,
      'Face of the trim 3 7/16"; packer',
      '= 7/16"',
      '108 ft²',
      `rake 16' 2" a side, 32' 4" in all`,
      `4' 2" deep, over 3' 8": a ladder is needed.`,
      'not.',
      'How many days its maker allows nobody has said.',
      '2\' 6" × 2\' 3" = 5.6 ft² clear',
      'A larger sash, or a lower sill, is decided now, before the frame is fixed.',
      `Well 3' 2" × 3' 6" = 11.1 ft²`,
      '155.2 ft²',
    ],
    hears: {
      share: ['Slate: 56 days. Order by 31 Jul.', 'Brick: 21 days. Order by 10 Sep.'],
      'papers/designer': ['Dimensioned drawing', 'Sheathing half inch, barrier, rigid insulation'],
      'papers/authority': ['Only the authority decides'],
    },
    secret: 'thinks little of the last three drawings',
  }),
  told('J-15', {
    site: 'Rookspindle 5',
    files: BOTH,
    built: '1931',
    kinds: faces('Balcony'),
    reckoned: [
      '650 mm as planned',
      '1.2 m is left',
      '2800 mm to 3100 mm; 3050 mm is there: passes the low end, fails the high.',
      '6.15 m²',
      'not to be called a bedroom',
      '2166.7 mm wide would do.',
      '2050 mm wide, under 2150 mm.',
      'What it does without, and who agreed: no desk',
      '3415 mm lies outside 6 mm of 3375 mm: 40 mm off.',
      '13 studs',
      'Look at the sister house too.',
      'By when: 3 Apr',
    ],
    hears: { 'papers/authority': ['May somebody sleep in it?', 'not to be called a bedroom'] },
    secret: 'The developer is short of money this month',
  }),
  told('J-16', {
    site: 'Burdockside',
    files: BOTH,
    built: '1931',
    kinds: faces('Chimney'),
    reckoned: [
      `Header 3' 1/2" + 2 × 2 × 1 1/2" = 3' 6 1/2".`,
      `Header 7' 2 1/2" + 2 × 2 × 1 1/2" = 7' 8 1/2".`,
      'it bears on the old studs',
      '71.9 lb; over 50 lb a person 1.44, so 2 people.',
      `13' 10" each side`,
      '9 steps of 1/8", all jacks together, with rests.',
      'note each step',
      'How far and how fast is for the engineer.',
      '40 said on the walk, 38 on the plan: which is right?',
      '7 to order: 45 needed, 38 ordered.',
      '8 studs',
      'Look at it again after every storm.',
    ],
    hears: { 'papers/engineer': ['Beam B1', 'Temporary wall at B1'] },
    secret: 'old plumber who cut that plate',
  }),
  told('J-17', {
    site: 'Plovermere Rise',
    files: BOTH,
    built: '1975',
    kinds: { ...faces('Rear face'), Roof: 'roof', Yard: 'ground' },
    instead: { [BEARING]: 'The bearing wall between kitchen and den is still in.' },
    reckoned: [
      '303.6 kg; over 25 kg a person 12.14, so 13 people.',
      'passes by 1420 mm',
      '0.512 m³, with 10 % in ground 0.563 m³: order 0.6 m³',
      'When it may carry, the engineer says.',
      '2 × 915 mm + 40 mm = 1870 mm.',
      '1882.7 mm + 2 × 2 × 38 mm = 2034.7 mm.',
      '7000 mm × 5600 mm, 39.2 m²; tucked in up the slope, looked at after every storm.',
      '3184.4 mm',
      '17, so 18.',
    ],
    hears: { 'papers/engineer': ['The top beam at the old rear wall'] },
    secret: 'pay a fortune for that rented flat',
  }),
  told('J-18', {
    site: 'Tansymill',
    files: BOTH,
    built: '1890',
    kinds: { Roof: 'roof', Yard: 'ground', ...faces('Main house', 'Turret') },
    instead: {
      [OLD_PROPS]: 'Old props hold the roof, they stay until the engineer has seen them.',
      [SCAFFOLD]: 'The scaffold is hired from Monday 8 June till the roof is on.',
    },
    reckoned: [
      '19 steps of 1/8"',
      'Measure at both ends and the middle before the first step',
      'Level is not the aim where finishes would crack.',
      '24 steps of 1/8"',
      '40 steps of 1/8"',
      '371.6 lb; over 50 lb a person 7.43, so 8 people.',
      '330 lb; over 50 lb a person 6.6, so 7 people.',
      '215.4 h, 15.4 days of 7 h for 2.',
      '12 × 64 = 768 in the price',
      'rake, fill, wash and bead are tasks of their own',
    ],
    secret: 'packed it with cement',
  }),
  told('J-21', {
    site: 'Saltwhistle',
    files: BOTH,
    built: '1975',
    kinds: faces('Garden face'),
    instead: {
      [PADS]: `Two pads are${PADS.slice('Pads are'.length)}`,
      [MOVED]: 'The moved wall is 20 foot long, studs at 16.',
    },
    reckoned: [
      'Two rows of 15: 30 studs',
      '29 counted, 30 by the spacing: which is right?',
      '468 lb in all',
      '260 lb; over 50 lb a person 5.2, so 6 people.',
      '16 studs',
      'due by Fri 23 Jan.',
      'Insulation and board wait for it.',
      '50 cfm',
      `82' to 112'`,
      'Nothing is ordered until its curve fits that length.',
      `= 40'; 2.06 sheets, so 3.`,
      '3 of 4 done.',
      '6 bags of 80 lb',
      '13.54 ft³ (0.502 yd³), with 10 % in ground 14.9 ft³ (0.552 yd³): order 20.25 ft³ (0.75 yd³), or 25 bags of 80 lb.',
      '249 ft² − 15 % = 211.6 ft².',
      'Timbers take 15 to 25 %: 186.8 ft² to 211.6 ft².',
    ],
    hears: { 'papers/engineer': ['Engineer’s letter for the moved wall'] },
    secret: 'what the unit rents for',
  }),
]
