import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { readLink, type Audience } from '../../src/data/links'
import { readBookings } from '../../src/data/plans'
import { openFirmFolder } from '../../src/server/firmFolder'
import { createLink, tokenOf } from '../../src/server/share/links'
import { siteState } from '../../src/server/siteStates'
import { siteIdOf } from '../../src/demo/ids'
import { as, demoFolder, TODAY } from '../fixtures/folder'
import { demoCookie, serveFolder, type RunningApp } from './harness'
import { addressOf, MAIN_PAGES, PARAMETERS, routes, type Route } from './routes'

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
  '/for/other/[token]',
  '/for/other/[token]/photos/[hash]',
  '/for/trade/[token]',
  '/for/trade/[token]/photos/[hash]',
]

/** What crew may do beside that, on the sites that they are assigned to. All else is for leads and owners. */
const CREW = [
  '/today',
  '/settings',
  '/api/me/password',
  '/api/me/morning',
  '/sites/[site]/record',
  '/sites/[site]/scope',
  '/sites/[site]/sheets/[place]',
  '/api/sites/[site]/sheets/[place]',
  '/api/find',
  '/api/sites GET',
  '/api/memos/[hash]',
  '/api/plan/came',
  '/api/photos/[hash]',
  '/api/sites/[site]/facts',
  '/api/sites/[site]/files/[sort]/[hash]',
  '/api/sites/[site]/observations',
  '/api/sites/[site]/walk',
]

/** What even a lead leaves to the owner. */
const OWNER = [
  '/api/people',
  '/api/people/[person]/away',
  '/api/people/[person]/password',
  '/api/people/[person]/sessions',
  '/api/people/[person]/sites',
  '/api/firm/doors',
  '/api/firm/habits',
  '/settings/log',
  '/settings/people',
  '/api/bundles',
  '/api/sites/[site]/bundle',
  '/api/sites/[site]/away',
  '/sites/bring',
]

/** They lead on to another page, or out. */
const ELSEWHERE = ['/', '/welcome', '/api/sign-out']

/** Planning comes last: without a plan nothing is searched behind a door that is only tried. */
const PLANS = ['/api/plan', '/api/sites/[site]/schools']
const ROUTES = routes().sort(
  (a, b) => Number(PLANS.includes(a.path)) - Number(PLANS.includes(b.path)) || (a.path < b.path ? -1 : 1),
)

const BAKEHOUSE = siteIdOf('bakehouse')
let app: RunningApp
const tokens = new Map<Audience, string>()
const cookies = new Map<string, string>()
beforeAll(async () => {
  const folder = demoFolder()
  const firm = await openFirmFolder(folder, TODAY)
  const lead = as(firm, 'lead')
  const site = lead.sites().find(({ id }) => id === PARAMETERS['[site]'])!
  const party = siteState(firm.db, site).entries.find(({ kind, values }) => kind === 'party' && values.hears)!
  const booked = readBookings(firm.db).find(({ siteId }) => siteId === site.id)!
  const subjects: Record<Audience, string> = { client: '', trade: booked.visitKey, other: party.id, calendar: '' }
  for (const audience of Object.keys(subjects) as Audience[])
    tokens.set(audience, tokenOf(firm, readLink(firm.db, createLink(lead, site.id, audience, subjects[audience]))!))
  firm.db.exec('UPDATE plan SET undone_at = made_at')
  firm.db.close()
  app = await serveFolder(folder)
  for (const role of ['crew', 'lead', 'owner'] as const) cookies.set(role, await demoCookie(app, role))
})
afterAll(() => app.stop())

/** How a route answers somebody: 'shut' where it asks to sign in, 'forbidden', or 'open' where it deals with the request. */
async function answer({ path, method }: Route, role?: string): Promise<'shut' | 'forbidden' | 'open'> {
  const { status, headers } = await fetch(app.origin + addressOf(path), {
    method,
    redirect: 'manual',
    headers: { origin: app.origin, 'content-type': 'application/json', cookie: cookies.get(role ?? '') ?? '' },
    // A body that no use case accepts: what is tried is the door, not the room.
    ...(method === 'GET' ? {} : { body: '{"kind":"nothing of ours","files":[]}' }),
  })
  if (status >= 500) throw new Error(`${method} ${path} fails for ${role ?? 'a stranger'}: ${status}`)
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

describe('a link', () => {
  const KINDS: readonly Audience[] = ['client', 'trade', 'other', 'calendar']
  const pageFor = (audience: Audience, token: string): string => `/for/${audience}/${token}`

  test.each(KINDS.flatMap((made) => KINDS.map((tried) => [made, tried] as const)))(
    'made for a %s, tried as one for a %s',
    async (made, tried) => {
      const answer = await fetch(app.origin + pageFor(tried, tokens.get(made)!))
      expect(answer.status).toBe(made === tried ? 200 : 404)
      const text = await answer.text()
      expect(text).not.toMatch(/Quillwort|Foxglove|137953|Heron Court|Pell Street|Millrace|household of/)
      if (made !== tried) expect(text).toContain('This link leads nowhere.')
    },
  )
  test.each(KINDS)('made for a %s shows no photo of another kind, and none that it does not name', async (made) => {
    for (const tried of ['client', 'trade', 'other']) {
      const { status } = await fetch(`${app.origin}/for/${tried}/${tokens.get(made)!}/photos/${'f'.repeat(64)}`)
      expect(status).toBe(404)
    }
  })
  test.each(ROUTES.filter((route) => !isIn(OPEN, route) && !ELSEWHERE.includes(route.path)))(
    'opens nothing of the desk: $method $path',
    async (route) => {
      for (const token of tokens.values()) {
        cookies.set('link', `${[...cookies.values()][0]!.split('=')[0]!}=${token}`)
        expect(await answer(route, 'link')).toBe('shut')
      }
    },
  )
})

describe('a session', () => {
  const get = (path: string, cookie = '') => fetch(app.origin + path, { headers: { cookie }, redirect: 'manual' })

  test('signed out, every page leads to signing in and every answer says so', async () => {
    for (const path of MAIN_PAGES) expect((await get(path)).headers.get('location'), path).toBe('/sign-in')
    expect((await get('/api/sites')).status).toBe(401)
    expect((await get(`/api/sites/${BAKEHOUSE}/walk`)).status).toBe(401)
  })
  test('crew see assigned sites, no plan, no money', async () => {
    const crew = cookies.get('crew')!
    for (const path of [
      '/plan',
      '/share',
      '/selections',
      `/sites/${BAKEHOUSE}/share`,
      `/sites/${BAKEHOUSE}/settings`,
      '/sites/new',
    ])
      expect((await get(path, crew)).status, path).toBe(403)
    expect((await get(`/sites/${siteIdOf('pell')}/scope`, crew)).status).toBe(404)
    const scope = await (await get(`/sites/${BAKEHOUSE}/scope`, crew)).text()
    expect(scope).toContain('Kitchen')
    for (const canary of ['137953', 'Quillwort', 'Pell Street']) expect(scope).not.toContain(canary)
  })
  test('a write from elsewhere is refused, even with a session', async () => {
    const cookie = cookies.get('owner')!
    const write = (headers: Record<string, string>) =>
      fetch(`${app.origin}/api/plan/undo`, { method: 'POST', headers: { cookie, ...headers } })
    expect((await write({ origin: 'https://elsewhere.example' })).status).toBe(403)
    expect((await write({})).status).toBe(403)
  })
  test('a session ended everywhere is ended here', async () => {
    const [one, other] = [await demoCookie(app, 'lead'), await demoCookie(app, 'lead')]
    await fetch(`${app.origin}/api/sign-out`, {
      method: 'POST',
      body: '{"everywhere":true}',
      headers: { cookie: one, origin: app.origin, 'content-type': 'application/json' },
    })
    expect((await get('/today', other)).headers.get('location')).toBe('/sign-in')
  })
  test('a page comes with its title in its head', async () => {
    for (const path of ['/today', '/share', `/sites/${BAKEHOUSE}/scope`])
      expect(await (await get(path, cookies.get('lead'))).text(), path).toMatch(/<title>[^<]+<\/title>.*<\/head>/s)
  })
  test('what is private is kept by no cache; browsers insist on https only where a proxy speaks it', async () => {
    const headersOf = async (path: string, headers: Record<string, string> = {}) =>
      (await fetch(app.origin + path, { headers: { cookie: cookies.get('owner')!, ...headers } })).headers
    for (const path of ['/api/sites', `/api/sites/${BAKEHOUSE}/walk`, '/api/find?q=bath'])
      expect((await headersOf(path)).get('cache-control'), path).toContain('no-store')
    const insists = async (headers: Record<string, string>) =>
      (await headersOf('/today', headers)).has('strict-transport-security')
    expect(await insists({})).toBe(false)
    expect(await insists({ 'x-forwarded-proto': 'https' })).toBe(true)
    // Our own door, with a certificate made on the spot.
    expect(await insists({ 'x-forwarded-proto': 'https', 'x-aftermist-door': 'own' })).toBe(false)
  })
  test('every page carries a strict content policy and is not to be framed', async () => {
    const policy = (await get('/sign-in')).headers.get('content-security-policy')!
    expect(policy).toContain("script-src 'self' 'nonce-")
    expect(policy).toContain("frame-ancestors 'none'")
    expect(policy).not.toMatch(/script-src[^;]*unsafe/)
    expect((await get('/for/client/x')).headers.get('x-robots-tag')).toContain('noindex')
  })
})
