import type { Element } from '../scope/vocabulary'

/** Words of the trade, British and American, for each element. A phrase of several words beats a single one. Empty keys
 * are things without a key: they stop a shorter match ('dust wall' is no wall). */
const ELEMENT_WORDS: readonly (readonly [Element | '', string])[] = [
  [
    '',
    'dust wall|dust sheet|paint grade|stain grade|collar tie|end panel|hold down|skip|hatch|lid|seam|trellis|wallpaper|drawing|sump|pit|niche|loft ladder|window screen|insect screen|fly screen|screen panel|pan connector|drip pan|drain pan|pan frame|cable tray|paint tray|shelving bracket|padstone|floor area|mini split|split system|wall paper|wainscot|wainscoting|panelling|paneling|sign off|check valve|wall hung|wall mounted|floor standing|septic|septic tank|mailbox|letterbox|electric meter|water meter|meter box|smart meter|floor plan|cover board|cover strip|gas company|gas board|gas people|water company|power company|next door|pot filler|hose bib|hose bibb|outside tap|garden tap|door opener|window box|window well|window seat|window guard|window restrictor|board meeting|stair lift|floor box|floor heating|underfloor heating|heating mat|heated floor|mud bed|toe kick|plinth|kick board|kickboard|transition strip|threshold strip|corner bead|edge bead|stop bead|angle bead|roof rack|wall anchor|paint job|tile cutter|drain rod|curtain track|cavity tray|wall tie|joist hanger|light well|coal chute|manhole cover|roof hatch|floor hatch|attic hatch|loft hatch|ceiling hatch|ceiling grid|access panel|door bell|doorbell|smoke alarm|smoke detector|carbon monoxide|sump pump|sprinkler head|pipe sleeve|paint pot|ladder|scaffold|scaffolding|dumpster|portaloo|fire escape|fire blanket|coat hook rail|clothes line|washing line|brick acid|tile adhesive|wood filler|plaster bead|insulation baffle|baffle|door entry|intercom|key safe|lock box|lockbox|gas cooker point|cooker point|tv point|water softener|step ladder|stepladder',
  ],
  [
    'drywall',
    'drywall|plasterboard|plaster board|backer board|backer|board|sheetrock|gypsum board|wallboard|wall board|cement board|green board|greenboard|blue board|tile backer|gyprock|rock|tile backer board|fire board|moisture board',
  ],
  [
    'insulation',
    'insulation|foam board|foam|batt|rockwool|mineral wool|lagging|rigid board|glass wool|sheep wool|cellulose|spray foam|insulation board|loft roll|pipe lagging|rockwool batt',
  ],
  ['baseboard', 'baseboard|skirting board|skirting|base board|base moulding|base molding|base'],
  ['casing', 'casing|architrave'],
  [
    'trim',
    'trim|corner board|moulding|molding|crown|picture rail|dado|dado rail|frieze|cornice|coving|wainscot cap|chair rail|beading|quarter round|shoe moulding|shoe molding|scotia|reveal lining',
  ],
  [
    'countertop',
    'countertop|counter top|counter|worktop|work top|benchtop|island top|bar top|vanity top|quartz top|stone top',
  ],
  ['backsplash', 'backsplash|splashback|splash back|upstand'],
  [
    'sink',
    'sink|basin|washbasin|hand basin|butler sink|belfast sink|belfast|laundry tub|utility sink|trough|prep sink',
  ],
  ['vanity', 'vanity|vanity unit'],
  ['toilet', 'toilet|toilet pan|wc pan|wall hung pan|loo|wc|commode'],
  ['tub', 'tub|bathtub|bath tub|bath|soaking tub|soaker|tub surround|bath panel'],
  [
    'shower',
    'shower|tray|pan|screen|wet room tray|shower tray|shower pan|shower screen|shower valve|shower head|shower door|shower glass|shower base|shower enclosure|cubicle|wet room|shower wall|shower floor|shower curb|shower niche|shower kit',
  ],
  ['mirror', 'mirror|mirror cabinet|medicine cabinet'],
  [
    'outlet',
    'outlet|socket|receptacle|power point|plug socket|plug|double socket|double outlet|power outlet|spur|fused spur|usb socket|floor socket|floor outlet',
  ],
  ['switch', 'switch|dimmer|switch plate'],
  [
    'light',
    'light|lamp|downlight|spotlight|pendant|light fitting|fixture|sconce|can light|pot light|chandelier|bulb|light bulb|strip light|led strip|light strip|track light|downlighter|lantern|floodlight|uplighter|spots|led panel|tape light|under cabinet light|porch light|coach light|wall light|ceiling light|night light|security light',
  ],
  [
    'wire',
    'wire|cable|cabling|wiring|circuit|splice|knob and tube|conductor|ring main|ring circuit|data cable|romex|feeder|home run|armoured cable|armored cable|flex cable|speaker wire|thermostat wire',
  ],
  [
    'pipe',
    'pipe|pipework|copper|plumbing pipe|water line|supply line|stack|soil stack|soil pipe|waste pipe|waste line|water pipe|hose|supply pipe|feed pipe|vent pipe|water main|rising main|mains pipe|waste pipework|heating pipe|gas pipework|hot feed|cold feed|drain pipe',
  ],
  ['gas-line', 'gas line|gas pipe|gas'],
  [
    'water-heater',
    'water heater|hot water tank|hot water cylinder|cylinder|boiler|immersion heater|combi|combi boiler|hot water heater|geyser|calorifier',
  ],
  [
    'duct',
    'duct|ducting|ductwork|return duct|supply duct|trunk line|supply trunk|return trunk|plenum|flex duct|register boot|supply run|duct run|bath duct',
  ],
  ['fan', 'fan|extractor|extractor fan|bath fan|ceiling fan|exhaust fan|hood fan|ventilator|inline fan|in line fan'],
  [
    'vent',
    'vent|louvre|louver|air brick|airbrick|grille|grill|register|cowl|diffuser|trickle vent|dryer vent|wall cap|vent cap|roof vent|soffit vent|gable vent|ridge vents',
  ],
  [
    'radiator',
    'radiator|rad|towel rail|towel radiator|baseboard heater|convector|panel heater|storage heater|column radiator|towel warmer|heater',
  ],
  [
    'cabinet',
    'cabinet|bases|units|tall unit|base unit|wall unit|base cabinet|wall cabinet|upper|kitchen unit|cupboard|larder unit|island unit|island|carcass|carcasse|carcase|drawer|drawer box|drawer front|pantry unit|lazy susan|corner unit|tall cabinet|corner cabinet|wall cupboard|base cupboard|sink base|larder|dresser',
  ],
  ['shelf', 'shelf|shelves|shelving|bookshelf|bookcase|shelf unit|book shelf|floating shelf'],
  [
    'closet',
    'closet|wardrobe|built in|linen closet|cloak closet|coat closet|fitted wardrobe|wardrobe carcass|wardrobe carcasse|walk in|built in wardrobe',
  ],
  [
    'hardware',
    'hardware|pull|handle|hinge|knob|doorknob|lever|lockset|latch|lock|hook|grab bar|grab rail|towel bar|towel ring|robe hook|toilet roll holder|loo roll holder|paper holder|toilet paper holder|curtain rail|curtain pole|closet rod|door closer|closer|strike plate|striker|escutcheon|door stop|doorstop|catch|hasp|deadbolt|dead bolt|door knob|door handle|window handle|window latch|door lock|drawer slide|drawer runner|coat hook|house number|bracket set|ironmongery|letter plate',
  ],
  [
    'appliance',
    'appliance|fridge|refrigerator|freezer|dryer|drier|washer|washing machine|dishwasher|oven|hob|range|cooktop|cooker|stove|microwave|range hood|hood|cooker hood|wine fridge|wine cooler|ice maker|disposal|garbage disposal|waste disposal|tumble dryer|laundry machine|induction hob|wall oven|warming drawer|compactor|extractor hood|range cooker|chest freezer|stacked washer',
  ],
  [
    'fireplace',
    'fireplace|hearth|wood stove|log burner|mantel|fire surround|fireplace surround|wood burner|woodburner|multi fuel stove|wood burning stove|fire insert|hearthstone|hearth slab|fireplace insert|gas fire',
  ],
  ['chimney', 'chimney|chimney stack|flue|chimney pot|chimney cap|flue liner|chimney liner|flue pipe'],
  [
    'window',
    'window|skylight|rooflight|roof window|roof light|sash|casement|bay window|glazing|pane|storm window|sash window|dormer window|egress window|fanlight|transom|transom window|sidelight|picture window|window frame|glass|bottom sash|top sash|window pane|window unit|glass unit|sealed unit|dormer|storms',
  ],
  [
    'sill',
    'sill|window sill|cill|threshold|window board|window stool|stool|window ledge|door sill|doorstep|sill board',
  ],
  [
    'door',
    'door|pocket door|bypass door|barn door|bifold|back door|front door|sliding door|patio door|french door|garage door|doorset|screen door|storm door|door slab|door leaf|double door|door frame|door lining|door jamb|jamb|shed door|cellar door|closet door|fire door|entry door|entrance door|panel door|door blank|doorframe|gate',
  ],
  [
    'opening',
    'opening|doorway|archway|rough opening|pass through|serving hatch|arch|cased opening|door opening|window opening|structural opening',
  ],
  ['header', 'header|lintel|bressummer|lintol|door header|window header'],
  [
    'beam',
    'beam|girder|rsj|steel beam|ridge beam|purlin|flitch|glulam|lvl|lvl beam|i beam|carrier beam|ring beam|goal post',
  ],
  ['post', 'post|column|newel post|lally column|pillar|stanchion|upright|porch post|deck post'],
  [
    'joist',
    'joist|rim joist|rafter|truss|floor joist|ceiling joist|trimmer|floor beam|rafter tail|outrigger|lookout|hip rafter|jack rafter|roof truss|roof rafter|band joist|tji',
  ],
  ['stud', 'stud|jack stud|king stud|cripple|jack'],
  ['plate', 'plate|sole plate|bottom plate|top plate|sill plate|wall plate'],
  [
    'blocking',
    'blocking|fire blocking|fire block|fire stop|backing|noggin|nogging|dwang|grounds|nailer|strongback|bridging|solid bridging|fire stopping|draft stop|draught stop',
  ],
  [
    'stair',
    'stair|stairs|step|steps|staircase|tread|riser|stringer|stoop|winder|nosing|stair nosing|string|front steps|back steps|porch steps|stair tread|stair string',
  ],
  [
    'railing',
    'railing|handrail|rail|guard|guardrail|baluster|balustrade|banister|spindle|newel|top rail|stair rail|stair railing|porch rail|guard rail|deck rail|porch railing|glass balustrade|balcony rail|newel cap',
  ],
  [
    'footing',
    'footing|foundation|pad|strip foundation|foundation wall|stem wall|underpinning|sonotube|helical pile|pier footing|foundation footing',
  ],
  [
    'slab',
    'slab|concrete floor|screed|concrete pad|concrete base|screed floor|self leveller|self leveler|concrete slab|floor slab|oversite',
  ],
  [
    'drain',
    'drain|sewer|drain line|drainpipe run|gully|gulley|lateral|manhole|soakaway|french drain|floor drain|cleanout|clean out|catch basin|sewer line|sewer pipe|interceptor|inspection chamber|drain run|land drain|channel drain|area drain',
  ],
  [
    'siding',
    'siding|lap siding|cladding|clapboard|weatherboard|shiplap|shingle siding|render|shake|cedar shake|board and batten|weatherboarding|cladding board|siding board|clap board|hanging tile|tile hanging|rainscreen',
  ],
  [
    'sheathing',
    'sheathing|osb|plywood sheathing|roof decking|roof deck|roof board|sarking|roof sheathing|wall sheathing|skip sheathing',
  ],
  [
    'weather-barrier',
    'weather barrier|house wrap|housewrap|wrap|building paper|breather membrane|membrane|vapour barrier|vapor barrier|felt|roofing felt|roof felt|underlayment|roof underlayment|vapour membrane|vapour control layer|air barrier|damp proof membrane|damp proof course|peel and stick|ice shield|flashing tape|wind wash',
  ],
  ['fascia', 'fascia|bargeboard|barge board|rake board|verge board|fascia board|rake'],
  ['soffit', 'soffit|soffit board|bulkhead|eaves|eave'],
  [
    'gutter',
    'gutter|guttering|downspout|downpipe|drainpipe|leader|leader head|rainwater pipe|hopper|hopper head|gutter run|downspout extension|rainwater goods',
  ],
  [
    'roof',
    'roof|shingle|roofing|slope|roof tile|ridge|ridge vent|ridge tile|ridge cap|valley|slates|pantile|hip tile|roof slate|roofing slate|metal roof|roof covering|dormer roof|cedar shingle|roof shingle',
  ],
  [
    'flashing',
    'flashing|step flashing|chimney flashing|drip edge|lead flashing|apron|counter flashing|lead work|leadwork|lead|kickout|kick out flashing|roof flashing|window flashing|soaker flashing|apron flashing|valley metal|drip cap',
  ],
  ['deck', 'deck|decking|deck board|deck ledger|ledger|deck frame|deck framing|deck surface|porch deck'],
  [
    'brick',
    'brick|brickwork|block|blockwork|stonework|masonry|mortar|pointing|parapet|coping|coping stone|quoin|brick pier|brick course|stone wall|garden wall|chimney brick|sandstone|brick arch|block wall',
  ],
  [
    'plaster',
    'plaster|skim|skim coat|lime plaster|plasterwork|stucco|lath and plaster|browning|scratch coat|brown coat|bonding coat|float coat|base coat plaster|finish plaster|plaster patch|top coat plaster',
  ],
  [
    'tile',
    'tile|tiling|floor tile|wall tile|hex tile|mosaic|subway tile|quarry tile|hearth tile|tile border|shower tile|kitchen tile|backsplash tile|flagstone|metro tile',
  ],
  ['grout', 'grout'],
  [
    'paint',
    'paint|primer|paint colour|paint color|paintwork|emulsion|gloss|stain|undercoat|varnish|wood stain|limewash|lime wash|whitewash|paint finish|topcoat|top coat|lacquer|masonry paint',
  ],
  [
    'floor',
    'floor|flooring|floorboard|floor board|floor boards|oak boards|carpet|lino|vinyl|laminate|hardwood|subfloor|sub floor|floor patch|parquet|floor plank|plank|oak floor|oak flooring|timber floor|wood floor|hardwood floor|vinyl plank|lvt|lvp|chipboard|chipboard floor|floor sheet|underlay|floor covering|cork floor|attic floor|loft floor|bamboo floor',
  ],
  ['ceiling', 'ceiling|suspended ceiling|drop ceiling|vaulted ceiling|porch ceiling|lid board'],
  [
    'wall',
    'wall|partition|nib|nib wall|stair wall|knee wall|party wall|stud wall|retaining wall|pony wall|partition wall|half wall|wing wall|bearing wall|load bearing wall|supporting wall|feature wall|panelled wall|foundation wall face',
  ],
]

export const ELEMENT_PHRASES = phraseTable(ELEMENT_WORDS)

function phraseTable<Key extends string>(words: readonly (readonly [Key, string])[]): ReadonlyMap<string, Key> {
  const table = new Map<string, Key>()
  for (const [key, list] of words) for (const phrase of list.split('|')) table.set(phrase, key)
  return table
}
