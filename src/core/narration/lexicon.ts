import type { Action, Element, Stage, Trade } from '../scope/vocabulary'

/** Words of the trade, British and American, for each element. A phrase of several words beats a single one. Empty keys
 * are things without a key: they stop a shorter match ('dust wall' is no wall). */
const ELEMENT_WORDS: readonly (readonly [Element | '', string])[] = [
  [
    '',
    'dust wall|dust sheet|collar tie|end panel|hold down|skip|hatch|lid|seam|trellis|wallpaper|drawing|sump|pit|niche|loft ladder|shelving bracket|padstone|floor area|sign off|check valve|wall hung|wall mounted|floor standing',
  ],
  [
    'drywall',
    'drywall|plasterboard|plaster board|backer board|backer|board|sheetrock|gypsum board|wallboard|wall board',
  ],
  ['insulation', 'insulation|foam board|foam|batt|rockwool|mineral wool|lagging|rigid board'],
  ['baseboard', 'baseboard|skirting board|skirting|base board|base moulding|base molding|base'],
  ['casing', 'casing|architrave'],
  ['trim', 'trim|corner board|moulding|molding|crown|picture rail|dado|frieze|cornice|coving'],
  ['countertop', 'countertop|counter top|counter|worktop|work top|benchtop'],
  ['backsplash', 'backsplash|splashback|splash back|upstand'],
  ['sink', 'sink|basin|washbasin'],
  ['vanity', 'vanity|vanity unit'],
  ['toilet', 'toilet|loo|wc|commode'],
  ['tub', 'tub|bathtub|bath tub|bath'],
  ['shower', 'shower|shower tray|shower pan|shower screen|shower valve|shower head|shower door|shower glass'],
  ['mirror', 'mirror'],
  ['outlet', 'outlet|socket|receptacle|power point|plug socket'],
  ['switch', 'switch|dimmer|switch plate'],
  ['light', 'light|lamp|downlight|spotlight|pendant|light fitting|fixture|sconce|can light|pot light'],
  ['wire', 'wire|cable|cabling|wiring|circuit|splice|knob and tube|conductor|ring main|ring circuit|data cable|romex'],
  ['pipe', 'pipe|pipework|copper|plumbing pipe|water line|supply line|stack|soil stack|soil pipe|waste pipe'],
  ['gas-line', 'gas line|gas pipe|gas'],
  ['water-heater', 'water heater|hot water tank|hot water cylinder|cylinder|boiler|immersion heater'],
  ['duct', 'duct|ducting|ductwork|return duct|supply duct'],
  ['fan', 'fan|extractor|extractor fan|bath fan|ceiling fan|exhaust fan|hood fan'],
  ['vent', 'vent|louvre|louver|air brick|airbrick|grille'],
  ['radiator', 'radiator|rad|towel rail|towel radiator'],
  [
    'cabinet',
    'cabinet|bases|units|tall unit|base unit|wall unit|base cabinet|wall cabinet|upper|kitchen unit|cupboard|larder unit|island unit|island',
  ],
  ['shelf', 'shelf|shelves|shelving'],
  ['closet', 'closet|wardrobe|built in'],
  ['hardware', 'hardware|pull|handle|hinge|knob|doorknob|lever|lockset|latch|lock|hook'],
  [
    'appliance',
    'appliance|fridge|refrigerator|freezer|dryer|drier|washer|washing machine|dishwasher|oven|hob|range|cooktop|cooker|stove|microwave|range hood',
  ],
  ['fireplace', 'fireplace|hearth|wood stove|log burner|mantel'],
  ['chimney', 'chimney|chimney stack|flue'],
  ['window', 'window|skylight|rooflight|roof window|roof light|sash|casement|bay window|glazing|pane'],
  ['sill', 'sill|window sill|cill|threshold'],
  [
    'door',
    'door|pocket door|bypass door|barn door|bifold|back door|front door|sliding door|patio door|french door|garage door|doorset',
  ],
  ['opening', 'opening|doorway|archway|rough opening'],
  ['header', 'header|lintel'],
  ['beam', 'beam|girder|rsj|steel beam|ridge beam|purlin|flitch'],
  ['post', 'post|column|newel post'],
  ['joist', 'joist|rim joist|rafter|truss|floor joist|ceiling joist'],
  ['stud', 'stud|jack stud|king stud|cripple|jack'],
  ['plate', 'plate|sole plate|bottom plate|top plate|sill plate|wall plate'],
  ['blocking', 'blocking|fire blocking|fire block|fire stop|backing|noggin|nogging|dwang|grounds'],
  ['stair', 'stair|stairs|step|steps|staircase|tread|riser|stringer|stoop'],
  ['railing', 'railing|handrail|rail|guard|guardrail|baluster|balustrade|banister|spindle|newel'],
  ['footing', 'footing|foundation|pad|strip foundation'],
  ['slab', 'slab|concrete floor|screed|concrete pad'],
  ['drain', 'drain|sewer|drain line|drainpipe run|gully|gulley|lateral|manhole'],
  ['siding', 'siding|lap siding|cladding|clapboard|weatherboard|shiplap|shingle siding|render'],
  ['sheathing', 'sheathing|osb|plywood sheathing'],
  [
    'weather-barrier',
    'weather barrier|house wrap|housewrap|wrap|building paper|breather membrane|membrane|vapour barrier|vapor barrier',
  ],
  ['fascia', 'fascia|bargeboard|barge board|rake board'],
  ['soffit', 'soffit|bulkhead|eaves|eave'],
  ['gutter', 'gutter|guttering|downspout|downpipe|drainpipe'],
  ['roof', 'roof|shingle|roofing|slope|roof tile|ridge|ridge vent|ridge tile|ridge cap|valley'],
  ['flashing', 'flashing|step flashing|chimney flashing|drip edge|lead flashing|apron'],
  ['deck', 'deck|decking|deck board'],
  ['brick', 'brick|brickwork|block|blockwork|stonework|masonry|mortar|pointing'],
  ['plaster', 'plaster|skim|skim coat|lime plaster|plasterwork|stucco'],
  ['tile', 'tile|tiling|floor tile|wall tile|hex tile'],
  ['grout', 'grout'],
  ['paint', 'paint|primer|paint colour|paint color|paintwork|emulsion|gloss|stain'],
  [
    'floor',
    'floor|flooring|floorboard|floor board|floor boards|oak boards|carpet|lino|vinyl|laminate|hardwood|subfloor|sub floor|floor patch|parquet',
  ],
  ['ceiling', 'ceiling'],
  ['wall', 'wall|partition|nib|nib wall|stair wall'],
]

export const ELEMENT_PHRASES = phraseTable(ELEMENT_WORDS)

const TRADE_WORDS: readonly (readonly [Trade, string])[] = [
  ['electrician', 'electrician|sparky|spark|sparks|sparkies'],
  ['plumber', 'plumber'],
  ['gas-fitter', 'gas fitter|gas engineer|gas guy|gas man'],
  ['hvac', 'hvac|hvac guy|duct guy|ducting|duct fitter|furnace guy|hvac tech|mechanical'],
  ['drywaller', 'drywaller|boarder|drywall|board|boarding|taper|rocker|hanger'],
  ['plasterer', 'plasterer|plastering'],
  ['painter', 'painter|decorator|painting|paint|decorating'],
  ['tiler', 'tiler|tile|tile setter|tiling'],
  ['flooring', 'flooring|floor layer|floor|floorer|carpet'],
  ['cabinet-maker', 'cabinet maker|cabinetmaker|cabinet|kitchen fitter|kitchen fitters|joinery shop'],
  ['countertop', 'countertop|counter|worktop|stone|granite'],
  ['glazier', 'glazier|glass'],
  ['window-door', 'window fitter|window|door|window installer|window guy'],
  ['carpenter', 'carpenter|chippy|joiner|chippies|framer|framing|carpentry'],
  ['mason', 'mason|bricklayer|brickie|stonemason|brick|pointing'],
  ['steel', 'steel|steel erector|steelworker|fabricator'],
  ['roofer', 'roofer|roofing|roof'],
  ['sider', 'sider|siding|cladding|cladder'],
  ['insulator', 'insulator|insulation|spray foam|foam'],
  ['concrete', 'concrete|concrete finisher|pour'],
  ['excavator', 'excavator|digger|groundworker|digger driver|groundwork|groundworks|dig'],
  ['demolition', 'demolition|demo|strip out|wrecking'],
  ['railing', 'railing|rail|balustrade|metalworker|blacksmith'],
  ['cleaner', 'cleaner|cleaning'],
  ['waste', 'waste|skip|bin|dumpster|haulier|hauler'],
  ['low-voltage', 'low voltage|data|alarm|network|av'],
  ['engineer', 'engineer|structural engineer|structural'],
  ['designer', 'designer|architect|interior designer'],
  [
    'inspector',
    'inspector|building inspector|building control|building officer|plumbing inspector|electrical inspector',
  ],
  ['supplier', 'supplier|merchant|lumber yard|lumberyard|builders merchant|manufacturer|factory|distributor'],
  ['client', 'client|owner|homeowner|customer|landlord|householder|household'],
]
/** Words after a trade's adjective that make it people: 'steel lads', 'tile guy'. */
const PEOPLE =
  '(?:lads?|crews?|people|guys?|fitters?|men|man|team|boys|folks?|company|firm|sub|subs|contractors?|installers?|gang)'

export const TRADE_PATTERNS: readonly (readonly [Trade, RegExp])[] = TRADE_WORDS.map(([trade, words]) => {
  const list = words.split('|')
  const names = list.filter(
    (word) =>
      /(?:er|or|ian|y|ies|ks?|ie|c|maker|smith|man|guy|client|landlord|household|architect|mason|control|hand|shop|factory|yard|merchant|hvac|tech|glazier)$/.test(
        word,
      ) && !/^(?:paint|floor|door|tile|board|railing|counter|mechanical|joinery)$/.test(word),
  )
  const alone = names.length > 0 ? `(?:${names.join('|')})s?` : '(?!)'
  return [trade, new RegExp(`\\b(?:${alone}|(?:${list.join('|')}) ${PEOPLE})\\b`)] as const
})

/** Conditions of things, by the words that tell them. */
export const CONDITION_PATTERNS: readonly (readonly [string, RegExp])[] = [
  ['asbestos', /\basbestos\b/],
  ['mold', /\b(?:mou?ld|mou?ldy|mildew)\b/],
  [
    'rot',
    /\b(?:rot|rots|rotten|rotted|rotting|punky|spongy|(?:is|are|gone|feels?|going|went) (?:a bit |very |quite |all |really )?soft(?! (?:white|grey|gray|close|wood))|soft right through)\b/,
  ],
  ['insect', /\b(?:woodworm|wasps?|termites?|ants?|carpenter ants|hornets?|bees|insects?|beetles?|worm holes?)\b/],
  [
    'animal',
    /\b(?:mouse|mice|rats?|droppings|squirrels?|birds?|pigeons?|bats?|raccoons?|nest|nests|chewed|gnawed|bat)\b/,
  ],
  [
    'leak',
    /\b(?:leak|leaks|leaking|leaked|leaky|drips|dripping|weeping|(?:rain ?)?water (?:is )?(?:getting|coming|running|pouring) in)\b/,
  ],
  [
    'damp',
    /\b(?:damp|(?:ceiling|wall|plaster|drywall|soffit)s? (?:is|are) (?:badly |all )?stained|wet(?! room)|^(?:there is )?water (?:in|on|under|behind)|moisture|soaked|sodden|soaking|water stain|water stains|efflorescence|(?:standing|pooled|pooling) water|water (?:is )?(?:standing|sitting|pooling|ponding)|ponding)\b/,
  ],
  ['corrosion', /\b(?:corroded|corrosion|rust|rusted|rusty|rusting|rusted through|pitted|seized)\b/],
  ['crack', /\b(?:crack(?! on\b)|cracks(?! on\b)|cracked|cracking|split|splits)\b/],
  [
    'sag',
    /\b(?:sag|sags|sagging|sagged|bowed|bowing|dipped|settled(?= (?:about|by|a|an|half|three|one|two|on|\d)\b)|dips|deflecting|out of level|not level|bellied|sunk|sinking|dropped (?:about |by |a |an |half |three |\d))\b/,
  ],
  [
    'loose',
    /\b(?:loose|wobbly|wobbles|wobbling|rocks|rocking|(?:is|are) hanging (?:down|loose)|come away|coming away|pulled away|lifting|(?:is|are|has|have) lifted|hanging off|popped|slipped|hollow|blown(?! in(?! (?:\w+ )?(?:places?|spots?))))\b/,
  ],
  ['blocked', /\b(?:blocked|clogged|plugged|bunged up|backed up|choked)\b/],
  [
    'missing',
    /\b(?:[a-z]+s short(?= *$)|(?:is|are|am) short (?:of|by|an?|one|two|three|four|five|six|\d+)(?! (?:guy|man|lad|hand|body|men|guys|lads|people))|(?:one|an?|two|three|four|five|six|\d+) (?:\w+ )?\w+ short(?: (?:in|up|on|out|over|down) (?:here|there))?(?= *$)|missing|never fitted|absent|not there)\b/,
  ],
  [
    'wrong',
    /\b(?:racked|out of square|wrong|left handed|right handed|wrong hand|wrong size|wrong side|wrong colour|wrong color|too short|too long|too narrow|too wide|too small|too big|too deep|too shallow|too high|too low|too far|too close|too thin|too thick|too tight|undersized|oversized|out of true|crooked|misaligned|not plumb|not straight|not lined up|back to front|upside down|backwards|mislabelled|out of square|not square|out of plumb|leaning(?! (?:on|against)\b)|tilted|tilting|(?:does|do) not line up|out of line|off (?:center|centre)|hits the|fouls|fouling|clashes with(?! it)|clashing)\b/,
  ],
  [
    'damaged',
    /\b(?:(?:a|two|three|some|few) (?:big |small |bad |nasty )?(?:chip|dent|gouge|nick|scratch|scratche|tear|rip)s?\b|damaged|scratched|crushed|spalled|spalling|shot|chipped|dented|broken|smashed|bent|torn|snapped|ripped(?! (?:out|off|up|down|through)\b)|cracked glass|gouged|buckled|warped|burnt|burned out|knackered|busted|dinged|scuffed|holed|perished|cupped|cupping|faulty|kaput|packed up|worn|worn out|frayed|stuck|jammed|jams|rubs|rubbing|sticks|sticking|binds|binding|catches on|cooked|split open|dodgy|painted shut|twisted|swollen|delaminat\w+|blister\w*|bubbl\w+|peeling|flaking|scorched|mangled|kinked|buzzing|humming|flickering|tripping out|(?:does|do|will|would) not (?:work|close|open|latch|run|fire up)|(?:is|are) not (?:working|closing|latching|running|draining|heating|flushing|firing|opening|turning))\b/,
  ],
  ['live', /\blive(?! (?:with|in|load|edge|upstairs|downstairs|here|next|there)\b)/],
  ['dead', /\bdead(?! (?:flat|level|straight|slow|easy|load|bolt|end|centre|center|right|on|simple|plumb)\b)/],
]

/** Verbs that tell work to be done, and where they say nothing of it. */
export const ACTION_PATTERNS: readonly (readonly [Action, RegExp])[] = [
  [
    'replace',
    /\b(?:replace|redo|replaced|replacing|swap(?:ped|ping)? (?:\w+ )?(?:\w+ )?(?:out|for)|swap|renew|hack off and replace|strip and replace|change out|new ones? in|change (?:\w+ )?(?:\w+ )?out)\b/,
  ],
  [
    'close-up',
    /\b(?:clos(?:e|ing) (?:\w+ ){0,3}up|(?:closed|bricked|boarded|blocked|walled) up|(?:block|wall|brick|board) (?:it|them|that|this|those|the \w+|that \w+) (?:up|over)|fill (?:it|them|that|this|the \w+|that \w+) in)\b/,
  ],
  ['overlay', /\b(?:overlay|overlaid|go over the top|over board|overboard|clad over|side over)\b/],
  [
    'relocate',
    /\b(?:move|moves|moving|shift|shifts|shifting|relocate|relocates|relocated|moved over|swing over|re-route|reroute|reroutes|slide (?:\w+ )?over)\b/,
  ],
  [
    'enlarge',
    /\b(?:enlarge|enlarged|widen|widened|ma[dk]e (?:\w+ )?(?:bigger|larger)|open (?:\w+ )?up wider|make (?:\w+ )?wider|cut (?:\w+ )?bigger)\b/,
  ],
  ['test', /\b(?:test|tests|get (?:\w+ )?tested|sample)\b/],
  [
    'inspect',
    /\b(?:inspect|have a look|has to look|look at|take a look|check|checks|check on|needs? looking at|(?:needs? to|should|must|has to) (?:have a |take a )?look|scope out)\b/,
  ],
  ['order', /\b(?:order|reorder|re-order|send for|get (?:\w+ )?ordered)\b/],
  ['clean', /\b(?:clean|clean down|wash|wash down|scrub|sweep|hoover|vacuum|power wash)\b/],
  ['insulate', /\b(?:insulate|insulated|lag)\b/],
  ['cover', /\b(?:cover|sheet over|sheet (?:\w+ )?up|tarp|tarp over)\b/],
  ['patch', /\b(?:patch|patched|patching|make good|fill the|filler)\b/],
  ['paint', /\b(?:paint|repaint|touch up|touch-up|touchup|prime|stain|decorate)\b/],
  [
    'repair',
    /\b(?:fix|fixes|fixed up|repair|repaired|mend|sister|sistered|refix|re fix|free (?:it|them|the \w+) (?:up|off)|unstick|ease|glue|refit|rehang|rehung|plane|adjust|reset|resecure|secure|level up|screw (?:\w+ )?down|tighten|resecure|re-secure|reattach|straighten|refasten|reglue|shim)\b/,
  ],
  [
    'remove',
    /\b(?:come out|comes out|coming out|come off|comes off|coming off|come down|comes down|coming down|to go|goes|goes out|going|tear out|tear off|tear (?:\w+ ){1,3}(?:out|off)|take (?:\w+ ){0,4}(?:off|out|down)|rip (?:\w+ ){0,3}(?:out|off|up)|pull (?:\w+ ){0,3}(?:out|off|up|down|all)\b|pull (?:the|that|those|these|all the) (?:old |existing )?|strip (?:\w+ ){0,3}(?:out|off)?|knock (?:\w+ ){0,4}(?:out|down|through)|hack (?:\w+ ){0,3}off|get rid of|remove|removed|demo (?:the|this|that)|disconnect|out with|lose the|needs? to go|cut out|cut (?:\w+ ){1,3}out|so does|so do)\b/,
  ],
  ['protect', /\b(?:protect|wrap (?:\w+ )?up|keep (?:\w+ )?covered)\b/],
  [
    'install',
    /\b(?:to go (?:in|on|up)(?= (?:before|first|after|by|now|when)\b|$)|gets? (?:an?|new|another|two|three|four) (?!(?:pass|coat|lick|clean|look|chance|say|day|week|good|quote|price|letter|copy|visit|call)\b)|goes (?:against|under|next to|between|behind|beside|opposite|where|in (?:here|there)$)|needs? an?|needs? new|needs? another|needs? (?:\d|two|three|four|five|six|some|more)|wants? an?|wants? new|wants? another|add|adds|adding|put|puts|putting|run|runs|install|installs|installing|fit|fits|fitting|hang|mount|set a|lay|build|frame|pour|extend|wire up|hook up|wants? (?:\d|two|three|four|five|six|some|more)|need an?|need new|need (?:\d|two|three|four|five|six|some|more))\b/,
  ],
]

/** Materials, colours and manners that tell what is going in. */
export const MATERIAL =
  /\b(?:dark|pale|in (?:concrete|brick|block|timber)|poplar|fir|hemlock|oak|pine|walnut|maple|cedar|larch|ash|birch|mahogany|hardwood|softwood|ply|plywood|mdf|quartz|granite|marble|slate|limestone|travertine|terrazzo|porcelain|ceramic|stone|laminate|vinyl|cork|bamboo|glass|steel|stainless|brass|chrome|nickel|bronze|copper|iron|cast iron|aluminium|aluminum|zinc|fibre cement|fiber cement|cement|composite|acrylic|resin|corian|solid surface|linoleum|carpet|wool|sisal|white|off white|black|matte?|matt|gloss|satin|eggshell|grey|gray|charcoal|blue|green|red|cream|beige|ivory|sand|navy|sage|natural|oiled|lacquered|brushed|polished|honed|tumbled|hex|hexagon|herringbone|subway|metro|penny|shaker|slab front|flat panel|raised panel|bifold|bypass|sliding|casement|double hung|double glazed|triple glazed|wall hung|low profile|frameless|undermount|freestanding|two tone|smooth|textured|lime|clay(?! soil)|standing seam|asphalt|architectural|bevelled|tongue and groove|engineered|prefinished|primed|hollow core|solid core|six panel|fluted|reeded|induction|laminated|toughened|tempered|obscure|frosted|led|dimmable|warm white|ogee|torus|bullnose|chamfered|square edge|pencil round|half round)\b/

/** Stage that a word or a verb speaks of, the more particular first. */
export const STAGE_PATTERNS: readonly (readonly [Stage, RegExp])[] = [
  ['protect', /\b(?:floor protection|protection|dust sheets?|dust walls?|zip wall|sheeting)\b/],
  ['strip-out', /\b(?:demo|demolition|strip ?out|stripping|tear ?off|gutted|gutting|stripped)\b/],
  ['shoring', /\b(?:props?|temp walls?|temporary walls?|shoring|shored|acrows?|needles)\b/],
  ['excavation', /\b(?:trench|trenches|excavation|dig|dug|backfill|backfilled|digging)\b/],
  ['low-voltage', /\b(?:data|speaker|thermostat|alarm|network|low voltage|cat ?6|doorbell|ethernet|coax)\b/],
  [
    'wires',
    /\b(?:wiring|wired|rewired|electrical rough|rough electrical|electrical|electrical first fix|power(?! (?:wash\w*|tools?|point)\b)|first fix electrics?|electrics|rough wiring|rough in electric|cable|cables|circuits?)\b/,
  ],
  [
    'pipes',
    /\b(?:plumbing|plumber is first fix|plumbers first fix|first fix plumbing|plumbing rough|rough plumbing|waste|wastes|water pipes?|supply pipes?|pipework|repiped|pipes?)\b/,
  ],
  ['gas', /\b(?:gas line|gas pipe|gas)\b/],
  ['underground', /\b(?:under ?slab drains?|drains? laid|drain is laid|under slab|drain|drains|sewer)\b/],
  ['concrete', /\b(?:concrete|pour|poured|slab|footings?|screed)\b/],
  ['cladding', /\b(?:siding|cladding|fascia|soffit outside|clad|sided)\b/],
  ['weather-barrier', /\b(?:wrap|house ?wrap|weather barrier|wrapped|membrane)\b/],
  ['insulation', /\b(?:insulation|insulated|batts?|insulating|foamed|spray foam)\b/],
  ['tape', /\b(?:tape|taped|taping|mud|mudded|mudding|joints filled|joint compound)\b/],
  ['board', /\b(?:board|boarded|boarding|drywall|drywalled|plasterboard|rocked|sheetrock|hung board|backer)\b/],
  ['plaster', /\b(?:plaster|plastered|skim|skimmed|plastering|rendered)\b/],
  ['tile', /\b(?:tile|tiles|tiled|tiling|grout|grouted|backsplash|splashback)\b/],
  ['countertops', /\b(?:countertops?|counters?|worktops?)\b/],
  [
    'cabinets',
    /\b(?:cabinets?|uppers?|base units?|wall units?|base cabinets?|tall units?|kitchen units?|cupboards?)\b/,
  ],
  ['paint', /\b(?:paint|painted|painting|primed|primer|first coat|second coat|top coat|decorated|decorating)\b/],
  ['flooring', /\b(?:flooring|floorboards?|carpeted|floor is down|floor is laid|floor laid|floor)\b/],
  [
    'trim',
    /\b(?:shelves|shelf|shelving|baseboards?|skirting|casings?|architraves?|trim|trimmed|second fix carpentry|mouldings?|moldings?)\b/,
  ],
  ['railing', /\b(?:railings?|handrails?|balusters?|banisters?|spindles?|guard)\b/],
  ['ducts', /\b(?:ducts?|ductwork|ducting|supplies|returns|ducted)\b/],
  ['windows-doors', /\b(?:windows?|doors?|skylights?|glazing)\b/],
  ['roof', /\b(?:roof|gutters?|shingles|roofing|downspouts?|downpipes?)\b/],
  [
    'structure',
    /\b(?:beams?|steel|steels|posts?|bricks?|brickwork|blocks?|blockwork|repointing|repointed|pointing|lintels?|columns?)\b/,
  ],
  ['framing', /\b(?:framing|framed|studs?|joists?|plates?|headers?|blocking|noggins?|backing|rafters|trusses|stair)\b/],
  [
    'fixtures',
    /\b(?:toilets?|sinks?|basins?|vanity|tubs?|lights?|switches|switch|outlets?|sockets?|taps?|faucets?|fixtures|second fix|mirrors?|radiators?|shower)\b/,
  ],
  ['site-works', /\b(?:fences?|fencing|paving|pavings|patio|driveway|landscaping)\b/],
]

function phraseTable<Key extends string>(words: readonly (readonly [Key, string])[]): ReadonlyMap<string, Key> {
  const table = new Map<string, Key>()
  for (const [key, list] of words) for (const phrase of list.split('|')) table.set(phrase, key)
  return table
}
