import { factLine, toldOfAll, type Telltale } from '../entries/toldTo'
import type { Values } from '../entries/field'
import { listed } from '../lists/listed'
import type { Line } from '../scope/line'
import { BUILD_ORDER, type Action, type Stage } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'
import { doingWords } from './plainWords'
import { capital, lower } from '../lists/capital'

/** What happens at one place, for whoever lives there. */
export interface ScopeOfPlace {
  readonly place: string
  readonly sentences: readonly string[]
}

/** Work that a household does not have afterwards. */
const ON_THE_WAY: readonly Action[] = ['protect', 'test', 'inspect', 'order', 'clean']
const FOR_A_TIME: readonly Stage[] = ['protect', 'shoring']

/** What is done in plain words and in its order, what was chosen, what stays and what is not part of it, place by place.
 * No sum, no rate, no trade, no reason, and no extra that was not approved. */
export function composeClientScope(
  { places, lines, keeps, selections, entries, decisions }: SiteState,
  how: Telltale,
): ScopeOfPlace[] {
  const noted = toldOfAll('client', entries, how).filter(({ part }) => part === null)
  const notedAt = (id: string | null): string[] =>
    noted.filter(({ placeId }) => placeId === id).map((fact) => factLine(fact))
  const decided = (at: string | null): string[] =>
    decisions.flatMap(({ placeId, answer, reasons, question }) =>
      placeId === at && answer !== null && reasons ? [decidedWords(question, answer, reasons)] : [],
    )
  const whole = [...decided(null), ...notedAt(null)]
  const byPlace = places.flatMap((place) => {
    const { id, name } = place
    const here = lines.filter(({ placeId }) => placeId === id)
    const agreed = here.filter(
      ({ excluded, action, extra, approval }) =>
        excluded === null && !ON_THE_WAY.includes(action) && (!extra || approval?.answer === 'approved'),
    )
    const doing = (lines: readonly Line[]): string[] =>
      BUILD_ORDER.filter((stage) => !FOR_A_TIME.includes(stage) && lines.some((line) => line.stage === stage)).map(
        (stage) =>
          doingWords(
            stage,
            lines.filter((line) => line.stage === stage),
            [place],
          ),
      )
    const [done, open] = [true, false].map((is) => doing(agreed.filter(({ progress }) => (progress === 100) === is)))
    const chosen = selections.filter(({ placeId, choice }) => placeId === id && choice)
    const stays = keeps.filter(({ placeId, released }) => placeId === id && !released)
    const out = here.filter(({ excluded }) => excluded !== null).map(({ title }) => title.toLowerCase())
    const sentences = [
      ...(done!.length > 0 ? [`Done: ${listed(done!)}.`] : []),
      // Beside what is done, 'walls are painted' would read as if they were.
      ...(open!.length > 0
        ? [done!.length > 0 ? `Still to come: ${listed(open!)}.` : `${capital(listed(open!))}.`]
        : []),
      ...told(
        'Chosen',
        '; ',
        chosen.map(({ what, choice }) =>
          choice!.toLowerCase().includes(what.toLowerCase()) ? lower(choice!) : `${what.toLowerCase()}, ${choice}`,
        ),
      ),
      ...told('Stays', '; ', [...new Set(stays.map(({ text, until }) => (until ? `${text}, until ${until}` : text)))]),
      ...told('Is not part of it', ', ', [...new Set(out)]),
      ...decided(id),
      ...notedAt(id),
    ]
    return sentences.length > 0 ? [{ place: name, sentences }] : []
  })
  return [...(whole.length > 0 ? [{ place: 'The whole house', sentences: whole }] : []), ...byPlace]
}

/** What was decided and why, with what is accepted with it. */
export function decidedWords(question: string, answer: string, { why, accepts, rejected }: Values): string {
  const parts = [
    `Decided: ${question} ${answer.replace(/[.!?]+$/, '')}`,
    ...(why ? [`because ${String(why)}`] : []),
    ...(rejected ? [`instead of ${String(rejected)}`] : []),
    ...(accepts ? [`accepted with it: ${String(accepts)}`] : []),
  ]
  return `${parts.join(', ').replace(/[.!?]+$/, '')}.`
}

const told = (begins: string, between: string, things: readonly string[]): string[] =>
  things.length === 0 ? [] : [`${begins}: ${things.join(between)}.`]
