import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { demoId, placeIdOf, siteIdOf } from '../../src/demo/ids'

/** What stands for the changing parts of an address. */
export const PARAMETERS: Readonly<Record<string, string>> = {
  '[site]': siteIdOf('bakehouse'),
  '[place]': placeIdOf('bakehouse', 'bath'),
  '[reader]': 'engineer',
  '[sort]': 'photo',
  '[hash]': 'f'.repeat(64),
  '[path]': 'nothing.js',
}
export const addressOf = (path: string): string => path.replace(/\[[a-z]+\]/g, (name) => PARAMETERS[name] ?? 'made-up')

export interface Route {
  readonly path: string
  readonly method: string
}

/** Every page and every route that the source has. */
export function routes(folder = 'src/app'): Route[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry): Route[] => {
    const at = join(folder, entry.name)
    if (entry.isDirectory()) return routes(at)
    if (!/^(page\.tsx|route\.tsx?)$/.test(entry.name)) return []
    const path = `/${relative('src/app', folder).replace(/\(desk\)\/?/, '')}`
    const methods =
      entry.name === 'page.tsx'
        ? ['GET']
        : [...readFileSync(at, 'utf8').matchAll(/export const (?:\{[^}]*\bGET\b|(GET|POST|PUT)\b)/g)].map(
            ([, method]) => method ?? 'GET',
          )
    return methods.map((method) => ({ path, method }))
  })
}

const BAKEHOUSE = siteIdOf('bakehouse')

/** The pages of the desk that people work on, as the demo has them. */
export const MAIN_PAGES: readonly string[] = [
  '/today',
  `/sites/${BAKEHOUSE}/scope`,
  `/sites/${BAKEHOUSE}/scope?place=${placeIdOf('bakehouse', 'bath')}&stage=board`,
  '/selections',
  `/sites/${BAKEHOUSE}/plan`,
  '/plan',
  '/plan/ahead',
  `/plan/trades/${demoId('crew', 'paint')}`,
  `/sites/${BAKEHOUSE}/share`,
  `/sites/${BAKEHOUSE}/completion`,
  `/sites/${BAKEHOUSE}/look-back`,
  `/sites/${BAKEHOUSE}/handover`,
  `/sites/${BAKEHOUSE}/neighbours`,
  `/sites/${BAKEHOUSE}/papers/engineer`,
  '/share',
  '/sites/new',
  `/sites/${BAKEHOUSE}/who`,
  `/sites/${BAKEHOUSE}/units`,
  `/sites/${BAKEHOUSE}/report`,
  `/sites/${BAKEHOUSE}/record`,
  `/sites/${BAKEHOUSE}/settings`,
  '/settings',
  '/settings/figures',
  '/settings/firm',
  '/settings/crews',
  '/settings/messages',
  `/sites/${BAKEHOUSE}/settings?part=order`,
  `/sites/${BAKEHOUSE}/settings?part=figures`,
  `/sites/${BAKEHOUSE}/sheets/${placeIdOf('bakehouse', 'bath')}`,
]

/** The page that is walked with. */
export const WALK = `/walk#${BAKEHOUSE}`
