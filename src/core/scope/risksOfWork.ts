import type { CautionId } from '../cautions/cautionIds'
import { SERVICE_ROOMS } from '../places/serviceRooms'
import type { PlaceKind } from '../places/place'
import type { LineLaid } from './line'
import type { Stage } from './vocabulary'

/** Where work is done, as far as it matters to what can go wrong. */
interface Where {
  readonly kind?: PlaceKind
  readonly name?: string
}

type Told = Pick<LineLaid, 'stage' | 'action' | 'element' | 'title'>

/** What can hurt somebody in work that was told in words, and what the household is without while it is done: a treatment
 * names both, words do not. They err on the side of telling; what clears a caution stands with it, and licensed people and
 * local rules go before it. */
export const risksOfWork = (work: Told, where: Where): Pick<LineLaid, 'cautions' | 'outage'> => {
  const said = `${work.title} ${where.name ?? ''}`
  const cautions = [
    ...(BY_STAGE[work.stage] ?? []),
    ...BY_WORDS.flatMap(([words, ids]) => (words.test(said) ? ids : [])),
    ...(takesDown(work) ? (['bearing-wall'] as const) : []),
    ...(work.element === 'stair' && work.action === 'remove' ? (['open-holes', 'guard-out'] as const) : []),
    ...(where.kind === 'face' || where.kind === 'roof' ? OUTSIDE(work.stage) : INSIDE(work.stage)),
  ]
  const outage = outageOf(work, where)
  return { cautions: [...new Set(cautions)], ...(outage ? { outage } : {}) }
}

const BY_STAGE: Partial<Record<Stage, readonly CautionId[]>> = {
  'strip-out': ['dust'],
  excavation: ['trench', 'buried-services'],
  underground: ['trench', 'buried-services'],
  shoring: ['shoring-early', 'people-in-zone'],
  structure: ['bearing-wall', 'heavy-lift'],
  masonry: ['dust'],
  gas: ['gas'],
  wires: ['hanging-wires'],
  'low-voltage': ['hanging-wires'],
  railing: ['guard-height'],
  roof: ['roof-edge'],
  scaffold: ['people-in-zone'],
}

const BY_WORDS: readonly (readonly [RegExp, readonly CautionId[]])[] = [
  [/\bgas\b|\bhob\b/i, ['gas']],
  [/\bknob and tube\b|\bold wir(?:e|es|ing)\b|\bcloth wir/i, ['old-wiring']],
  [/\b(?:cut|open|break|core)\w*\b.*\bslab\b|\bslab\b.*\b(?:cut|opened|broken)\b/i, ['slab-cables', 'dust']],
  [/\b(?:outlets?|sockets?|switch(?:es)?|lights?|wires?|wiring|cables?|circuits?)\b/i, ['hanging-wires']],
  [/\b(?:rail|railing|balustrade|banister)s?\b.*\b(?:out|off|removed)\b/i, ['guard-out']],
  [/\bchimneys?\b|\bflues?\b/i, ['chimney']],
  [/\basbestos\b|\blead paint\b|\bsilica\b/i, ['dust']],
  [/\b(?:cut|grind|rak)\w*\b.*\b(?:stone|brick|concrete|tile|mortar|joints?)\b/i, ['dust']],
  [/\bretaining wall\b/i, ['retaining']],
  [/\bacid\b/i, ['acid-wash']],
]

/** Whether a wall, a post or a beam is taken away: nobody knows from words what it carries. */
const takesDown = ({ action, element, title }: Told): boolean =>
  (action === 'remove' &&
    ['wall', 'post', 'beam', 'header', 'joist', 'chimney'].includes(element) &&
    !/\b(?:tiles?|paper|panell?ing|plaster|boards?|drywall|cabinets?)\b/i.test(title)) ||
  /\b(?:take|knock|tear|pull|rip)\w* (?:out |down |away )?(?:the |this |that |a |an |one )?(?:\w+ ){0,2}(?:wall|post|beam)\b(?! (?:tile|paper|cabinet|unit|light))(?! out of)|\b(?:wall|post|beam) (?:between .+ )?(?:comes? (?:out|down)|goes|is (?:removed|opened|taken))\b/i.test(
    title,
  )

const OUTSIDE = (stage: Stage): readonly CautionId[] =>
  stage === 'strip-out' || stage === 'windows-doors'
    ? ['ladder', 'weather-opening', 'roof-edge']
    : ['cladding', 'paint', 'masonry', 'weather-barrier', 'trim', 'roof', 'plaster', 'insulation'].includes(stage)
      ? ['ladder']
      : []

const INSIDE = (stage: Stage): readonly CautionId[] => (stage === 'strip-out' ? ['hanging-wires'] : [])

const ALL_OF_IT =
  /\b(?:everything|all of it|gut(?:ted)?|down to (?:the )?(?:studs|brick|bare)|strip(?:ped)?(?: out)?|whole)\b/i

/** The service that is away from when this is taken out until its place works again. */
function outageOf({ stage, action, title }: Told, { name = '' }: Where): string | undefined {
  if (stage !== 'strip-out' && action !== 'remove') return undefined
  if (
    SERVICE_ROOMS.kitchen.test(`${name} ${title}`) &&
    (ALL_OF_IT.test(title) || /\b(?:cabinets?|units?|sink|kitchen|worktops?|counters?)\b/i.test(title))
  )
    return 'kitchen sink'
  if (
    SERVICE_ROOMS.bathroom.test(`${name} ${title}`) &&
    (ALL_OF_IT.test(title) || /\b(?:tub|bath(?:room)?|shower|toilet|basin)\b/i.test(title))
  )
    return /\btoilet\b/i.test(title) && !ALL_OF_IT.test(title) ? 'toilet' : 'bathroom'
  return undefined
}
