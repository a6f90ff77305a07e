import type { Says } from '../cue'

export const STRUCTURE_SAYS: Readonly<Record<string, Says>> = {
  shoring: {
    cue: /\b(?:temporary walls?|temp walls?|props?|acrows?)\b/,
    not: /\b(?:old bearing|bearing wall is out|props? (?:is|are) (?:out|gone|down))\b/,
    instead: ['keep'],
    near: {
      opening: /opening|wide/,
      bay: /joists?|truss(?:es)?|bays?|centres|centers|apart/,
      setOff: /off|away|back from/,
    },
    tells: {
      after:
        /\b(?:until|only after|not before|out after|down after|gone? after|(?:out|down|goes|comes out) (?:when|once)) (.+?)(?: ,|$)/,
      by: /\b(?:put up|set|left) by (.+?)(?: ,|$)/,
    },
    day: 'until',
  },
  beam: {
    cue: /^(?:[a-z0-9]+ ){0,4}(?:beams?|girders?|ridge|flitch|lvl|header)\b/,
    not: /\b(?:rot(?:ten|ted)?|cracked|missing|as good as|beam fill|sags?|tiles?|vent)\b|\b(?:under|over|behind|above|below|at) (?:that|the|this|a) (?:[a-z]+ )?beam\b/,
    near: {
      plies: /pl(?:y|ies)/,
      perMetre: /kilos?|kg|pounds?|lbs?/,
      straight: /straight/,
      across: /flange|across/,
      long: /long|length/,
      width: /wide/,
      depth: /deep/,
    },
    sides: [['width', 'depth']],
    bare: ['long'],
    lists: { pieces: /\bpieces?\b/ },
    means: {
      material: [
        [/\b(?:kilos?|kg|pounds?|lbs?) a\b|\bsteel\b/, 'by mass a metre'],
        [/\b(?:lvl|laminated|glulam|veneer)\b/, 'laminated veneer'],
        [/\b(?:softwood|pine|spruce|fir|timber)\b/, 'softwood'],
      ],
    },
    tells: {
      carries: /\bcarr(?:ies|ying|y) (.+?)(?: ,|$)/,
      bearing: /\bbear(?:s|ing) (?:on )?(.+?)(?: ,|$)/,
      way: /\b(?:comes? in|way in|enters?) (?:is |by |through )?(.+?)(?: ,|$)/,
    },
    least: ['depth', 'perMetre', 'plies', 'straight'],
    instead: ['selection', 'keep'],
    then(typed) {
      // Plies of an inch and a half are sawn; laminated ones are thicker.
      if (!typed.material && /^(?:1 1\/2 in|1\.5 in|38 mm)$/.test(typed.width ?? '')) typed.material = 'softwood'
      // In pieces: its length is that of all of them.
      const pieces = typed.pieces?.split(', ').map((one) => /^([\d.]+) (ft|m|mm|in)$/.exec(one))
      if (typed.long || !pieces?.every((one) => one && one[2] === pieces[0]![2])) return
      typed.long = `${pieces.reduce((sum, one) => sum + Number(one![1]), 0)} ${pieces[0]![2]}`
    },
  },
  hangers: {
    cue: /\bhangers?\b.*\b(?:nails?|holes?|screws?|fasteners?|empty)\b/,
    near: { hangers: /hangers?/, each: /each|nails|holes|screws/, missing: /empty|missing/, box: /in a box|a box/ },
    least: ['hangers', 'missing'],
  },
  'rough-opening': {
    cue: /\b(?:rough (?:width|opening|in)|(?:window|door|closet|barn door) opening|opening (?:is|for|of)|openings?\b.*\b(?:board wrapped|wrapped|cased|header)|(?:windows?|doors?)\b.*\b(?:side by side|mull)|header cut)\b|\bopening\b/,
    not: /\b(?:escape|egress|opening up|temporary wall|tarp|prop|vent|wider|widen|enlarge|bigger|smaller|over the (?:new )?opening)\b/,
    instead: ['selection', 'found', 'work'],
    near: {
      rough: /rough(?: width| opening)?|opening(?: is)?/,
      cut: /header(?: is)? cut|header|cut/,
      jacks: /jacks?/,
      mull: /mull/,
      pieces: /(?:old |new |big |small )*(?:windows?|doors?|units?|sashes)/,
      floor: /floor build ?up|build ?up/,
      width: /wide|leaf/,
      height: /high|tall/,
    },
    sides: [['width', 'height']],
    means: {
      kind: [
        [/\bpair of pocket\b/, 'pair of pocket doors'],
        [/\bpocket\b/, 'pocket door'],
        [/\bwindows?\b/, 'window'],
        [/\b(?:hinged|door)\b/, 'hinged door'],
      ],
      finish: [
        [/\b(?:board wrapped|wrapped|no casing)\b/, 'board-wrapped'],
        [/\bplastered\b/, 'plastered'],
        [/\bcased\b/, 'cased'],
      ],
    },
    tells: { longer: /\bbecause (.+?)(?: ,|$)/, beside: /\b(?:slide|room|fit|make way) for (.+?)(?: ,|$)/ },
    least: ['rough', 'width', 'finish', 'cut'],
  },
  'staggered-wall': {
    cue: /\bstaggered\b/,
    near: { long: /long|wall|owners/, spacing: /centres|centers|apart/, counted: /counted|studs/ },
    ahead: { spacing: /(?:studs )?at|every/ },
    bare: ['long'],
    least: ['long'],
    instead: ['found'],
  },
  'wall-framing': {
    cue: /\b(?:partition|stud walls?|framed walls?|new walls?)\b|\bstuds? (?:are )?at\b/,
    not: /\bstaggered\b|\bdrywall|tile|paint\b/,
    near: {
      long: /long|length|partition|wall/,
      tall: /high|tall/,
      spacing: /centres|centers|apart/,
      openings: /openings?|doors?/,
      corners: /corners?/,
      rows: /rows?/,
    },
    ahead: { spacing: /(?:studs?(?: are)? )?at|every/ },
    means: {
      fixed: [[/\bfixed\b/, 'on']],
      braced: [[/\bbraced\b/, 'on']],
      straight: [[/\bstraight\b/, 'on']],
    },
    bare: ['long'],
    least: ['long'],
  },
  'flush-plane': {
    cue: /\b(?:proud|flush)\b|\blaps? (?:half|over)\b|\bgap .* edge\b/,
    tells: { what: /^(?=.*\b(trim|casing)\b)/ },
    near: { trim: /thick|trim is/, proud: /proud/, edge: /gap|edge/, trimWide: /trim/, bed: /bed/, plane: /plane/ },
    least: ['proud', 'edge', 'plane', 'trim'],
    instead: ['keep', 'work', 'selection', 'found'],
  },
  bulkhead: {
    cue: /\b(?:bulkhead|boxing|dropped ceiling|false ceiling)\b/,
    near: {
      joists: /joists?/,
      obstruction: /duct|pipe|hangs?|lowest/,
      clearance: /clearance/,
      underside: /underside/,
      board: /board/,
    },
    least: ['joists', 'obstruction'],
  },
  square: {
    cue: /\bdiagonals?\b/,
    near: { first: /one diagonal/, second: /other/ },
    bare: ['first', 'second'],
    least: ['second'],
  },
  backing: {
    cue: /\bbacking (?:for|behind)\b|\bbacking\b.*\b(?:at|wide|high|up)\b/,
    not: /\b(?:half|done|is in|are in|started|begun|finished|quarters?|third|missing)\b/,
    near: { centre: /centre|center|middle|height|high|at|up/, wide: /wide/ },
    tells: {
      for: /\bbacking (?:for|behind) (?:a |the )?(.+?)(?: ,| at | on | is | still |$)|^(?:the )?(.+?) backing\b/,
    },
    least: ['for'],
  },
  'old-frame': {
    cue: /\b(?:sags?|sagging|sagged|sunk|dropped|dips?|(?:too|sits?|is|are|hangs?) low|(?:inch|inches|eighths?|quarters?|half|mm|mil|\d) low)\b/,
    instead: ['found'],
    not: /\b(?:soffit|plaster|outlets?|sockets?|switch(?:es)?|box(?:es)?|taps?|valves?|lights?|shelf|shelves|hooks?|rails?|toilet|basin|sink|vents?|cabinets?)\b/,
    near: { sag: /sags?|sagging|sagged|sunk|dropped|low|dips?|out/, middle: /middle/, ends: /ends/ },
    ahead: { step: /step is|steps? of|steps? are/ },
    bare: ['sag'],
    tells: { engineer: /\bengineer (?:says|said|wants) (.+?)(?: ,|$)/ },
    least: ['sag'],
  },
  alignment: {
    cue: /\b(?:line up|lines up|lined up|axis|axes|aligned?|in line)\b/,
    near: { tolerance: /tolerance|within/ },
    lists: { points: /./ },
    least: ['points'],
    instead: ['work', 'found'],
    then(typed, norm, units) {
      // Windows over each other are seen across a face, a reveal from near by (C-56).
      if (!typed.tolerance && /\b(?:axis|axes|windows?|faces?)\b/.test(norm))
        typed.tolerance = units === 'metric' ? '6 mm' : '1/4 in'
    },
  },
}
