import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'

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
