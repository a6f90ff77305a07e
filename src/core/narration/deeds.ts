import type { Element, Stage } from '../scope/vocabulary'

/** What is done tells the stage, whatever it is done to; the first that fits. */
const BY_DEED: readonly (readonly [RegExp, Stage])[] = [
  [/^(?:re-?)?(?:paint|prime|stain|varnish|whitewash)\b/i, 'paint'],
  [/\b(?:gets?|is|are|being|be|and) (?:re-?)?(?:painted|stained|varnished|whitewashed)\b/i, 'paint'],
  [/\bwants? (?:it|them|that|the [a-z]+) (?:re-?)?(?:painted|stained|varnished)\b/i, 'paint'],
  [/\b(?:takes?|get|gets) (?:the|its|their) (?:\w+ )?colou?r\b/i, 'paint'],
  [
    /\b(?:asbestos|lead|mou?ld|radon)\b.*\btest|\b(?:tests?|tested|testing) (?:it|them|that|for|before|the)\b/i,
    'testing',
  ],
  [/^(?:re-?point|point up|rake out)\b|\b(?:re-?point(?:ed|ing)|brickwork|mortar)\b/i, 'masonry'],
  [/^(?:rake|fill|wash|point) (?:and (?:fill|wash|point) )?(?:down )?(?:the |all )*(?:\w+ )?joints\b/i, 'masonry'],
  [/\b(?:fill(?:ed)?|mend(?:ed)?|rebuil[dt]|patch(?:ed)?) .*\b(?:stones?|bricks?|masonry)\b/i, 'masonry'],
  [/\bmasonry\b.*\b(?:rebuil[dt]|mend(?:ed)?|made good)\b/i, 'masonry'],
  [
    /\b(?:one|two|three|another|a|\d) (?:more |full |thin )?coats?\b(?! of (?:plaster|render|mortar|filler|oil)\b)/i,
    'paint',
  ],
  [/\b(?:under-?floor|floor) heating\b.*\b(?:water|wet|pipes?|boiler)\b/i, 'pipes'],
  [/\b(?:under-?floor|floor) heating\b|\bheat(?:ing)? mats?\b|\bheated floor\b/i, 'wires'],
  [/\btowel (?:rails?|warmers?|radiators?)\b|\bheated rail\b/i, 'fixtures'],
  [/\b(?:range|cooker|extractor) hood\b/i, 'ducts'],
  [/^(?:re-?)?tiled\b/i, 'tile'],
  [/(?:,| all| both) (?:re-?)?(?:painted|stained|varnished|whitewashed)\s*\.?$/i, 'paint'],
  [/\b(?:need|needs|gets?|want|wants) (?:\w+ )?jambs?\b|\bjamb extensions?\b|^(?:\w+ )?jambs?\b/i, 'trim'],
  [/^(?:cabinet )?(?:boxes(?! (?:on|in|to))|fillers|fronts|drawers|handles|pulls|knobs)\b/i, 'cabinets'],
  [
    /\bkitchen (?:goes|comes|is put|is fitted|gets put) in\b|\b(?:kitchen|base|wall|tall) (?:units?|cabinets?)\b(?!.*\b(?:out|off|removed)\b)/i,
    'cabinets',
  ],
  [/\b(?:cabinet|end) (?:skins?|panels?)\b|\bskins\b|\btoe-? ?kicks?\b/i, 'cabinets'],
  [/\bsealant\b|^caulk\b|\bcaulked\b/i, 'paint'],
  [/^(?:(?:re-?)?(?:tile|grout)|waterproof|tank)\b/i, 'tile'],
  [/^(?:plaster|skim|render|stucco)\b/i, 'plaster'],
  [/^(?:tape|mud)\b/i, 'tape'],
  [/\bholes?\b.*\b(?:patch(?:ed)?|filled|closed)\b/i, 'board'],
  [/\b(?:floors?|boards?|planks?|parquet)\b.*\b(?:sanded|oiled|waxed|refinished)\b/i, 'flooring'],
  [/^(?:patch|board|re-?board|hang (?:the )?(?:board|drywall|plasterboard))\b/i, 'board'],
  [/^insulate\b|\b(?:old|loose|sagging|wet) insulation\b.*\b(?:put right|redone|replaced|taken out)\b/i, 'insulation'],
  [/\bfloors?\b.*\bclosed\b|^close (?:up )?(?:the )?(?:\w+ )?floor\b/i, 'framing'],
  [/\b(?:posts?|columns?|beams?)\b.*\b(?:made flush|boxed(?: in)?|wrapped|cased)\b/i, 'trim'],
  [/\bgrout(?:ed)?\b.*\bplates?\b|\bplates?\b.*\bgrouted\b/i, 'structure'],
  [/^(?:we )?(?:wrap|cover|protect|mask|sheet) (?:\w+ )?(?:it|them|that|those|the|all|up|over|off)\b/i, 'protect'],
  [/\bsash(?:es)?\b/i, 'windows-doors'],
  [/^(?:re-?)?hang (?:(?:the|a|an|one|two|three|four|five|six|all|both|new|old) )*(?:\w+ )?doors?\b/i, 'trim'],
  [/^(?:dig|excavate|trench)\b/i, 'excavation'],
  [/^(?:pour|cast)\b/i, 'concrete'],
  [/^(?:strip|demolish|demo|rip|tear|gut|take (?:out|off|down)|remove|pull (?:out|up|off))\b/i, 'strip-out'],
  [/^(?:frame|stud|block|sister|shim|fur)\b/i, 'framing'],
  [/^(?:sand|lay|refinish|oil) (?:the )?(?:floor|boards|planks|carpet|vinyl)/i, 'flooring'],
  [/^(?:case|trim|scribe)\b|\btrim only\b|\bonly (?:the )?trim\b/i, 'trim'],
]

/** The stage of what is done, where its words tell it. */
export function stageOfDeed(words: string): Stage | undefined {
  const stageBy = (said: string) => BY_DEED.find(([deed]) => deed.test(said))?.[1]
  return stageBy(words.trim()) ?? stageBy(asDeed(words))
}

/** What is done to a thing as what one does: 'the walls are tiled to 1200' as 'tile the walls'. */
function asDeed(words: string): string {
  const [, thing, done] = IS_DONE.exec(words.trim()) ?? []
  return thing && done ? `${DEEDS[done.toLowerCase()]} ${thing}` : ''
}
const DEEDS: Readonly<Record<string, string>> = {
  tiled: 'tile',
  retiled: 'tile',
  grouted: 'grout',
  waterproofed: 'waterproof',
  tanked: 'tank',
  plastered: 'plaster',
  replastered: 'plaster',
  skimmed: 'skim',
  rendered: 'render',
  taped: 'tape',
  boarded: 'board',
  insulated: 'insulate',
  excavated: 'excavate',
  trenched: 'trench',
  poured: 'pour',
  stripped: 'strip',
  demolished: 'demolish',
  gutted: 'gut',
  framed: 'frame',
  studded: 'stud',
  furred: 'fur',
  cased: 'case',
}
const IS_DONE = new RegExp(
  `^(?:the |all (?:the )?|both |our )?(.+?) (?:is|are|gets?|to be|has to be|have to be|must be|needs? to be) (?:all |both |then |now )?(${Object.keys(DEEDS).join('|')})\\b`,
  'i',
)

const BRICKS: readonly Element[] = ['brick', 'chimney']
/** The stage of work that is meant, where people say 'structure' for whatever is built of brick. */
export const stageMeant = <Said extends Stage | undefined>({
  stage,
  element,
  words,
}: {
  readonly stage?: Said
  readonly element?: Element | undefined
  readonly words: string
}): Said | 'masonry' =>
  stage === 'structure' && (BRICKS.includes(element!) || stageOfDeed(words) === 'masonry') ? 'masonry' : stage!

/** When a scaffold is worked on: it stands before what it is for, and goes when that is done. */
export const scaffoldDeed = (words: string): Stage | undefined =>
  !/^(?:the |our |a )?scaffold(?:ing)?\b/i.test(words.trim())
    ? undefined
    : /\b(?:goes|go|comes? (?:down|off)|is (?:taken )?(?:down|struck)|struck|leaves?|away)\b(?! up)/i.test(words)
      ? 'return-list'
      : 'scaffold'
