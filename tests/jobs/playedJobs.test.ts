import { describe, test } from 'vitest'
import { play } from './played'
import { reads } from './reads'

/** What must come of a line of a job: on which page of it what is told, and what is not. */
type Row = readonly [page: string, told: readonly (string | RegExp)[], keptBack?: readonly (string | RegExp)[]]

/** The pages that leave the office: nothing private stands on any of them. */
const SECRETS: Readonly<Record<string, readonly string[]>> = {
  'J-13': ['marriage', 'canoe'],
  'J-14': ['last three drawings', 'other house'],
  'J-15': ['short of money'],
  'J-16': ['old plumber'],
  'J-17': ['fortune'],
  'J-18': ['packed it', 'last mason'],
  'J-19': ['never come'],
  'J-20': ['disgrace'],
  'J-21': ['rents for'],
}

/* Nine jobs, told from end to end in tests/fixtures/saidInFull.txt as somebody says them on the walk, on their day; nothing is
 * typed. Each line is one of docs/jobs.md, read where its reader reads it. */
const JOBS: Readonly<Record<string, Readonly<Record<string, readonly Row[]>>>> = {
  'J-13': {
    'the render: faces, litres by what is painted, ceilings apart': [
      [
        'record',
        [
          'Faces, without what is open: 146.06 m², 6 sums together.',
          'Paint on render: 53.56 L to 86.85 L for 146.06 m²',
        ],
      ],
      ['record', ['Paint on wood: 4.07 L for 13.68 m².']],
      ['trade Painter', ['Paint on render', 'One batch number for one wall; keep some for touching up.']],
    ],
    'the shared side, in whole days': [
      ['trade Painter', ['1.71 days, so 2', '1.8 days, so 2', 'No leave to pass yet.']],
    ],
    'the trim of the shed, all round': [
      ['sheet Shed', ['10.8 m, 1.35 m, 1.35 m, 1.35 m, 1.35 m', 'Outside corners, two boards each: 4', '3660 mm: 11']],
      ['record', ['62 m of 6 mm × 6 mm + 15 %: 8.56, so 9.']],
    ],
    'in and out clash as items, once each': [
      [
        'today',
        [
          'Out everywhere, or in here: the new door gets painted both sides?',
          'Out everywhere, or in here: at the porch the soffits take the wall colour?',
        ],
        ['Out everywhere, or in here: the bands', 'Out everywhere, or in here: only the 89 trim'],
      ],
    ],
    'the door is decided by its day': [
      ['client', ['Door for Rear face', 'By Thursday 4 June, so that it is here in time.']],
    ],
    'the neighbour’s days come from the plan': [
      ['paper neighbours', [/On your side\nShared side: paint, .*Jun/, 'Please mind your animals'], ['€', 'colour']],
    ],
    'an opinion stays one; what is behind is a risk': [
      ['sheet Shed', ["Not known yet: What's behind the base board"], ['85']],
      ['client', ["What's behind the base board cannot be known before it is open."], ['85']],
    ],
    'the extra is asked of the client and is nobody’s work': [
      ['client', ['The porch soffits painted, Porch', 'It costs €176.40']],
      ['trade Painter', ['At the porch the soffits take the wall colour'], ['The porch soffits painted']],
    ],
    'every surface with what is in and out': [
      [
        'client',
        [
          'Paint the rough render on the street face',
          'Gutters: left as it is.',
          'The garage door’s trim: left as it is.'.replace('’', "'"),
        ],
      ],
    ],
    'painters read faces, litres and what not to paint': [
      ['trade Painter', ['two coats', 'Hedge at the back', 'What happens to it: left as it is', 'The walls']],
    ],
  },
  'J-14': {
    'the stack of the wall': [
      ['sheet South face', ['= 3 1/16"', 'Face of the trim 3 7/16"; packer', '= 7/16"', 'laps 1 3/4" of its 3 1/2"']],
    ],
    'the gable': [['sheet Gable', ['108 ft²', `rake 16' 2" a side, 32' 4" in all`]]],
    'the veneer': [['record', ['155.2 ft²']]],
    'the choice with both last days': [
      [
        'client',
        [
          'Slate: 56 days. It should have been ordered by 31 Jul; ordered now it is surely here by 13 Oct.',
          'Brick: 21 days. Order by 10 Sep.',
        ],
      ],
    ],
    'the escape opening: the last value wins': [
      ['sheet Basement room', [`2' 6" × 2' 3" = 5.6 ft² clear`, 'not.', 'a ladder is needed', '11.1 ft²']],
      ['paper authority', ['May somebody sleep', 'Only the authority decides'].slice(1)],
    ],
    'the drawing, and what waits for it': [
      ['paper designer', ['Garage roof: Dimensioned drawing. Please answer by 25 Aug.']],
    ],
    'the word is asked before it is printed': [
      ['today', ['which one is meant?']],
      ['client', ['Sheathing half inch, barrier, rigid insulation'], ['vapour']],
    ],
    'bare wrap is flagged': [['today', ['the barrier is bare since Mon 3 Aug. How many days does its maker allow?']]],
    'the chimney in its order': [
      [
        'plan',
        [
          'Chimney: post comes first, as was said.',
          'Chimney: framing comes first, as was said.',
          'Chimney: lintel comes first, as was said.',
        ],
      ],
    ],
    'roofers come on their day': [['plan', ['Roof, Garage roof, Pewterfield, Mon 7 Sep']]],
    'the jambs are an extra with their sum': [
      ['client', ['Deeper jambs for nine windows, Kitchen', 'It costs €576.00']],
    ],
  },
  'J-15': {
    landing: [['sheet Landing', ['With the leaf of 700 mm open 1.2 m is left, 650 mm as planned.']]],
    bed: [['sheet Front bedroom', ['2800 mm to 3100 mm; 3050 mm is there: passes the low end, fails the high.']]],
    'the bunk room is not called a bedroom': [
      ['paper authority', ['not to be called a bedroom', '2166.7 mm wide would do', 'May somebody sleep in it?']],
      ['client', ['not to be called a bedroom', 'What it does without, and who agreed: no desk']],
    ],
    windows: [['today', ['to be lined up before it is framed. Which one moves?']]],
    'the partition is work with its studs': [['trade Carpenter', ['Hall: Frame the new partition, 12 m²', '13 studs']]],
    cautions: [['record', ['Fire or sound separation', 'Look at the sister house too.']]],
    'the engineer is asked about the bracing': [
      ['paper engineer', ['Bunk room: The engineer has to look at the bracing under the floor']],
    ],
    'the promise stands beside the plan': [['plan', ['“Framed”, told to bank, is promised for 3 Apr']]],
    'decisions keep their reasons': [['client', ['on purpose, because teachers who share rent sooner']]],
  },
  'J-16': {
    headers: [
      ['sheet Bath', [`Header 3' 1/2" + 2 × 2 × 1 1/2" = 3' 6 1/2".`, `Cut 5' 6"`, 'it bears on the old studs']],
    ],
    'temporary wall': [
      ['trade Carpenter', [`13' 10" each side`, 'It goes only after: the engineer has seen both beams']],
    ],
    sag: [['trade Carpenter', ['9 steps of 1/8"', 'note each step']]],
    lumber: [
      [
        'trade Carpenter',
        ['7 to order: 45 needed, 38 ordered.', '40 said on the walk, 38 on the plan: which is right?'],
      ],
    ],
    'what is still to do is work': [['trade Carpenter', ['Hall: Barn door backing', 'Hall: North jacks of B2']]],
    'the sheet is looked at after storms': [['record', ['Look at it again after every storm.']]],
    'sistering as an option': [
      ['client', ['Five joists could be sistered now, Hall', 'It costs €510.60']],
      ['trade Carpenter', ['Put the top plate back'], ['sistered now', '510']],
    ],
    'clients read what is kept and why': [
      ['client', ['The wall is kept solid there on instruction', 'A beam: Beam B1']],
    ],
  },
  'J-17': {
    beam: [
      ['trade Steel erector', ['303.6 kg', '13 people', 'passes by 1600 mm']],
      ['paper driver', ['303.6 kg; over 25 kg a person 12.14, so 13 people.']],
    ],
    pads: [
      ['paper engineer', ['0.512 m³', 'order 0.6 m³', 'When it may carry, the engineer says.']],
      ['plan', ['Two pads for its posts: hardens until Fri 25 Sep; when it carries the engineer says']],
    ],
    'the roof is cut on its day': [
      ['plan', ['Roof is cut begins as was said', 'Strip out, Roof, Plovermere Rise, Fri 25 Sep']],
    ],
    'the tarp': [['sheet Roof', ['7000 mm × 5600 mm']]],
    'hours by task': [
      ['client', ['Done: floor.', 'roof frame']],
      ['trade Roofer', ['Roof: Roof frame']],
    ],
    'half framed is work with its rest': [
      ['trade Carpenter', ['Office: Framing, 36 m²', 'Rear face: Sheathe the rear, 46 m²']],
    ],
    'guests in the office': [['today', ['Somebody is to sleep there: what is the clear opening of its window']]],
  },
  'J-18': {
    lift: [
      [
        'paper engineer',
        ['19 steps of 1/8"', '24 steps of 1/8"', '40 steps of 1/8"', 'Measure at both ends and the middle'],
      ],
    ],
    ridge: [
      [
        'paper driver',
        [
          '371.6 lb; over 50 lb a person 7.43, so 8 people.',
          '330 lb; over 50 lb a person 6.6, so 7 people.',
          'Comes on, as agreed: 18 Jun',
        ],
      ],
    ],
    joints: [['trade Mason', ['Garden room: Repointing, 3016 ft', '215.4 h, 15.4 days of 7 h for 2.']]],
    'the covering against the stripping': [
      ['today', ['Roof is stripped was said to begin on Mon 15 Jun, and the plan begins it on Wed 14 Oct.']],
      ['plan', ['Roof covering for Roof may take until Wed 14 Oct.']],
    ],
    'drain, then tamp': [['plan', ['Yard: drain comes first, as was said.']]],
    'windows go back after the roof': [['plan', ['Turret: Windows go back after the roof, restored']]],
    'the north pocket': [
      [
        'plan',
        [
          'Coach house: Masonry under the north one: to be rebuilt',
          'Old props hold the roof; it goes only after the engineer has seen them',
        ],
      ],
    ],
    'a crane without use is told': [['today', ['Crane: nothing in the plan needs it. Send it back, or call it off.']]],
  },
  'J-19': {
    run: [
      ['sheet Kitchen', ['3180 mm − 3160 mm = 20 mm, 10 mm at each side.', 'move the run 2 mm for 8 mm at each side']],
    ],
    height: [
      [
        'sheet Kitchen',
        ['= 2258 mm; left 82 mm, right 73 mm', 'A riser of 75 mm does not go in at the right.', 'Scribe between 68 mm'],
      ],
    ],
    clearances: [['sheet Kitchen', ['1000 mm − 965 mm = 35 mm left.', 'it does not fit, by 6 mm.']]],
    handles: [['sheet Kitchen', ['2 or 3 missing: ask before more is ordered.']]],
    'done and not done, by hours': [
      ['client', ['Still to come: skins, riser and moulding and handles.', 'Done: boxes, doors and fillers.']],
    ],
    'both sides read one order': [
      ['paper contractor', ['his crown return', 'our moulding', 'the client’s own contractor']],
    ],
    altered: [['sheet Kitchen', ['a drawer back shortened, a side notched for a pipe, a rail moved']]],
    saved: [['record', ['4 × 46 = 184, avoided.']]],
  },
  'J-20': {
    soffit: [
      ['sheet Front face', ['soffit 82.7 ft²', `66' 1 5/8" of this product; the eave has 62'`, 'shown, not decided']],
    ],
    fascia: [
      [
        'sheet Front face',
        [
          '3/8" against 1/4" under the metal: it does not fit.',
          'the installer decides up there',
          `Fascia by depth: 38' of 9 1/4", 24' of 7 1/4".`,
        ],
      ],
    ],
    rear: [['trade Sider', ['Rear face: Sheets on the rear face', `9' is 1 1/2" short`]]],
    gable: [['trade Sider', ['Garage: Clad the garage gable, 50 ft²', 'With 15 % for waste: 58 ft².']]],
    'nine windows: three statements, one sum': [
      [
        'today',
        [
          'All of them, or all but some: all nine windows are replaced?',
          '9 − 3 = 6 of them, without the two porch windows: stays (Porch); bath window gets trim only (Rear face)',
        ],
      ],
      ['client', ['Windows for Rear face', 'By Tuesday 14 April, so that it is here in time.']],
    ],
    sealant: [['trade Painter', ['9.95, so 10']]],
    'rot that was priced is work, and is talked about where it carries': [
      ['record', ['9 × 34 = 306 in the price', '5 × 34 = 170 in the price']],
      ['trade Carpenter', ['Bay: Mend the plate under the bay', 'Rear face: Mend the rotten corner']],
    ],
    'one order of the rear': [
      ['plan', ['Rear face: cladding meets set units.', 'Rear face: cladding before its paint.']],
    ],
    'the mason is the owners’': [['client', ['Call the mason', 'By Friday 24 April.']]],
    'what is out and what was not seen': [['client', ['Gutters: left as it is.', 'Left side: seen only from afar']]],
    'what comes off goes back': [['trade Electrician', ['Garage: Two lanterns and the house number go back']]],
  },
  'J-21': {
    'staggered wall': [
      ['trade Insulator', ['Two rows of 15: 30 studs', '29 counted, 30 by the spacing: which is right?']],
    ],
    beam: [
      [
        'paper driver',
        ['2 pieces, 468 lb in all.', '260 lb; over 50 lb a person 5.2, so 6 people.', "12' straight against 10'"],
      ],
    ],
    pads: [
      [
        'trade Concrete crew',
        ['order 20.25 ft³ (0.75 yd³), or 25 bags of 80 lb.', '6 bags of 80 lb', 'Kitchen: Pour the island conduit'],
      ],
    ],
    'moved wall': [
      ['plan', ['Board waits for: a framed wall: The moved wall', 'Engineer’s letter for the moved wall: not granted']],
      [
        'paper engineer',
        [
          'Kitchen: Engineer’s letter for the moved wall: it was due on Fri 23 Jan. Insulation and board wait for it since.',
        ],
      ],
    ],
    fan: [['sheet Unit bath', ['50 cfm', `82' to 112'`, 'Nothing is ordered until its curve fits that length.']]],
    closet: [['sheet Closet', [`= 40'; 2.06 sheets, so 3.`]]],
    'the cold store': [['sheet Cold store', ['249 ft² − 15 % = 211.6 ft²', '186.8 ft² to 211.6 ft²']]],
    'a study is never a bedroom': [
      ['client', ['Used as: study'], ['study, not a bedroom', 'Get a window']],
      ['paper tenant', [], ['bedroom.', 'Study']],
    ],
    condensers: [['record', ['3 of 4 done.']]],
  },
}

const OUTSIDE = /^(?:client|paper |trade |sheet )/

describe.each(Object.entries(JOBS))('%s, told from end to end', (id, bullets) => {
  test('is read where its readers read it', { timeout: 240_000 }, async () => {
    const { reads: pages } = await play(id)
    for (const [bullet, rows] of Object.entries(bullets))
      for (const [page, told, keptBack = []] of rows)
        reads(pages.get(page) ?? `Nobody reads ${page} of ${bullet}.`, told, keptBack)
    for (const [page, words] of pages) if (OUTSIDE.test(page)) reads(words, [], SECRETS[id]!)
  })
})
