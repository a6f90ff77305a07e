import type { Site } from '../data/sites'
import type { Context } from './context'

/** What is composed for every site that somebody may see. A site where it fails is left out, named, and told in the server's
 * log: one house never takes the page of the others down. */
export function eachSite<T>(
  context: Pick<Context, 'sites'>,
  compose: (site: Site) => T,
): { readonly shown: readonly T[]; readonly failed: readonly Site[] } {
  const shown: T[] = []
  const failed: Site[] = []
  for (const site of context.sites())
    try {
      shown.push(compose(site))
    } catch (error) {
      console.error(`${site.name} could not be shown.`, error)
      failed.push(site)
    }
  return { shown, failed }
}
