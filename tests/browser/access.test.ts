import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import { demoFolder } from '../fixtures/folder'
import { serveFolder, type RunningApp } from './harness'

/** What everybody may reach: signing in, the first firm, links with a token, and what makes the page installable. */
const OPEN = [
  '/sign-in',
  // The walk works without a network: the page is the same for everybody, what it shows is not.
  '/walk',
  '/api/sign-in',
  '/api/sign-in/demo',
  '/api/firm',
  '/serwist/[path]',
  '/for/calendar/[token]',
  '/for/client/[token]',
  '/for/client/[token]/photos/[hash]',
  '/for/trade/[token]',
  '/for/trade/[token]/photos/[hash]',
]

/** What crew may do beside that, on the sites that they are assigned to. All else is for leads and owners. */
const CREW = [
  '/today',
  '/settings',
  '/sites/[site]/registers',
  '/sites/[site]/scope',
  '/sites/[site]/sheets/[place]',
  '/api/sites/[site]/sheets/[place]',
  '/api/find',
  '/api/sites GET',
  '/api/memos/[hash]',
  '/api/photos/[hash]',
  '/api/sites/[site]/facts',
  '/api/sites/[site]/files/[sort]/[hash]',
  '/api/sites/[site]/observations',
  '/api/sites/[site]/walk',
]

/** What even a lead leaves to the owner. */
const OWNER = ['/api/people', '/api/people/[person]/sites', '/api/bundles', '/api/sites/[site]/bundle', '/sites/bring']

/** They lead on to another page, or out. */
const ELSEWHERE = ['/', '/welcome', '/api/sign-out']

const PARAMETERS: Readonly<Record<string, string>> = {
  '[site]': siteIdOf('bakehouse'),
  '[place]': placeIdOf('bakehouse', 'bath'),
  '[reader]': 'engineer',
  '[sort]': 'photo',
  '[hash]': 'f'.repeat(64),
  '[path]': 'nothing.js',
}

interface Route {
  readonly path: string
  readonly method: string
}

/** Every page and every route that the source has. */
function routes(folder = 'src/app'): Route[] {
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
const ROUTES = routes().sort((a, b) => (a.path < b.path ? -1 : 1))

let app: RunningApp
const cookies = new Map<string, string>()
beforeAll(async () => {
  app = await serveFolder(await demoFolder())
  for (const role of ['crew', 'lead', 'owner']) {
    const signedIn = await fetch(`${app.origin}/api/sign-in/demo`, {
      method: 'POST',
      body: JSON.stringify({ role }),
      headers: { 'content-type': 'application/json', origin: app.origin },
    })
    cookies.set(role, signedIn.headers.get('set-cookie')!.split(';')[0]!)
  }
})
afterAll(() => app.stop())

/** How a route answers somebody: 'shut' where it asks to sign in, 'forbidden', or 'open' where it deals with the request. */
async function answer({ path, method }: Route, role?: string): Promise<'shut' | 'forbidden' | 'open'> {
  const url = path.replace(/\[[a-z]+\]/g, (name) => PARAMETERS[name] ?? 'made-up')
  const { status, headers } = await fetch(app.origin + url, {
    method,
    redirect: 'manual',
    headers: { origin: app.origin, 'content-type': 'application/json', cookie: cookies.get(role ?? '') ?? '' },
    // A body that no use case accepts: what is tried is the door, not the room.
    ...(method === 'GET' ? {} : { body: '{"kind":"nothing of ours","files":[]}' }),
  })
  if (status === 401 || (status >= 300 && status < 400 && /sign-in/.test(headers.get('location') ?? ''))) return 'shut'
  return status === 403 ? 'forbidden' : 'open'
}
const isIn = (list: readonly string[], { path, method }: Route): boolean =>
  list.includes(path) || list.includes(`${path} ${method}`)

describe('every page and route', () => {
  test('stands in one of the lists, or is for leads', () => {
    const known = ROUTES.flatMap(({ path, method }) => [path, `${path} ${method}`])
    for (const path of [...OPEN, ...CREW, ...OWNER, ...ELSEWHERE]) expect(known).toContain(path)
  })
  test.each(ROUTES.filter(({ path }) => !ELSEWHERE.includes(path)).map((route) => [route.method, route.path, route]))(
    '%s %s opens to whom it should, and to nobody else',
    async (_method, _path, route) => {
      const open = isIn(OPEN, route)
      expect.soft(await answer(route), 'a stranger').toBe(open ? 'open' : 'shut')
      expect.soft(await answer(route, 'crew'), 'crew').toBe(open || isIn(CREW, route) ? 'open' : 'forbidden')
      expect.soft(await answer(route, 'lead'), 'a lead').toBe(isIn(OWNER, route) ? 'forbidden' : 'open')
      expect.soft(await answer(route, 'owner'), 'the owner').toBe('open')
    },
  )
})
