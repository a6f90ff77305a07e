import { capital, lower } from '../../lists/capital'
import type { NewFact } from '../../walk/observation'
import { lineOfKind } from '../learned/forced'
import { doneBefore, saidBefore } from '../spokenOrder'
import { workOf } from '../spokenWork'
import { heldUntil, laidDown, waiting, type Whole } from './whole'

const OUT_AND_BACK =
  /^(?:the |our |all the |all )?([^,]{3,60}?) (?:(?:has|have|needs?) to )?(?:come|comes|go|goes|are taken|is taken|gets? taken|must come) (out|off|down)(?: now)?\b(.*?)\b(?:go|goes|come|comes|are put|is put|gets? put|put|are set|is set) back(?: (?:in|on|up|again))?((?: (?:after|once|when|as soon as) .+?)?)[.!\s]*$/i

/** 'The windows come out now, get restored and come back after the roof': what is taken away and put back is two lines, and
 * the second waits for the first and for what was said; while that stands in no line, it is held in its words. */
export const outAndBack: Whole = ({ words, place, state, rates, newId, narration, first }) => {
  const [, what, way, between, after] = OUT_AND_BACK.exec(words.trim()) ?? []
  if (!what || !way || !place) return null
  const thing = capital(what)
  const lineOf = (title: string): ReturnType<typeof workOf> => {
    const read = lineOfKind('work', narration, title, null)
    const element = read.element ?? first.element
    return workOf({ ...read, ...(element ? { element } : {}), words: title }, place, rates)
  }
  const out = { ...lineOf(`Take ${way} the ${lower(what)}`), title: `${thing} come ${way}` }
  const back = { ...lineOf(`Refit the ${lower(what)}`), action: 'reuse' as const }
  const [outId, backId] = [newId(), newId()]
  const reason = after?.trim() ?? ''
  const before = reason ? doneBefore(`goes back ${reason}`, place.id, state) : []
  const held = reason && before.length === 0 ? saidBefore(`goes back ${reason}`) : undefined
  const title = [`${thing} go back`, reason].filter(Boolean).join(' ')
  const restored = /\b(?:restored|repaired|mended|cleaned|reglazed|refinished|treated)\b/i.exec(between ?? '')?.[0]
  const facts: NewFact[] = [
    laidDown(out, outId),
    laidDown({ ...back, title: restored ? `${title}, ${restored.toLowerCase()}` : title }, backId),
    ...waiting(backId, place.id, [outId, ...before.map(({ id }) => id)], state),
    ...(held ? [heldUntil(backId, place.id, held)] : []),
  ]
  return { kind: 'work', says: `Work: ${lower(out.title)}; then ${lower(title)}`, facts }
}
