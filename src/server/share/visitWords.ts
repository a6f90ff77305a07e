import type { PlannedVisit } from '../../core/schedule/plan'
import type { Catalogue } from '../../core/share/languages/catalogue'
import { ENGLISH } from '../../core/share/languages/english'
import { listedIn, visitTitleIn } from '../../core/share/languages/languages'
import type { Db } from '../../data/database'
import { readSite } from '../../data/sites'
import { recordOf } from '../siteStates'

type Named = Pick<PlannedVisit, 'siteId' | 'placeIds' | 'stages' | 'trade' | 'measures'>

/** Names visits: 'Board and tape, bathroom, Bakehouse Lane'. Each site is looked up once, for lists of many.
 * @param words the language of whoever reads it */
export function visitNamer(db: Db, words: Catalogue = ENGLISH): (visit: Named) => string {
  const sites = new Map<string, { name: string; places: ReadonlyMap<string, string> } | null>()
  const lookUp = (id: string) => {
    const site = readSite(db, id)
    return site
      ? { name: site.name, places: new Map(recordOf('trade', db, site).places.map((place) => [place.id, place.name])) }
      : null
  }
  const said = new Map<Named, string>()
  const say = (visit: Named): string => {
    if (!sites.has(visit.siteId)) sites.set(visit.siteId, lookUp(visit.siteId))
    const site = sites.get(visit.siteId)
    if (!site) return 'A visit'
    const its = new Set(visit.placeIds)
    const places = [...site.places].flatMap(([id, name]) => (its.has(id) ? [name] : []))
    return `${stageWords(visit, words)}, ${listedIn(words, places)}, ${site.name}`
  }
  return (visit) => {
    const known = said.get(visit)
    if (known !== undefined) return known
    const name = say(visit)
    said.set(visit, name)
    return name
  }
}

export const visitWords = (db: Db, visit: Named): string => visitNamer(db)(visit)

export const stageWords = (visit: Parameters<typeof visitTitleIn>[1], words: Catalogue = ENGLISH): string =>
  visitTitleIn(words, visit)
