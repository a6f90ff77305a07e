import { listed } from '../lists/listed'
import type { Line } from '../scope/line'
import type { Action } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'

/** What happens at one place, for whoever lives there. */
export interface ScopeOfPlace {
  readonly place: string
  readonly sentences: readonly string[]
}

/** Work that changes nothing that a household has afterwards. */
const ON_THE_WAY: readonly Action[] = ['protect', 'test', 'inspect', 'order', 'clean']

/** What goes, what is made, what stays and what is not part of it, place by place. No sum, no rate, no trade, no reason. */
export function composeClientScope({
  places,
  lines,
  keeps,
}: Pick<SiteState, 'places' | 'lines' | 'keeps'>): ScopeOfPlace[] {
  return places.flatMap(({ id, name }) => {
    const here = lines.filter(({ placeId }) => placeId === id)
    const agreed = here.filter(
      ({ excluded, action, extra, approval }) =>
        excluded === null && !ON_THE_WAY.includes(action) && (!extra || approval?.answer === 'approved'),
    )
    const stays = keeps.filter(({ placeId, released }) => placeId === id && !released)
    const sentences = [
      sentence('Goes', titles(agreed.filter(({ action }) => action === 'remove'))),
      sentence('Is made', titles(agreed.filter(({ action }) => action !== 'remove'))),
      sentence(
        'Stays',
        stays.map(({ text, until }) => (until ? `${text}, until ${until}` : text)),
      ),
      sentence('Is not part of it', titles(here.filter(({ excluded }) => excluded !== null))),
    ].filter((one) => one !== '')
    return sentences.length > 0 ? [{ place: name, sentences }] : []
  })
}

const titles = (lines: readonly Line[]): string[] => [...new Set(lines.map(({ title }) => title.toLowerCase()))]

const sentence = (begins: string, things: readonly string[]): string =>
  things.length === 0 ? '' : `${begins}: ${listed(things)}.`
