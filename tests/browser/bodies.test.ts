import { request } from 'node:http'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { demoFolder } from '../fixtures/folder'
import { demoCookie, serveFolder, type RunningApp } from './harness'

const MEGABYTE = Buffer.alloc(1_000_000, 'x')
const WHOLE = 400
let app: RunningApp
let crew: string
beforeAll(async () => {
  app = await serveFolder(demoFolder())
  crew = await demoCookie(app, 'crew')
})
afterAll(() => app.stop())

/** Sends 400 MB in chunks of no told length for as long as the server takes them.
 * @returns what it answered, and how many of them had gone out by then */
function pour(path: string, method: string, cookie = ''): Promise<{ status: number; megabytes: number }> {
  return new Promise((answered, failed) => {
    let megabytes = 0
    const headers = { origin: app.origin, cookie, 'content-type': 'application/octet-stream' }
    const body = request(app.origin + path, { method, headers }, (answer) => {
      answered({ status: answer.statusCode!, megabytes })
      body.destroy()
    })
    body.on('error', failed)
    const next = (): void => {
      if (body.destroyed) return
      if (megabytes === WHOLE) return void body.end()
      megabytes++
      if (body.write(MEGABYTE)) setImmediate(next)
      else body.once('drain', next)
    }
    next()
  })
}

test.each([
  ['a client’s link', '/for/client/leads-nowhere', 'POST', 404],
  ['a trade’s link', '/for/trade/leads-nowhere', 'POST', 404],
  ['a site to bring in', '/api/bundles', 'POST', 401],
  ['a photo', `/api/sites/${siteIdOf('bakehouse')}/files/photo/${'f'.repeat(64)}`, 'PUT', 401],
  ['observations', `/api/sites/${siteIdOf('bakehouse')}/observations`, 'POST', 401],
  ['signing in', '/api/sign-in', 'POST', 413],
])('%s: who nobody knows is answered before what they send is read', async (_what, path, method, status) => {
  const answer = await pour(path, method)
  expect(answer.status).toBe(status)
  expect(answer.megabytes).toBeLessThan(40)
})
test('somebody who is known is stopped at the limit, counted as the bytes come', async () => {
  const answer = await pour(`/api/sites/${siteIdOf('bakehouse')}/observations`, 'POST', crew)
  expect(answer.status).toBe(413)
  expect(answer.megabytes).toBeLessThan(60)
})

test('what a phone fetches of a whole site comes packed, and so does the rest of a long list', async () => {
  const cookie = await demoCookie(app, 'owner')
  for (const path of [`/api/sites/${siteIdOf('bakehouse')}/walk`, '/api/plan/later', '/api/selections/later']) {
    const answer = await fetch(app.origin + path, { headers: { cookie, 'accept-encoding': 'gzip' } })
    expect(answer.status, path).toBe(200)
    const text = await answer.text()
    if (text.length > 2000) expect(answer.headers.get('content-encoding'), path).toBe('gzip')
    JSON.parse(text)
  }
})
