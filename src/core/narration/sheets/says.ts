import type { LineKind, WalkKind } from '../line'

/** How people tell of what a register holds. It stands apart from the registers, since a phone fetches it only when the
 * first words are read. All is looked for in plain words: small letters, a comma as a word of its own. */
export interface Says {
  /** Words that tell of one. */
  readonly cue: RegExp
  /** Where these stand too, it is something else. */
  readonly not?: RegExp
  /** Only on walks of this kind. */
  readonly on?: WalkKind
  /** The words beside the figure of a field, where they are not the usual ones of its key. */
  readonly near?: Readonly<Record<string, RegExp>>
  /** The same, of words that stand before their figure alone. */
  readonly ahead?: Readonly<Record<string, RegExp>>
  /** The same, of words right behind it: 'a 125 duct'. */
  readonly tight?: Readonly<Record<string, RegExp>>
  /** The fields that the sides of a size fill, in spoken order; with words before the size where it could be another. */
  readonly sides?: readonly (readonly string[] | { readonly near: RegExp; readonly fields: readonly string[] })[]
  /** The field of a figure with nothing beside it. */
  readonly bare?: readonly string[]
  /** A field that tells a list of figures, by the words before it. */
  readonly lists?: Readonly<Record<string, RegExp>>
  /** A field told in words: the first group that holds something is what was said. */
  readonly tells?: Readonly<Record<string, RegExp>>
  /** What is chosen or ticked where these words stand; the first that fit. */
  readonly means?: Readonly<Record<string, readonly (readonly [RegExp, string])[]>>
  /** The field that a day in it fills. */
  readonly day?: string
  /** One of these has to be told, or it is none. */
  readonly least?: readonly string[]
  /** Its figures stay in its words. */
  readonly inWords?: true
  /** It tells of one sort of thing: 'two beams, 96 studs' are several. */
  readonly single?: true
  /** One figure can be several fields: 'thirty eight ordered, delivered and used'. */
  readonly shares?: true
  /** The lines read of the same words that it takes the place of, beside notes, measures and what is to come. */
  readonly instead?: readonly LineKind[]
}

const SIZE_3: Says['sides'] = [['long', 'wide', 'thick']]

/** By the id of the register. */
export const SAYS: Readonly<Record<string, Says>> = {
  goal: {
    cue: /\b(?:wants?|need) .*\b(?:above all|most of all|more than anything|before anything else)\b|\bthe (?:main )?goal (?:is|of)\b|\bwhat (?:they|she|he) really wants?\b/,
    means: { weight: [[/\bmust|above all|most of all|more than anything\b/, 'a must']] },
    instead: ['selection', 'work', 'decide'],
  },
  occupancy: {
    cue: /\b(?:they|family|tenants?|clients?|owners?|kids|children|parents|lodger|grandmother|grandfather) (?:still |will |keep |all )*(?:lives?|sleeps?|cooks?|eats?|works?|stay(?:s|ing)?) (?:in )?(?:here|this room|there|upstairs|downstairs)\b/,
    tells: { who: /\b(they|family|tenants?|clients?|owners?|kids|children|parents|lodger|grandmother|grandfather)\b/ },
    means: {
      use: [
        [/\bshared? (?:it )?with us|share\b/, 'shared with us'],
        [/\bwe (?:stay|keep) out\b/, 'theirs alone, we stay out'],
        [/\bpass(?:es)? through|walk through\b/, 'they pass through'],
      ],
    },
  },
  phase: {
    cue: /\bphase (?:one|two|three|four|\d)\b.*\b(?:covers|is (?:the )?|takes in|has to|promised|starts|done by|finished by|closes)\b/,
    tells: {
      number: /\bphase (one|two|three|four|\d)\b/,
      scope: /\b(?:covers|takes in) (.+?)(?: ,| by | on |$)/,
      closeOut: /\bcloses (?:with|when) (.+?)(?: ,|$)/,
    },
    day: 'promised',
  },
  layout: {
    cue: /\blaid out\b|\bchalked\b|\bas it lies\b|\b(?:gains?|grows|widened|narrowed|shrinks|loses)\b.*\bfrom\b.*\bto\b|\bend(?:s|ed) (?:up )?at\b/,
    near: { planned: /plan|drawing/, leaf: /leaf|door|opening into/ },
    ahead: { laid: /laid out(?: at)?|now|becomes?|ends? (?:up )?at|ended (?:up )?at|to/, planned: /from|was/ },
    tells: { why: /\b(?:because|so that|since|for) (.+?)(?: ,|$)/ },
    least: ['laid'],
    instead: ['keep', 'work'],
  },
  'room-use': {
    cue: /\b(?:(?:is|it is|this is|room is) (?:going )?to be|will be|becomes|used as|turned into|sleep in|makes|call it|counts? as) (?:just |only )?(?:a |an |the )?(?:small |spare )?(?:bedroom|bunk ?room|study|office|guest ?room|playroom|store ?room|nursery)\b/,
    means: {
      use: [
        [/\bsleep\b/, 'guest room'],
        [/\b(?:bedroom|bunk ?room|nursery)\b/, 'bedroom'],
        [/\b(?:study|office)\b/, 'study'],
        [/\bguest ?room\b/, 'guest room'],
        [/\bplayroom\b/, 'playroom'],
        [/\bstore ?room\b/, 'store'],
      ],
    },
    tells: { without: /\b((?:no|without) [a-z ]+?)(?: ,| and | is possible| so |$)/ },
    sides: [['long', 'wide']],
    instead: ['selection', 'work'],
  },
  'stands-between': {
    cue: /\b(?:bed|table|desk|sofa|couch|piano|tub|wardrobe)\b.*\b(?:wall to wall|each side|both sides|either side|centred|centered|in the middle)\b/,
    near: {
      clear: /wall to wall|between|clear/,
      beside: /each side|both sides|either side|beside/,
      wide: /wide|width|is/,
    },
    tells: { faces: /\b((?:centred|centered|under|facing) .+?)(?: ,|$)/ },
    least: ['wide', 'clear', 'beside'],
  },
  'from-afar': {
    cue: /\b(?:seen|saw|see|looked at|look at) (?:it |them |that |this )?(?:only )?(?:from (?:afar|the ground|the street|below|behind|across|a distance|far|next door)|between|through)\b|\bcould not (?:get|come) (?:close|near|up|at)\b/,
    means: {
      why: [
        [/\b(?:between|behind|hidden|covered|in the way)\b/, 'behind something'],
        [/\b(?:ground|below|high|up there|street)\b/, 'too high'],
        [/\b(?:no way|could not get|locked|from next door)\b/, 'no way in'],
        [/\bdark\b/, 'too dark'],
      ],
    },
    tells: { what: /^(?:the )?(.+?) (?:was|is|were|are|has been|have been|could)(?: only)? (?:seen|looked|not)\b/ },
    instead: ['found'],
  },
  'cause-advice': {
    cue: /\b(?:sister|twin|other|next) (?:house|unit|flat|balcony|side|one)s? (?:has|have|will have|must have) the same\b|\b(?:mend|fix|cure|stop|deal with) the cause\b|\bsame (?:fault|defect|problem|mistake) (?:in|at|on)\b/,
    tells: {
      sister: /\b((?:the )?(?:sister|twin|other|next) (?:house|unit|flat|balcony|side|one)s?)\b/,
      cause: /\bbecause (.+?)(?: ,|$)/,
    },
  },
  'sleeping-risk': {
    cue: /\b(?:can not|nobody can|no way to) (?:be )?(?:known?|tell|told|say|said|see|seen)\b.*\b(?:until|before|without)\b|\b(?:if|should) .*\b(?:is|are|turns? out|proves?) (?:bad|rotten|worse|gone|soft|wet|cracked)\b.*\b(?:talk|price|priced|again|extra|ring|call)\b/,
    tells: {
      assumed: /\b(?:assume|assuming|reckon|take it|count on|take) (?:that |it (?:is|to be) )?(.+?)(?: ,|$)/,
      test: /\b(?:until|before) (.+?)(?: ,|$)/,
      fallback: /\b((?:we )?(?:talk|ring|call|price) .+?)(?: ,|$)/,
    },
    means: {
      decides: [
        [/\bengineer\b/, 'the engineer'],
        [/\b(?:authority|inspector)\b/, 'the authority'],
        [/\bdesigner|architect\b/, 'the designer'],
        [/\btalk|clients?|owners?\b/, 'the client'],
      ],
      chance: [
        [/\bunlikely|hardly\b/, 'unlikely'],
        [/\bfifty fifty|as likely\b/, 'as likely as not'],
        [/\b(?:likely|probably)\b/, 'likely'],
      ],
    },
    instead: ['found', 'decide', 'work', 'progress'],
  },
  'hidden-damage': {
    cue: /\b(?:allowed|allowance|in the price|priced (?:for|in|at))\b|\b(?:rotten|rot|bad|gone|soft)\b.*\b(?:a (?:foot|metre|meter)|over (?:\d|one|two|three|four|five|six|seven|eight|nine|ten))/,
    near: {
      allowance: /allowed|allowance|in the price|priced/,
      found: /found|bad|rotten|rotten (?:over|for)|rot|really|gone|over/,
      unitPrice: /a foot|a metre|a meter|each|a piece/,
    },
    means: { structural: [[/\b(?:structural|carr(?:ies|y)|bearing|beams?|joists?|plates?|posts?|rafters?)\b/, 'yes']] },
    tells: { judges: /\b(engineer|carpenter|mason|inspector)\b (?:has to|must|should|may|will) / },
    least: ['allowance', 'found'],
    instead: ['found'],
  },
  'open-up': {
    cue: /\b(?:open|cut) (?:it |this |that |the \w+ |a strip )?(?:up |open )?(?:and|to) (?:have a look|look|see|find out)\b|\bcut a strip\b/,
    near: { wall: /wall|long|along/, strip: /strip|high/, doors: /doors?/ },
    tells: { look: /\b(?:look|see|find out) (.+?)(?: ,|$)/ },
    instead: ['work'],
  },
  'bearing-clue': {
    cue: /\b(?:may|might|could|looks? like|seems? to|probably|whether|if) (?:it |that |this |the \w+ )?(?:wall )?(?:be |is |it |to )*(?:carr(?:y|ies)|bearing|load ?bearing|structural)\b/,
    not: /\bbeam\b/,
    tells: {
      for: /\b(?:because|since|as) (.+?)(?: ,| but |$)/,
      against: /\bbut (.+?)(?: ,|$)/,
    },
    instead: ['found', 'work'],
  },
  'salvaged-pieces': {
    cue: /\b(?:salvaged?|saved|taken (?:out|off|from|down)|reused?|stacked)\b.*\bneed(?:ed|s)?\b|\bneed(?:ed|s)?\b.*\b(?:salvaged?|saved|taken (?:out|off|from|down)|stacked)\b/,
    near: { taken: /taken|salvaged?|saved|stacked|came off|off/, needed: /needed|needs?/, lost: /lost|broken/ },
    tells: { stored: /\b(?:stacked|stored|kept|lie|are) ((?:in|on|behind|under|by) .+?)(?: ,|$)/ },
    least: ['needed'],
    instead: ['keep', 'work'],
  },
  count: {
    cue: /\b(?:ordered|delivered|saved|listed|counted|stacked|on the (?:plan|drawing|list)|in the (?:pile|yard|drawing|plan)|are missing|short)\b/,
    not: /\ba (?:foot|metre|meter)\b|\b(?:weeks?|days?)\b/,
    near: {
      said: /said|counted/,
      listed: /listed|list/,
      drawn: /plan|drawing|drawn/,
      ordered: /ordered/,
      delivered: /delivered|arrived|came|in the pile|in the yard|here/,
      done: /done|are on|are in|fitted|hung/,
      needed: /needed|needs?/,
      used: /used/,
      saved: /saved|reused|stacked|kept/,
    },
    shares: true,
    single: true,
    least: ['said', 'listed', 'drawn', 'ordered', 'delivered', 'needed', 'used', 'saved'],
    instead: ['keep', 'found', 'work', 'selection'],
  },
  buried: {
    cue: /\b(?:buried|underground|below ground|in the ground|under the (?:lawn|drive|path|yard|garden))\b/,
    near: { depth: /deep|down/ },
    means: {
      sort: [
        [/\b(?:electric|power|cable)\b/, 'electric'],
        [/\bgas\b/, 'gas'],
        [/\bwater\b/, 'water'],
        [/\bdrains?|sewer\b/, 'drain'],
        [/\b(?:phone|telephone|data|fibre)\b/, 'telephone or data'],
        [/\boil\b/, 'heating oil'],
      ],
      source: [
        [/\b(?:drawing|plan)\b/, 'on a drawing'],
        [/\b(?:located|scanned|detector|instrument)\b/, 'located with an instrument'],
        [/\b(?:seen|dug)\b/, 'seen, dug by hand'],
        [/\b(?:says|said|told)\b/, 'said by somebody'],
      ],
    },
    least: ['sort'],
  },
  'unit-difference': {
    cue: /\bunit (?:\w+) has (?:no|another|only|a different|neither)\b|\b(?:other unit|next unit|twin|mirror)\b.*\b(?:different|no|not)\b|\bdifferent (?:in|there)\b.*\bunit\b/,
    tells: { unit: /\bunit (\w+)\b/, why: /\b(?:because|since) (.+?)(?: ,|$)/ },
    instead: ['found', 'selection'],
  },
  layers: {
    cue: /\blayers?\b(?:.* ,){2}|\bfrom (?:the )?(?:inside|outside) (?:out|in)\b/,
    tells: { layers: /\b(?:layers?|from (?:the )?(?:inside|outside) (?:out|in))(?: [a-z]+)* , (.+)$/ },
    inWords: true,
    means: {
      rule: [
        [/\b(?:every|all) (?:the )?(?:faces|walls)\b/, 'on every face'],
        [/\b(?:here alone|only here|this face)\b/, 'on this face alone'],
      ],
    },
    instead: ['selection', 'found', 'progress'],
  },
  boundary: {
    cue: /\b(?:ends|stops|finishes|changes|falls) (?:at|on|there|here)\b|\bis the (?:boundary|limit|line)\b/,
    not: /\b(?:rain|sun|shadow|light) falls\b/,
    tells: {
      where:
        /\b(?:ends|stops|finishes|changes|falls) (?:at|on) (.+?)(?: ,|$)|^(?:the )?(.+?) is the (?:boundary|limit|line)\b/,
    },
    least: ['where'],
    instead: ['selection', 'keep'],
  },
  'installers-choice': {
    cue: /\b(?:installers?|fitters?|roofers?|siders?|tilers?|carpenters?|whoever (?:installs|fits)|he|they)(?: is| can| may)? (?:decides?|chooses?|picks?)(?: it)? (?:up there|on the day|on site|himself|themselves)\b|\b(?:left|leave (?:it|that)) to the (?:installer|fitter|roofer|sider|tiler|carpenter)|\b(?:installer|fitter)s? (?:decides?|choice|call)\b/,
    instead: ['decide', 'work', 'selection'],
  },
  promise: {
    cue: /\b(?:(?:i|we)(?: have)? (?:promised|told|said to) (?!you|me|him|them|that|it)|gave (?:my|our) word|will be (?:done|finished|ready|in|up)|(?:has|have) to be (?:done|finished|ready|in|up)|hand(?:ing|ed)? ?over is|hand ?over on|wants? (?:it|the [a-z ]+|this|that) (?:done |finished |in |up |ready )?(?:on|by)|want the [a-z ]+ on)\b/,
    not: /\b(?:off|rain|storm|late|if)\b/,
    tells: { to: /\b(?:told|promised|said to) (?:the )?([a-z]+)\b/ },
    day: 'by',
    least: ['by'],
    instead: ['progress', 'work'],
  },
  access: {
    cue: /\b(?:keeps?|has|have|there is|there are|mind|shut|loose|penned|bites?|let) .*\b(?:hens?|chickens?|dogs?|cats?|horses?|goats?|rabbits?)\b|\b(?:hens?|chickens?|dogs?|cats?|horses?|goats?|rabbits?) (?:has|have|must|bites?|stays?|runs?|gets?|can|are|is) (?!called)|\b(?:keys?|gate code|lock ?box|alarm)(?: code)? (?:is|are|under|with|hangs?|has)\b|\bgate (?:has to|must|stays|to be)\b|\bpark(?:ing)? (?:only|on|in|behind|is|for)\b|\b(?:no (?:noise|work|hammering|drilling)|work(?:ing hours)?|quiet) (?:only )?(?:before|after|from|until|between)\b|\bleave to (?:pass|cross)\b/,
    not: /\b(?:dog ?leg|cat ?flap|gate valve|park(?:ed)? (?:car|van)s?)\b/,
    means: {
      sort: [
        [/\b(?:hens?|chickens?|dogs?|cats?|horses?|goats?|rabbits?)\b/, 'pets'],
        [/\b(?:keys?|gate|lock ?box|alarm)\b/, 'gate or key'],
        [/\bpark/, 'parking'],
        [/\bleave to\b/, 'leave to pass'],
        [/\bnoise|work|hammering|drilling|quiet\b/, 'working hours'],
      ],
    },
    tells: { who: /\b(?:ask|from|by) (?:the )?((?:neighbou?r|owner|caretaker|tenant|porter)s?)\b/ },
    day: 'until',
    instead: ['work', 'keep'],
  },
  cleanliness: {
    cue: /\b(?:broom ?clean|barefoot|swept|dust (?:stays?|kept|has to stay|must stay))\b/,
    means: {
      standard: [
        [/\bbarefoot\b/, 'safe to walk barefoot'],
        [/\bdust\b/, 'dust kept behind a sheet'],
        [/\bbroom|swept\b/, 'broom-clean every day'],
      ],
    },
    tells: { because: /\b(?:because|since) (.+?)(?: ,|$)/ },
    least: ['standard'],
    instead: ['keep', 'work'],
  },
  'close-up': {
    cue: /\b(?:clos(?:e|ed) (?:it |that |this )?(?:up|off)|board(?:ed)? (?:it )?(?:up|over)|fenc(?:e|ed) (?:it )?(?:off)?|cover(?:ed)? (?:it )?(?:up|over)?|sheet(?:ed)? (?:it )?(?:up|over))\b.*\b(?:tonight|every (?:night|evening)|before (?:we|you) (?:go|leave)|this evening|overnight)\b/,
    means: {
      how: [
        [/\bsheet/, 'sheet, fixed all round'],
        [/\bboard/, 'board, screwed'],
        [/\block/, 'lock'],
        [/\bfenc/, 'fence and light'],
        [/\bcover/, 'cover, fixed and marked'],
        [/\brail/, 'rail'],
      ],
    },
    day: 'until',
    instead: ['work', 'keep'],
  },
  'set-up': {
    cue: /\b(?:skip|dumpster|site toilet|toilet cabin|site store|canteen|spoil heap|hoist|mixer|bulk bags?|barrow (?:run|route)) (?:is|stands|goes|sits|stays|lives|comes|in|on|behind|by)\b|\bthere is a (?:hoist|skip|dumpster|mixer|site toilet|spoil heap)\b/,
    not: /\b(?:booked|full|coming|comes|tomorrow|collected)\b/,
    means: {
      sort: [
        [/\btoilet\b/, 'toilet'],
        [/\bskip|dumpster\b/, 'skip'],
        [/\bspoil\b/, 'spoil heap'],
        [/\bcanteen\b/, 'canteen'],
        [/\bbulk bags?\b/, 'bulk bags'],
        [/\bbarrow\b/, 'barrow route'],
        [/\bhoist|mixer\b/, 'plant'],
        [/\bsite store\b/, 'store'],
      ],
    },
    tells: { where: /\b((?:in|on|behind|by|under|beside|at) (?:the |our |their )?[a-z ]+?)(?: ,|$)/ },
    instead: ['keep', 'found'],
  },
  'delivery-path': {
    cue: /\b(?:way in|way through|narrowest|tightest|comes? in (?:by|through) the)\b/,
    not: /\bbeam|steel\b/,
    near: {
      narrowest: /narrow(?:est)?|tight(?:est)?|wide/,
      lowest: /lowest|low|high/,
      straight: /straight/,
      piece: /piece|rigid/,
    },
    least: ['narrowest', 'lowest', 'straight', 'piece'],
  },
  protection: {
    cue: /\bprotect(?:ed|s)? .*\b(?:with|by|behind|under)\b/,
    means: {
      level: [
        [/\bzip\b/, 'zip door'],
        [/\bboards?\b/, 'floor boards'],
        [/\bplastic|sheeting|film\b/, 'plastic'],
        [/\bcloths?|blankets?|dust sheets?\b/, 'cloth'],
      ],
    },
    tells: { what: /\bprotect(?:ed|s)? (?:the )?(.+?) (?:with|by|behind|under)\b/ },
    day: 'until',
    least: ['level'],
    instead: ['work', 'keep'],
  },
  stub: {
    cue: /\bstubs?\b.*\b(?:capped|taped|open|left|sticks?)\b/,
    near: { height: /up|above|high/, fromCorner: /from/ },
    means: {
      state: [
        [/\bnot capped|open\b/, 'open'],
        [/\bcapped\b/, 'capped'],
        [/\btaped|boxed\b/, 'taped and boxed'],
      ],
    },
    instead: ['found', 'keep'],
  },
  'hazard-screen': {
    cue: /\b(?:asbestos|lead(?: paint| based)?|silica|mould|mold)\b.*\b(?:tested?|samples?|lab|screen(?:ed)?)\b|\b(?:test|sample|screen)(?:ed)? (?:[a-z]+ ){0,5}for (?:asbestos|lead|silica|mould|mold)\b/,
    not: /\b(?:clear|negative|came back)\b/,
    means: {
      for: [
        [/\basbestos\b/, 'asbestos'],
        [/\bsilica\b/, 'silica'],
        [/\bmou?ld\b/, 'mould'],
        [/\blead\b/, 'lead'],
      ],
    },
    tells: {
      material:
        /\b((?:(?:old|floor|pipe|wall|window|ceiling|lead) )*(?:paint|tiles?|insulation|boards?|plaster|lagging|putty|coating|texture|artex|felt|sheets?))\b/,
    },
    instead: ['work', 'found'],
  },
  permit: {
    cue: /\b(?:permits?|planning (?:permission|consent)|engineer(?:s|'s| is)? letter|letter (?:from|by) the engineer|association(?:s|'s| has| is)?|conservation (?:officer|consent)|street licen[cs]e|building notice)\b/,
    not: /\bbefore the permit\b/,
    means: {
      sort: [
        [/\bassociation\b/, 'association'],
        [/\bengineer\b/, 'engineer’s letter'],
        [/\bconservation\b/, 'conservation'],
        [/\blicen[cs]e\b/, 'licence'],
        [/\bnotice\b/, 'notice'],
        [/\b(?:permits?|planning)\b/, 'permit'],
      ],
      state: [
        [/\b(?:refused|turned down|rejected|said no)\b/, 'refused'],
        [
          /\b(?:granted|approved|said yes|has come|is (?:here|in hand|through)|came through|we have (?:it|the permit))\b/,
          'granted',
        ],
        [/\b(?:asked for|applied|waiting|pending|still out|sent in|went in|requested)\b/, 'asked for'],
        [
          /\b(?:not (?:yet )?asked|have to (?:ask|apply)|need to (?:ask|apply)|to be (?:asked|applied))\b/,
          'not asked for',
        ],
      ],
    },
    tells: { before: /\b(?:needed )?before (.+?)(?: ,|$)/ },
    least: ['state'],
    instead: ['progress', 'decide', 'found', 'keep'],
  },
  'licensed-task': {
    cue: /\b(?:only|has to be|have to be|must be|needs?|by) .*\b(?:licensed|registered|certified|certificated|ticketed)\b/,
    means: {
      sort: [
        [/\bgas\b/, 'gas'],
        [/\b(?:electric(?:al|ian)?|wir(?:e|ing))\b/, 'electrical'],
        [/\basbestos\b/, 'asbestos'],
        [/\blift\b/, 'lift'],
        [/\b(?:engineer|structur)/, 'structural sign-off'],
      ],
    },
    least: ['sort'],
  },
  escape: {
    cue: /\b(?:escape|egress)\b/,
    near: { sill: /sill/, wellDeep: /deep/, width: /wide|width/, height: /high|height|tall/ },
    sides: [{ near: /\bwell\b/, fields: ['wellWide', 'wellOut'] }, ['width', 'height']],
    least: ['width', 'height', 'sill'],
    instead: ['found'],
  },
  'fire-sound': {
    cue: /\b(?:is|are|as|be|needs?|counts? as) (?:a |the )?(?:fire|sound|party|acoustic)(?: and (?:fire|sound))? (?:walls?|separation|rated|rating)\b|\b(?:fire|sound) (?:rated|rating|separation)\b/,
    means: {
      against: [
        [/\bfire and sound|sound and fire\b/, 'both'],
        [/\bparty\b/, 'a party wall'],
        [/\bfire\b/, 'fire'],
        [/\bsound|acoustic\b/, 'sound'],
      ],
    },
    tells: {
      wall: /\b((?:the )?(?:wall|floor|ceiling) (?:between|to|towards|over|under) .+?)(?: is | needs | has |,|$)/,
    },
  },
  fireplace: {
    cue: /\b(?:fireplace|stove|chimney|flue|burner)\b.*\b(?:clearance|vented|vent free|burns|fuel)\b/,
    near: { clearance: /clearance|clear/ },
    means: {
      fuel: [
        [/\bvent free\b/, 'gas, vent-free'],
        [/\bgas\b/, 'gas, vented'],
        [/\bwood|logs?\b/, 'wood'],
        [/\belectric\b/, 'electric'],
      ],
    },
  },
  inspection: {
    cue: /\binspect(?:or|ion)\b.*\b(?:comes?|coming|booked|on|due)\b|\b(?:booked|book) (?:the |an )?(?:inspector|inspection)\b/,
    not: /\b(?:passed|failed|passes|wants?|until|before|moved|said|says)\b/,
    tells: {
      what: /\binspection (?:of|for) (.+?)(?: on | ,| is |$)|\binspector .*\b(?:for|to see) (.+?)(?: on | ,|$)/,
    },
    day: 'on',
    least: ['on'],
    instead: ['progress'],
  },
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
  },
  fill: {
    cue: /\b(?:back)?fill(?:ed)?\b/,
    not: /\bjoints?|rake\b/,
    sides: [['long', 'wide', 'deep']],
    least: ['long', 'volume'],
  },
  'slab-patch': {
    cue: /\bslab\b.*\b(?:patch|cut|strip|chase)\b|\b(?:patch|cut|strip|chase)\b.*\bslab\b/,
    sides: SIZE_3!,
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
  },
  pour: {
    cue: /\b(?:pour(?:ed|s)?|pads?|footings?|concrete|piers?)\b/,
    sides: SIZE_3!,
    near: { pieces: /pads?|footings?|piers?|off|of them/ },
    least: ['long', 'thick'],
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
  },
  hangers: {
    cue: /\bhangers?\b.*\b(?:nails?|holes?|screws?|fasteners?|empty)\b/,
    near: { hangers: /hangers?/, each: /each|nails|holes|screws/, missing: /empty|missing/, box: /in a box|a box/ },
    least: ['hangers', 'missing'],
  },
  'rough-opening': {
    cue: /\b(?:rough (?:width|opening|in)|(?:window|door|closet|barn door) opening|opening (?:is|for|of)|openings?\b.*\b(?:board wrapped|wrapped|cased|header)|(?:windows?|doors?)\b.*\b(?:side by side|mull)|header cut)\b|\bopening\b/,
    not: /\b(?:escape|egress|opening up|temporary wall|tarp|prop|vent|wider|widen|enlarge|bigger|smaller|over the (?:new )?opening)\b/,
    instead: ['selection'],
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
    near: { long: /long|wall|owners/, spacing: /studs at|at|centres|centers|apart/, counted: /counted|studs/ },
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
      spacing: /studs?(?: are)? at|at|centres|centers|apart/,
      openings: /openings?|doors?/,
      corners: /corners?/,
      rows: /rows?/,
    },
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
    near: { trim: /thick|trim is/, proud: /proud/, edge: /gap|edge/, trimWide: /trim/, bed: /bed/, plane: /plane/ },
    least: ['proud', 'edge', 'plane', 'trim'],
    instead: ['keep', 'work', 'selection'],
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
    cue: /\b(?:sags?|sagging|sagged|sunk|dropped|dips?|(?:too|sits?|is|are|hangs?) low)\b/,
    instead: ['found'],
    not: /\b(?:soffit|plaster)\b/,
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
  },
  'boundary-work': {
    cue: /\b(?:neighbou?rs?|next door|their)\b.*\b(?:side|yard|wall|garden|land)\b/,
    near: { long: /long|of our side/, tall: /high|tall/, rate: /a coat a day|a day|square/, coats: /coats?/ },
    bare: ['long'],
    tells: { leave: /\bleave (?:from|of|by) (.+?)(?: ,|$)/ },
    least: ['long'],
  },
  'face-area': {
    cue: /\b(?:gables?|render(?:ed)?|columns?|face|elevation|(?:side|front|rear|end|garden|street) wall|(?:wall|side|face) (?:is|measures)|apron)\b/,
    not: /\b(?:sheets? of|exposure|trim|sheath|tiles?|studs?)\b/,
    near: {
      gableBase: /base/,
      pitch: /pitch/,
      rise: /rise/,
      gables: /gables?/,
      overhang: /overhang|along the slope/,
      columns: /(?:rear |front |side )*columns?/,
      around: /round|around/,
      columnTall: /high|tall/,
      more: /waste|more/,
      wallLong: /long|wide/,
      wallTall: /high|tall/,
    },
    lists: { openings: /\b(?:openings?|doors?|windows?|garage door)\b/, walls: /./ },
    least: ['walls', 'gableBase', 'columns'],
    instead: ['selection'],
  },
  'face-siding': {
    cue: /\bexposure\b/,
    near: { height: /high|tall|wall/, exposure: /exposure/, board: /boards?/ },
    least: ['exposure'],
  },
  'panel-siding': {
    cue: /\b(?:sheets?|panels?|boards?)\b.*\b(?:upright|vertical|of (?:four|4|three|3|1|1\.2|1200))\b|\b(?:upright|vertical)\b.*\b(?:sheets?|panels?|boards?)\b/,
    near: { wide: /wide/, tall: /high|tall/, piece: /sheets? of|panels? of|boards? of/ },
    least: ['wide', 'tall'],
    instead: ['selection'],
  },
  sheathing: {
    cue: /\bsheath(?:e|ing|ed)?\b/,
    near: { walls: /to sheathe|sheathing|walls?/, gables: /gables?/ },
    least: ['walls'],
  },
  sealant: {
    cue: /\bjoints?\b.*\b(?:seal|sealed|sealant|caulk\w*)\b|\b(?:seal|sealant|caulk\w*)\b.*\b(?:joints?|gaps?)\b/,
    near: { joint: /joints?|long|of/ },
    sides: [['width', 'depth']],
    bare: ['joint'],
    least: ['joint'],
  },
  'face-trim': {
    cue: /\btrim\b/,
    near: { face: /face|wide/, stock: /sticks?|lengths?/, corners: /corners?/, cornerHeight: /high/ },
    lists: { doors: /\bdoors?\b/, windows: /./ },
    means: { joint: [[/\bmitred|mitered\b/, 'mitred']] },
    least: ['windows', 'doors', 'corners'],
    instead: ['selection'],
  },
  fascia: {
    cue: /\b(?:fascia|soffits?|eaves?)\b/,
    not: /\b(?:rotten|rot|painted last|stays?)\b/,
    near: {
      eave: /eaves?|long|soffit/,
      rake: /rakes?/,
      depth: /deep|depth/,
      attic: /attic/,
      product: /a foot|square inches|product|a metre/,
      overlay: /overlay|laid over/,
      underMetal: /metal/,
    },
    sides: [['eave', 'depth']],
    least: ['eave', 'overlay', 'rake'],
    instead: ['selection', 'work', 'keep'],
  },
  barrier: { cue: /\b(?:wrap|weather barrier|membrane)\b/, least: ['walls'] },
  'weather-cover': {
    cue: /\b(?:an?|the|one|with a) (?:big |blue |new )?(?:tarps?|tarpaulin)\b|^tarp over\b|(?<!dust )\bsheet (?:is over|hangs|hung|over)\b/,
    instead: ['keep', 'work'],
    near: { beyond: /beyond|past|overlap|lap/, width: /wide/, height: /high|deep/ },
    sides: [['width', 'height']],
    tells: {
      until: /\b(?:until|till) (.+?)(?: ,|$)/,
      what: /\b(?:over|covers|on) (.+?)(?: ,|$)/,
    },
  },
  masonry: {
    cue: /\b(?:repoint(?:ing|ed)?|pointing|rake(?:d)?)\b/,
    near: {
      wall: /wall|brick/,
      rate: /(?:foot |feet |metres? )?an hour/,
      hands: /masons?|hands/,
      day: /hours a day|hours/,
      joint: /joint/,
    },
    tells: { mortar: /\b(lime [a-z ]+|(?:nhl|hydraulic) [a-z ]+?)(?: ,|$)/ },
    least: ['wall'],
  },
  'rough-move': {
    cue: /\bmov(?:e|ed|es|ing) .*\bfrom\b.*\bto\b/,
    not: /\btowards\b/,
    tells: { from: /\bfrom (?:the )?(.+?) to\b/, to: /\bto (?:the )?(.+?)(?: ,|$)/ },
    means: {
      trade: [
        [/\b(?:outlet|socket|switch|cable|wire|box|panel|light)/, 'electrician'],
        [/\b(?:pipe|drain|waste|valve|radiator|toilet|sink|tap)/, 'plumber'],
        [/\b(?:duct|vent|condenser|grille|fan)/, 'hvac'],
        [/\bgas\b/, 'gas-fitter'],
        [/\b(?:data|camera|speaker|network)/, 'low-voltage'],
      ],
    },
    least: ['trade'],
  },
  'air-sheet': {
    cue: /\b(?:fan|extractor|exhaust)\b|\bduct (?:run|to|is \d|is [a-z]+ (?:foot|metres?))/,
    not: /\bunder the duct\b/,
    near: {
      bends: /(?:right angle )?(?:bends?|elbows?|turns?)/,
      halfBends: /half bends?|45s/,
      straight: /of duct|straight|long|run/,
      diameter: /diameter|round/,
      room: /room|square/,
      hoods: /hoods?/,
    },
    ahead: { diameter: /of/, straight: /duct|is/ },
    tight: { diameter: /duct|pipe/ },
    bare: ['straight'],
    means: {
      duct: [
        [/\bflex(?:ible)?\b/, 'flexible'],
        [/\brigid\b/, 'rigid'],
      ],
    },
    tells: { terminal: /\b(?:out|to|through) (the (?:rear|front|side|roof|wall|gable|soffit))\b/ },
    least: ['straight', 'bends', 'room'],
  },
  'device-box': {
    cue: /\b(?:sockets?|outlets?|switch(?:es)?|box(?:es)?|gang)\b.*\b(?:above|high|off the (?:floor|slab)|gang)\b/,
    not: /\bmoved?\b/,
    near: { height: /at|above|high|off the (?:floor|slab)/, floor: /floor build ?up|build ?up/, between: /between/ },
    least: ['height'],
  },
  'recessed-lights': {
    cue: /\b(?:recessed|down ?lights?|pot lights?|spot ?lights?)\b/,
    near: { ceiling: /ceiling|high/ },
    sides: [['long', 'wide']],
    tells: { switch: /\bswitched (?:from|by|at) (.+?)(?: ,|$)/ },
    least: ['long'],
  },
  'access-hatch': {
    cue: /\b(?:hatch|access (?:panel|door))\b/,
    near: { wide: /wide/, tall: /high|tall/ },
    sides: [['wide', 'tall']],
    tells: { serves: /\b(?:for|to reach|serves) (?:the )?(.+?)(?: ,|$)/ },
    least: ['wide', 'tall'],
  },
  provision: {
    cue: /\b(?:conduit|cable|pipe|sleeve|draw wire|tail)\b.*\bfor (?:later|a later|the future|one day|some day|when)\b/,
    instead: ['keep', 'work', 'selection'],
  },
  'pre-cover-photos': {
    cue: /\bphotograph (?:the |this |that |every )?.+\bbefore\b/,
    means: { tape: [[/\btape\b/, 'on']] },
    tells: { wall: /\bphotograph (?:the |this |that )?(.+?) before\b/ },
    least: ['wall'],
    instead: ['work'],
  },
  outage: {
    cue: /\b(?:water|power|gas|heating|electricity|electric|internet|lift|sewer)\b (?:is|is going to be|will be|goes|has to (?:be|go)|must (?:be|go)) (?:shut |turned |switched )?off\b|\bshut(?:ting)? off the (?:water|power|gas|heating|electricity)\b/,
    not: /\b(?:is off now|dead)\b/,
    near: { from: /from|at/, hours: /hours?/ },
    tells: { what: /\b(water|power|gas|heating|electricity|electric|internet|lift|sewer)\b/ },
    day: 'on',
    least: ['on', 'hours'],
    instead: ['progress', 'found'],
  },
  insulation: {
    cue: /\binsulat(?:e|ed|ion)\b/,
    means: {
      for: [
        [/\bsound|acoustic\b/, 'sound'],
        [/\bheat|cold|warm\b/, 'heat and cold'],
      ],
    },
    least: ['surface'],
  },
  'finish-order': {
    cue: /^(?!first\b).{4,60}\bfirst ,? ?(?:and )?(?:then|before)\b|, then .+, then /,
    not: /\b(?:did|did not|before anything|went)\b/,
    instead: ['work'],
    tells: {
      first: /^(.+?)(?: (?:goes|comes?|go|is|are|has to go))?(?: off| in| on| out)? first\b|^(.+?) ,? ?then\b/,
      then: /\b(?:then|before) (.+?)(?: ,|$)/,
    },
    means: {
      whose: [
        [
          /\btheir (?:painter|builder|contractor|plasterer|man)\b|\bclient(?:s|'s)? (?:own )?contractor\b/,
          'the client’s own contractor',
        ],
        [/\bneighbou?r\b/, 'the neighbour'],
        [/\b(?:she|he|the client|the owners?) (?:has to|will|does|clears?|picks?)\b/, 'the client'],
      ],
    },
    least: ['then'],
  },
  'floor-finish': {
    cue: /\b(?:floor(?:ing|s)?|planks?|boards?)\b/,
    near: { box: /box|pack/, waste: /waste/ },
    means: { laid: [[/\bdiagonal|herringbone\b/, 'diagonal']] },
    tells: { direction: /\b((?:runs?|laid|along|towards) (?:towards|along|with|to|from) [a-z ]+?)(?: ,|$)/ },
    least: ['surface'],
  },
  'cabinet-fit': {
    cue: /\b(?:run of (?:cabinets|units)|cabinet run)\b|\bniche\b.*\bboxes\b|\bboxes\b.*\bniche\b/,
    near: { niche: /niche|wall/, skinLeft: /left/, skinRight: /right/, window: /window/ },
    lists: { fillers: /\bfillers?\b/, boxes: /\b(?:boxes|units)\b/ },
    least: ['niche', 'boxes'],
  },
  'cabinet-heights': {
    cue: /\bceiling\b.*\b(?:left|right)\b.*\b(?:left|right|riser|crown)\b/,
    near: { ceilingLeft: /left/, ceilingRight: /right/, riser: /riser/, cover: /cover|reach/ },
    lists: { stack: /\bstack\b/ },
    least: ['ceilingLeft', 'ceilingRight'],
  },
  'fit-check': {
    cue: /\b(?:has to (?:go|fit)|have to fit|must fit|fits?|does not fit|to spare|squeeze)\b/,
    near: {
      takes: /takes|needs|wide|is/,
      space: /of room|room|space|gap|there is|is now|between|clear/,
      spare: /beside|to spare wanted|free/,
    },
    least: ['space'],
    instead: ['work', 'found'],
  },
  countertop: {
    cue: /\b(?:countertops?|worktops?|counter|the top)\b/,
    near: { overhang: /overhang/, splash: /splash|upstand/ },
    lists: { runs: /./ },
    least: ['runs'],
  },
  'tile-area': {
    cue: /\btil(?:e|es|ed|ing)\b/,
    near: { joint: /joints?|grout/, box: /box/ },
    sides: [['tileLong', 'tileWide']],
    least: ['surface'],
  },
  rail: {
    cue: /\b(?:hand ?rail|guard ?rail|railing|guard|balustrade)\b/,
    near: { long: /long/, height: /high|height/, drop: /drop/, posts: /posts?/ },
    least: ['long', 'height', 'drop'],
  },
  'paint-progress': {
    cue: /\b(?:paint(?:ed)?|emulsion|coats?)\b/,
    near: { coats: /coats?/ },
    least: ['surface'],
  },
  shelving: {
    cue: /\btiers?\b|\bclos(?:et|ets) shel(?:f|ves|ving)\b|\bshel(?:ves|ving)\b.*\b(?:back|sides?|walls)\b/,
    near: { tiers: /tiers?|shelves/, back: /back/, side: /sides?/, depth: /deep/ },
    least: ['tiers', 'back'],
    instead: ['selection'],
  },
  saving: {
    cue: /\bsav(?:ed|es|ing)\b|\bdid not need\b|\bnever needed\b/,
    near: {
      pieces: /pieces?|of them|boxes|sheets|doors|handles/,
      each: /each|apiece|at/,
      days: /days?/,
      rate: /a day/,
    },
    least: ['each', 'rate'],
    instead: ['keep', 'found'],
  },
  lesson: { cue: /\bnext time\b|\blesson\b/, tells: { look: /\bnext time (?:we )?(.+?)(?: ,|$)/ } },
  'return-part': {
    cue: /\b(?:missing|awaited|still to come|come back (?:for|with|to)|on (?:back ?)?order)\b/,
    on: 'completion',
    tells: {
      part: /\b(?:one|the|a|two|three) ([a-z]+) (?:is|are) (?:missing|awaited|on)\b/,
      first: /\bonce (.+?)(?: ,|$)/,
    },
    day: 'due',
    least: ['due'],
    instead: ['found', 'work'],
  },
  'order-error': {
    cue: /\b(?:came|arrived|was delivered|were delivered|turned up|sent us|they sent)\b.*\b(?:wrong|too (?:few|short|long|wide|narrow|small|big)|damaged|broken|cracked|double|twice|dent)\b/,
    instead: ['found'],
    means: {
      error: [
        [/\bwrong (?:hand|side|way)\b/, 'wrong hand'],
        [/\bwrong colou?r\b/, 'wrong colour'],
        [/\bwrong size|too (?:short|long|wide|narrow)\b/, 'wrong size'],
        [/\btoo few|short\b/, 'too few'],
        [/\bdouble|twice\b/, 'double'],
        [/\bdamaged|broken|cracked\b/, 'damaged'],
      ],
      bearer: [
        [/\b(?:ours|our (?:fault|cost|mistake)|we (?:pay|bear))\b/, 'we'],
        [/\b(?:supplier|maker|shop|factory)\b/, 'the supplier'],
        [/\b(?:client|owner)s?\b/, 'the client'],
      ],
    },
    least: ['error'],
  },
  'handover-item': {
    cue: /\bhand ?over(?: pack| folder)?\b/,
    not: /\b(?:on|by|is wished|date|day)\b.*\b(?:january|february|march|april|may|june|july|august|september|october|november|december|\w+day)\b/,
    means: {
      sort: [
        [/\bmanuals?|leaflets?|instructions?\b/, 'manual'],
        [/\bwarrant(?:y|ies)|guarantee\b/, 'warranty'],
        [/\btouch ?up\b/, 'touch-up'],
        [/\bspare\b/, 'spare part'],
        [/\b(?:paint|colour|color|tin)\b/, 'colour'],
        [/\bkeys?|codes?\b/, 'key or code'],
        [/\bvalve|hatch|stopcock\b/, 'access point'],
      ],
    },
    tells: { where: /\b(?:is|are|lies?|kept) ((?:in|on|under|behind|by) .+?)(?: ,| for the|$)/ },
    least: ['sort'],
    instead: ['keep', 'work', 'selection'],
  },
  defect: {
    cue: /\b(?:touch(?:ed)? ?up|adjust(?:ing|ed|ment)?|scratch(?:ed|es)?|chip(?:ped)?|wobbles?|squeaks?|rubs?|drips?|dent(?:ed)?|cleaning|needs cleaning)\b/,
    on: 'completion',
    means: {
      sort: [
        [/\btouch|scratch|chip/, 'touch up'],
        [/\badjust|rubs?|wobbles?|squeaks?/, 'adjust'],
        [/\bclean/, 'clean'],
        [/\breplace|new one/, 'replace'],
        [/\bdrips?|dent|mend|fix/, 'mend'],
      ],
    },
    day: 'by',
    instead: ['work', 'found'],
  },
}
