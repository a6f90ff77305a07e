import type { LineLaid } from '../scope/line'
import type { Stage } from '../scope/vocabulary'
import type { NewFact } from '../walk/observation'
import type { SiteState } from '../walk/siteState'
import { IS_REPLACED, leadIn, selectionLaid, type LeadSaid } from './spokenGoods'
import { titleOf } from './spokenWork'

interface Goods {
  readonly what: string
  readonly lead: LeadSaid
}

/** 'The roof is slated again, slates take six weeks': the deed, and what it waits for with its lead. */
export function withItsGoods(words: string): [deed: string, goods: Goods | null] {
  const [, deed, what, time] = TAKE_SO_LONG.exec(words.trim()) ?? []
  const lead = time ? leadIn(time) : null
  return deed && what && lead ? [deed, { what: titleOf(what), lead }] : [words, null]
}
const TAKE_SO_LONG =
  /^(.{8,}?)[,;] (?:and )?(?:the |its |their )?([a-z][\w' -]{2,30}?) (?:takes?|needs?|are|is|comes? in|have|has)((?: a| another| about)? (?:lead time of |delivery of )?(?:\d+|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fourteen) (?:weeks?|months?|days?)\b.*)$/i

/** What is made for new work where nothing of it is to be chosen yet: where work is laid out, cabinets and windows do not stand
 * in a plan without their order. */
export function boughtFor(
  line: LineLaid,
  goods: Goods | null,
  { selections }: Pick<SiteState, 'selections'>,
  newId: () => string,
): NewFact[] {
  const { placeId, stage, title } = line
  if (line.extra || line.action === 'remove') return []
  if (selections.some((one) => one.placeId === placeId && one.neededFor === stage)) return []
  const what = goods?.what ?? (IS_NEW.test(title) || IS_REPLACED.test(title) ? MADE_FOR[stage]?.(title) : undefined)
  if (!what) return []
  const id = newId()
  return [
    selectionLaid(id, { id: placeId }, what, stage),
    ...(goods
      ? [{ subject: 'selection' as const, subjectId: id, placeId, facet: 'lead' as const, value: goods.lead }]
      : []),
  ]
}
const IS_NEW = /\bnew\b|\b(?:goes|go|comes) in\b/i
/** 'New front door', 'the windows are replaced'; not 'the door gets a new lock'. */
const NEW_UNIT =
  /\bnew (?:[\w-]+ ){0,2}?(windows?|doors?|sash(?:es)?|skylights?)\b|\b(windows?|doors?|sash(?:es)?|skylights?)\b[^,]{0,30}? (?:is|are|gets?|get|goes|go|comes?) (?:all |both |being )?(?:replaced|renewed|swapped|in)\b/i
const MADE_FOR: Partial<Record<Stage, (title: string) => string | undefined>> = {
  cabinets: () => 'Cabinets',
  countertops: () => 'Countertop',
  'windows-doors': (title) => {
    const [unit] = NEW_UNIT.exec(title)?.slice(1).filter(Boolean) ?? []
    return unit && titleOf(unit.toLowerCase())
  },
}
