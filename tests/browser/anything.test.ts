import fc from 'fast-check'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { demoFolder } from '../fixtures/folder'
import { demoCookie, serveFolder, type RunningApp } from './harness'
import { addressOf, PARAMETERS, routes } from './routes'

/** A seeded few; `bin/aftermist bench anything` runs as many as it is told. */
const ROUNDS = Number(process.env.AFTERMIST_ROUNDS ?? 2)
const ROLES = ['crew', 'lead', 'owner'] as const

const ALL = routes().sort((a, b) => (a.path < b.path ? -1 : 1))
/** What ends a session, or plans for seconds, is tried elsewhere. */
const LEFT_OUT = ['/api/sign-out', '/api/plan', '/api/plan/ways', '/api/sites/[site]/forward', '/api/me/password']
const WRITES = ALL.filter(({ method, path }) => method !== 'GET' && !LEFT_OUT.includes(path))
const PAGES = ALL.filter(({ method, path }) => method === 'GET' && !path.startsWith('/api/') && !path.includes('token'))

let app: RunningApp
const cookies = new Map<string, string>()
beforeAll(async () => {
  app = await serveFolder(demoFolder())
  for (const role of ROLES) cookies.set(role, await demoCookie(app, role))
})
afterAll(() => app.stop())

const FACT = fc.record({
  subject: fc.constantFrom('line', 'note', 'entry', 'selection', 'decision', 'place', 'photo', 'fact', 'gate'),
  subjectId: fc.oneof(fc.uuid(), fc.string()),
  facet: fc.constantFrom('laid', 'noted', 'written', 'state', 'asked', 'name', 'removed', 'progress', 'withdrawn'),
  placeId: fc.oneof(fc.constant(PARAMETERS['[place]']), fc.constant(null), fc.string()),
  value: fc.jsonValue({ maxDepth: 2 }),
})
/** Whatever may come: JSON of any shape, facts that are nearly ones, words, and bytes of no sort. */
const BODY = fc.oneof(
  fc.jsonValue({ maxDepth: 3 }).map((value) => JSON.stringify(value)),
  fc.array(FACT, { maxLength: 3 }).map((facts) => JSON.stringify({ facts })),
  fc.string({ unit: 'binary' }),
  fc.constantFrom('', '{', '[[[[', '{"__proto__":{"role":"owner"}}', '1e999', '"\\u0000\\ud800"'),
)
const TYPE = fc.constantFrom(
  'application/json',
  'text/plain',
  'multipart/form-data; boundary=x',
  'application/octet-stream',
)

async function status(
  path: string,
  method: string,
  role: string | null,
  body?: string,
  type?: string,
): Promise<number> {
  const answer = await fetch(app.origin + addressOf(path), {
    method,
    redirect: 'manual',
    headers: { origin: app.origin, cookie: cookies.get(role ?? '') ?? '', ...(type ? { 'content-type': type } : {}) },
    ...(body === undefined ? {} : { body }),
  })
  await answer.arrayBuffer()
  return answer.status
}

test(`anything is sent to every route by everybody, ${ROUNDS} rounds; then every page of every role opens`, async () => {
  for (const { path, method } of WRITES)
    await fc.assert(
      fc.asyncProperty(BODY, TYPE, fc.constantFrom(...ROLES, null), async (body, type, role) => {
        const answered = await status(path, method, role, body, type)
        expect(answered < 500, `${method} ${path} as ${role}: ${answered}`).toBe(true)
      }),
      { numRuns: ROUNDS * 4, seed: 20_260_310 },
    )
  for (const role of ROLES)
    for (const { path, method } of PAGES) {
      const answered = await status(path, method, role)
      expect(answered < 500, `${path} for ${role}: ${answered}`).toBe(true)
    }
}, 600_000)
