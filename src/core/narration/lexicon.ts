import type { Action, Stage, Trade } from '../scope/vocabulary'

const TRADE_WORDS: readonly (readonly [Trade, string])[] = [
  ['electrician', 'electrician|sparky|spark|sparks|sparkies'],
  ['plumber', 'plumber'],
  ['gas-fitter', 'gas fitter|gas engineer|gas guy|gas man'],
  ['hvac', 'hvac|hvac guy|duct guy|ducting|duct fitter|furnace guy|hvac tech|mechanical'],
  ['drywaller', 'drywaller|boarder|drywall|board|boarding|taper|rocker|drywall hanger'],
  ['plasterer', 'plasterer|plastering'],
  ['painter', 'painter|decorator|painting|paint|decorating'],
  ['tiler', 'tiler|tile|tile setter|tiling'],
  ['flooring', 'flooring|floor layer|floor|floorer|carpet'],
  ['cabinet-maker', 'cabinet maker|cabinetmaker|cabinet|kitchen fitter|kitchen fitters|joinery shop'],
  ['countertop', 'countertop|counter|worktop|quartz|marble|stone|granite'],
  ['glazier', 'glazier|glass'],
  ['window-door', 'window fitter|window|door|window installer|window guy'],
  ['carpenter', 'carpenter|chippy|joiner|chippies|framer|framing|carpentry'],
  ['mason', 'mason|bricklayer|brickie|stonemason|brick|pointing'],
  ['steel', 'steel|steel erector|welder|steel fixer|ironworker|steelworker|fabricator'],
  ['roofer', 'roofer|roofing|roof'],
  ['sider', 'sider|siding|cladding|cladder'],
  ['insulator', 'insulator|insulation|spray foam|foam'],
  ['concrete', 'concrete|concrete finisher|pour|slab'],
  ['excavator', 'excavator|ground worker|digger|groundworker|digger driver|groundwork|groundworks|dig'],
  ['demolition', 'demolition|demo|strip out|wrecking'],
  ['railing', 'railing|rail|metal guy|metal man|iron worker|balustrade|metalworker|blacksmith'],
  ['cleaner', 'cleaner|cleaning'],
  ['waste', 'waste|skip|bin|dumpster|haulier|hauler'],
  ['low-voltage', 'low voltage|data|alarm|network|av'],
  ['engineer', 'engineer|structural engineer|structural'],
  ['designer', 'designer|architect|interior designer'],
  [
    'inspector',
    'inspector|building inspector|building control|building officer|plumbing inspector|electrical inspector',
  ],
  [
    'supplier',
    'supplier|merchant|lumber yard|lumberyard|builders merchant|mill shop|millwork shop|lumber guy|tile shop|manufacturer|factory|distributor',
  ],
  ['client', 'client|owner|homeowner|customer|landlord|householder|household'],
]
/** Words after a trade's adjective that make it people: 'steel lads', 'tile guy'. */
const PEOPLE =
  '(?:lads?|crews?|people|guys?|fitters?|men|man|team|boys|folks?|company|firm|sub|subs|contractors?|installers?|gang|shop)'

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
    /\b(?:rot|rots|rotten|rotted|rotting|punky|spongy|(?:is|are|gone|feels?|going|went) (?:a bit |very |quite |all |really )?soft(?! (?:white|grey|gray|close|wood))|soft right through|(?:sheathing|decking|sill|joists?|boards?|plywood|sheets?|wood|timber|posts?|subfloor) soft)\b/,
  ],
  [
    'insect',
    /\b(?:woodworm|eaten(?: away)?|wasps?|termites?|ants?|carpenter ants|hornets?|bees|insects?|beetles?|worm holes?)\b/,
  ],
  [
    'animal',
    /\b(?:mouse|mice|rats?|droppings|squirrels?|birds?|pigeons?|bats?|raccoons?|nest|nests|chewed|gnawed|bat)\b/,
  ],
  [
    'leak',
    /\b(?:leak|leaks|leaking|leaked|leaky|a weep|weeps|drips|dripping|weeping|(?:rain ?water|water|rain|rain is) (?:is |was )?(?:getting|coming|running|pouring|dripping) (?:in|down|through|behind|under|out))\b/,
  ],
  [
    'damp',
    /\b(?:damp(?! proof)|(?:ceiling|wall|plaster|drywall|soffit)s?(?: \w+){0,2} (?:is|are) (?:badly |all )?stained|wet(?! (?:room|scrape|sand\w*|wall|bar|trades?|mop|vac|saw))|^(?:there is )?water (?:in|on|under|behind)|moisture(?! (?:board|is (?:at|down)|content|reading|meter|resistant))|soaked|sodden|soaking(?! tub)|water stain|water stains|efflorescence|(?:standing|pooled|pooling) water|water (?:is )?(?:standing|sitting|pooling|ponding)|ponding)\b/,
  ],
  ['corrosion', /\b(?:corroded|corrosion|rust|rusted|rusty|rusting|rusted through|pitted|seized)\b/],
  [
    'crack',
    /\b(?:crack(?! on\b)|cracks(?! on\b)|cracked|cracking|(?:is|are) (?:badly )?shaken|(?<!(?:mini|price|cost) )split(?! (?:system|level|face|rail))|splits)\b/,
  ],
  [
    'sag',
    /\b(?:sag|sags|sagging|sagged|bulg(?:e|es|ed|ing)|bowed|bowing|dipped|(?:has|have|is|are) settled(?! (?:on|for|with|in)\b)|settled(?= (?:about|by|a|an|half|three|one|two|on|\d)\b)|dips|deflecting|out of level|not level|bellied|sunk|sinking|(?:settlement|subsidence)|come down (?:a bit|a little|slightly|an? |about |at one)|dropped (?:about |by |a |an |half |three |\d))\b/,
  ],
  [
    'loose',
    /\b(?:loose|squeaks|squeaking|squeaky|creaks|creaking|wobbly|wobbles|wobbling|rocks|rocking|(?:is|are) hanging (?:down|loose)|come away|coming away|pulled away|lifting|off (?:its|the|their) (?:tracks?|hinges?|runners?|brackets?|hooks?|rails?)|(?:is|are|has|have|was|were) come (?:off|apart|adrift|loose|unstuck)|(?:is|are|has|have) lifted|hanging off|popped|slipped|hollow|blown(?! in(?! (?:\w+ )?(?:places?|spots?|patches|parts))))\b/,
  ],
  [
    'blocked',
    /\b(?:blocked|clogged|plugged|bunged up|back(?:ed|ing|s) up|choked|(?:drain|gutter|sink|tub|shower|basin|waste|one)s? (?:is|are) (?:still )?(?:running )?slow)\b/,
  ],
  [
    'missing',
    /\b(?:(?:ran|run|running) short|ran out of|[a-z]+s short(?= *$)|(?:is|are) (?:about )?(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|twenty|thirty|forty|fifty|\d+) short|(?:is|are|am) short (?:of|by|an?|one|two|three|four|five|six|\d+)(?! (?:guy|man|lad|hand|body|men|guys|lads|people))|(?:one|an?|two|three|four|five|six|\d+) (?:\w+ )?\w+ short(?: (?:in|up|on|out|over|down) (?:here|there|the \w+(?: \w+)?))?(?= *$)|(?:came|come|arrived|turned up|delivered) without|missing|never fitted|absent|not there)\b/,
  ],
  [
    'wrong',
    /\b(?:racked|out of square|wrong|left handed|right handed|wrong hand|wrong size|wrong side|wrong colour|wrong color|too short|too long|too narrow|too wide|too small|too big|too deep|too shallow|too high|too low|too far|too close|(?:narrower|wider|shorter|longer|lower|higher|bigger|smaller|thicker|thinner|deeper) than (?:the |it |we |they |what )*(?:plans?|drawings?|should|drawn|spec|ordered|quoted|shown|said)|sloping (?:in|back|the wrong way|towards?)|(?:does|do) not clear (?:the|it)|too steep|too tall|too heavy|too light|too weak|too loose|too bright|too dark|too thin|too thick|too tight|undersized|oversized|out of true|crooked|misaligned|not plumb|not straight|not lined up|back to front|upside down|backwards|mislabelled|out of square|not square|out of plumb|leaning(?! (?:on|against)\b)|tilted|tilting|(?:does|do) not line up|out of line|out by|(?:inch|inches|mm|mil|foot|feet) (?:too )?(?:low|shy)(?= *$)|(?:inch|inches|mm|mil|foot|\d) (?:out|off)\b(?! (?:of|the)\b)|off (?:center|centre)|(?:does|do|did|will|would) not fit|hits the|fouls|fouling|clashes with(?! it)|clashing)\b/,
  ],
  [
    'damaged',
    /\b(?:(?:a|two|three|some|few) (?:big |small |bad |nasty )?(?:chip|dent|gouge|nick|scratch|scratche|tear|rip)s?\b|damaged|scratched|crushed|spalled|spalling|shot|chipped|dented|broken|smashed|bent|torn|snapped|ripped(?! (?:out|off|up|down|through)\b)|cracked glass|gouged|buckled|warped|burnt|burned out|knackered|busted|dinged|scuffed|holed|perished|cupped|cupping|faulty|kaput|packed up|worn|worn out|frayed|stuck|jammed|jams|rubs|rubbing|sticks|sticking|binds|binding|catches on|cooked|split open|dodgy|painted shut|twisted|swollen|delaminat\w+|blister\w*|bubbl\w+|peeling|flaking|(?:bad|dodgy) (?:splice|joint|seal|connection|valve|washer|weld|bearing|breaker|switch|patch)|curled|curling|fogged|misted up|crumbling|crumbly|tripped|trips (?:the|its)|with a twist|squashed|flattened|notched|butchered|(?:is|are) toast|scorched|mangled|kinked|buzzing|humming|flickering|tripping out|there is a (?:\w+ )?hole|(?:does|do|will|would) not (?:stay (?:up|open|shut|closed)|work|close|shut|open|latch|run|fire up)|(?:is|are) not (?:working|closing|latching|running|draining|heating|flushing|firing|opening|turning))\b/,
  ],
  [
    'live',
    /\bpower is still on\b|\bstill energi[sz]ed\b|\blive\b(?! (?:with|in|load|edge|upstairs|downstairs|here|next|there)\b)/,
  ],
  [
    'dead',
    /\bdead\b(?! (?:flat|level|straight|slow|easy|load|bolt|end|centre|center|right|on (?:size|line|plumb|level)|on$|simple|plumb|corners?|spaces?|areas?|ends?|men)\b)/,
  ],
]

/** Verbs that tell work to be done, and where they say nothing of it. */
export const ACTION_PATTERNS: readonly (readonly [Action, RegExp])[] = [
  [
    'replace',
    /\b(?:and (?:put|fit) (?:up |in |on |back )?(?:an? |some )?new(?: ones?)?(?= *$)|replace|redo|replaced|replacing|swap(?:ped|ping)? (?:\w+ )?(?:\w+ )?(?:out|for)|swap(?! (?:sides|places|ends|over|round)\b)|renew|hack off and replace|strip and replace|change out|new ones? in|change (?:the lot|them(?: all)?|it|all)(?= *$)|change (?:\w+ )?(?:\w+ )?out)\b/,
  ],
  [
    'close-up',
    /\b(?:clos(?:e|ing) (?:\w+ ){0,3}up|(?:closed|bricked|boarded|blocked|walled) up|(?:block|wall|brick|board) (?:up|over) (?:the|that|it|this|those|them)|(?:block|wall|brick|board) (?:it|them|that|this|those|the \w+|that \w+) (?:up|over)|fill (?:it|them|that|this|the \w+|that \w+) in)\b/,
  ],
  [
    'overlay',
    /\b(?:overlay|overlaid|go over (?:the top|it|the (?:old|existing|felt|shingles|siding|tiles?|floor))|over board|overboard|clad over|side over)\b/,
  ],
  [
    'relocate',
    /\b(?:(?:is|are) going (?:on|to|over to|against) the other|(?:goes|go) (?:over |down |up |across )?to the (?!skip|bin|dumpster|dump|tip|return|client|owner|committee|shop|ceiling|floor|top|bottom|edge|wall|end|sill|corner|street|neighbour|inspector|plumber|council)|move|moves|moving|swaps? (?:sides|places|ends|over|round)|shift|shifts|shifting|relocate|relocates|relocated|moved over|swing over|re-route|reroute|reroutes|slide (?:\w+ )?over|(?:drop|raise|lower|lift|bring) (?:it|them|that|those|the \w+|both) (?:up |down )?(?:to |by |about )?(?=an?\b|\d|half|one|two|three|four|five|six|seven|eight|nine|ten|twelve|the))\b/,
  ],
  [
    'enlarge',
    /\b(?:enlarge|enlarged|widen|widened|ma[dk]e (?:\w+ )?(?:bigger|larger)|open (?:\w+ )?up wider|make (?:\w+ )?wider|cut (?:\w+ )?bigger)\b/,
  ],
  ['test', /\b(?:test|tests|get (?:\w+ )?tested|sample)\b/],
  [
    'inspect',
    /\b(?:get (?:it|them|that|the \w+) (?:looked at|checked)|inspect|camera (?:it|them|the)|have a look|has to look|look at|take a look|check|checks|check on|needs? looking at|(?:has|have|needs?|wants?) to see (?:it|them|that|this|those|the)|(?:needs? to|wants? to|should|must|has to|have to) (?:have a |take a )?look|scope out)\b/,
  ],
  ['order', /\b(?:order|reorder|re-order|send for|get (?:\w+ )?ordered)\b/],
  [
    'clean',
    /\b(?:clear (?:it|them|that|the \w+|those) out|clean|clean down|wash|wash down|scrub|sweep|hoover|vacuum|power wash)\b/,
  ],
  ['insulate', /\b(?:insulate|insulated|lag)\b/],
  ['cover', /\b(?:cover|sheet over|sheet (?:\w+ )?up|tarp|tarp over)\b/],
  ['patch', /\b(?:patch|patched|patching|make good|fill the|(?<!pot )filler)\b/],
  [
    'paint',
    /\b(?:paint|repaint|touch up|touch (?:it|them|that|those|the \w+) up|touch-up|touchup|prime|stain|decorate|(?:needs?|wants?|could do with) (?:an? |another |its |one more )?(?:\w+ )?coats?)\b/,
  ],
  [
    'repair',
    /\b(?:fix|fixes|fixed up|repair|repaired|mend|sister|sistered|refix|re fix|free (?:it|them|the \w+) (?:up|off)|free (?:it|them)(?= *$| and\b)|unstick|ease|glue (?:it|them|the|that|those|down|back|and screw (?:it|them|the))|refit|rehang|rehung|plane|adjust|reset|resecure|secure|level up|screw (?:\w+ )?down|tighten|resecure|re-secure|reattach|straighten|refasten|reglue|shim)\b/,
  ],
  [
    'remove',
    /\b(?:go(?:es)? (?:to|in|into) the (?:skip|bin|dumpster|dump|tip|salvage yard)|come out|comes out|coming out|come off|comes off|coming off|come down|comes down|coming down|comes? back (?:out|off|down)|takes (?:it|them|those)(?= *$| (?:away|out|down|off))|to go|goes|goes out|going|(?<!\b(?:things|lads|guys|they|people) )(?<=[a-z]s )go(?= *$)|tear out|tear off|tear (?:\w+ ){1,3}(?:out|off)|take (?:\w+ ){0,4}(?:off|out|down)|rip (?:\w+ ){0,3}(?:out|off|up)|pull (?:\w+ ){0,3}(?:out|off|up|down|all)\b|pull (?:it|them)(?= *$| and\b)|pull (?:the|that|those|these|all the) (?:old |existing )?|strip (?:\w+ ){0,3}(?:out|off)?|knock (?:\w+ ){0,4}(?:out|down|through)|hack (?:\w+ ){0,3}off|lift (?:\w+ ){1,3}(?:out|off)|get rid of|remove|removed|demo (?:the|this|that)|disconnect|out with|lose the (?!\w+(?:er|ian)\b|deposit|slot|job|light|money|client|crew|window of)|needs? to go|cut out|cut (?:\w+ ){1,3}out|so does|so do|(?:floors?|flooring|tiles?|carpets?|lino|vinyl|boards?|pavings?|patio|underlay) (?:all |now )?(?:comes?|coming) up)\b/,
  ],
  ['protect', /\b(?:protect|wrap (?:\w+ )?up|keep (?:\w+ )?covered)\b/],
  [
    'install',
    /\b(?:still goes? in|(?:is|are) to go (?:under|over|beside|next to|against|between|in|on|above|below|behind|where)|to go (?:in|on|up)(?= (?:before|first|after|by|now|when)\b|$)|(?:is|are) getting (?:two|three|four|five|six)|gets? (?:an?|new|another|two|three|four) (?!(?:pass|coat|lick|clean|look|chance|say|day|week|good|quote|price|letter|copy|visit|call)\b)|goes (?:against|under|next to|between|behind|beside|opposite|where|in (?:here|there)$)|needs? an?|needs? new|needs? another|needs? (?:\d|one|two|three|four|five|six|some|more)|wants? an?|wants? new|wants? another|(?:making|building|running|hanging) an?|needs? (?:its|their) own|(?:stick|pop|slip) an?|add|adds|adding|put|puts|putting|run|runs|install|installs|installing|fit|fits|fitting|hang|mount|set a|lay|build|frame|pour|extend|wire up|hook up|wants? (?:\d|two|three|four|five|six|some|more)|need an?|need new|need (?:\d|two|three|four|five|six|some|more))\b/,
  ],
]

/** Materials, colours and manners that tell what is going in. */
export const MATERIAL =
  /\b(?:dark|pale|paint grade|stain grade|(?:third|half|running|stack|stacked) bond|basketweave|chevron|torch (?:down|on)|in (?:concrete|brick|block|timber)|poplar|fir|hemlock|oak|pine|walnut|maple|cedar|larch|ash|birch|mahogany|hardwood|softwood|ply|plywood|mdf|quartz|granite|marble|slate|limestone|travertine|terrazzo|porcelain|ceramic|stone|laminate|vinyl|cork|bamboo|glass|steel|stainless|brass|chrome|nickel|bronze|copper|iron|cast iron|aluminium|aluminum|zinc|fibre cement|fiber cement|cement|composite|acrylic|resin|corian|solid surface|linoleum|carpet|wool|sisal|white|off white|black|matte?|matt|gloss|satin|eggshell|grey|gray|charcoal|blue|green|red|cream|beige|ivory|sand|navy|sage|natural|oiled|lacquered|brushed|polished|honed|tumbled|hex|hexagon|herringbone|subway|metro|penny|shaker|slab front|flat panel|raised panel|bifold|bypass|sliding|casement|double hung|double glazed|triple glazed|wall hung|low profile|frameless|undermount|freestanding|two tone|smooth|textured|lime(?! ?wash)|lit|backlit|pewter|redwood|ipe|treated|clear glass|(?<=^)clear(?= *$)|anthracite|dual fuel|enamel|powder coated|bespoke|recessed|surface mounted|concealed|flush mounted|elm|beech|teak|cherry|chestnut|spruce|hickory|alder|iroko|sapele|sycamore|reclaimed|burner|epdm|rubber|prehung|pre hung|left hand(?!ed)|right hand(?!ed)|chipboard|melamine|clay(?! soil)|standing seam|asphalt|architectural|bevelled|tongue and groove|engineered|prefinished|primed|hollow core|solid core|six panel|fluted|reeded|induction|laminated|toughened|tempered|obscure|frosted|led|dimmable|warm white|ogee|torus|bullnose|chamfered|square edge|pencil round|half round)\b/

/** Verbs that tell somebody to do something to a thing. */
export const WORK_VERBS =
  'tarp|brush|weld|scrape|sand|oil|wax|varnish|prop|brace|glue|screw|nail|clamp|solder|grease|adjust|align|level|plumb|shim|pack|trim|cut|saw|drill|chop|notch|rebate|rout|mortise|hinge|hang|flip|turn|rotate|reverse|tighten|loosen|ease|plane|grind|polish|buff|seal|reseal|caulk|silicone|foam|fill|plug|cap|blank|kill|isolate|disconnect|reconnect|wire|rewire|hard wire|hardwire|chase|bury|lay|relay|bed|rebed|dig|excavate|backfill|grade|slope|pump|bail|dry|vent|duct|flush|bleed|refit|fix|refix|mount|remount|rehang|reset|lift|raise|lower|jack|shore|sister|double|splice|scab|scarf|mud|skim|render|point|repoint|rake|wash|rinse|scrub|sweep|vacuum|mop|clear|empty|bag|dump|label|mark|number|tag|photograph|shorten|lengthen|rebuild|box|wipe|treat|spray|wedge|pin|bolt|square|scribe|earth|jet|rod|unblock|thin|dub|strap|flatten|feather|dress|weatherstrip|weather strip|remake|reframe|recut|resize|rework|retile|replaster|repaint|replumb|regrout|refinish|resurface|refasten|reattach|straighten|undercut|underpin|tank|waterproof|re point|re lay|re hang|swap|patch|replace|repair|move|shift|clean|insulate|cover|protect|close|tape|board|tile|paint|prime|plaster|test|order|check|inspect|add|install|fit|remove|tear|strip|rip|pull|knock|hack|take|put'

/** Stage that a word or a verb speaks of, the more particular first. */
export const STAGE_PATTERNS: readonly (readonly [Stage, RegExp])[] = [
  ['protect', /\b(?:floor protection|protection|dust sheets?|dust walls?|zip wall|sheeting)\b/],
  ['strip-out', /\b(?:demo|demolition|strip ?out|stripping|tear ?off|gutted|gutting|stripped)\b/],
  ['shoring', /\b(?:props?|temp walls?|temporary walls?|shoring|shored|acrows?|needles)\b/],
  ['excavation', /\b(?:trench|trenches|excavation|dig|dug|backfill|backfilled|digging)\b/],
  [
    'low-voltage',
    /\b(?:data|speaker|thermostat|alarm|network|low voltage|cat ?6|doorbell|ethernet|coax|(?:bell|router|phone|tv|intercom|camera|sensor) (?:wires?|cables?|cabling))\b/,
  ],
  [
    'wires',
    /\b(?:wiring|wired|rewired|electrical rough|rough electrical|electrical|electrical first fix|rough electrics?|power(?! (?:wash\w*|tools?|point)\b)|first fix electrics?|electrics|rough wiring|rough in electric|cable|cables|circuits?)\b/,
  ],
  [
    'pipes',
    /\b(?:plumbing|plumber is first fix|plumbers first fix|first fix plumbing|plumbing rough|rough plumbing|waste|wastes|water pipes?|supply pipes?|pipework|repiped|pipes?)\b/,
  ],
  ['gas', /\b(?:gas line|gas pipe|gas)\b/],
  ['underground', /\b(?:under ?slab drains?|drains? laid|drain is laid|under slab|drain|drains|sewer)\b/],
  ['concrete', /\b(?:concrete|pours?|poured|slab|footings?|screed)\b/],
  ['cladding', /\b(?:siding|sides? over|cladding|fascia|soffit outside|clad|sided)\b/],
  ['weather-barrier', /\b(?:wrap|house ?wrap|weather barrier|wrapped|membrane)\b/],
  ['insulation', /\b(?:insulation|insulated?|batts?|insulating|foamed|spray foam)\b/],
  ['tape', /\b(?:tape|taped|taping|mud|mudded|mudding|joints filled|joint compound)\b/],
  ['board', /\b(?:boards?|boarded|boarding|drywall|drywalled|plasterboard|rocked|sheetrock|hung board|backer)\b/],
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
