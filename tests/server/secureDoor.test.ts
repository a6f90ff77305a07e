import { createServer, type Server } from 'node:http'
import { request } from 'node:https'
import { readFileSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { openSecureDoor } from '../../src/cli/secureDoor'

const CERT = 'tests/fixtures/tls/cert.pem'
const KEY = 'tests/fixtures/tls/key.pem'
let inner: Server
let door: Awaited<ReturnType<typeof openSecureDoor>>
const portOf = (server: { address(): unknown }): string => String((server.address() as AddressInfo).port)

beforeAll(async () => {
  inner = createServer((asked, answer) => {
    const parts: Buffer[] = []
    asked.on('data', (part: Buffer) => parts.push(part))
    asked.on('end', () => {
      answer.writeHead(201, { 'content-type': 'application/json', 'set-cookie': 'a=b' })
      answer.end(
        JSON.stringify({
          method: asked.method,
          url: asked.url,
          headers: asked.headers,
          body: Buffer.concat(parts).toString(),
        }),
      )
    })
  })
  await new Promise<void>((up) => inner.listen(0, '127.0.0.1', up))
  door = await openSecureDoor({ cert: CERT, key: KEY, port: '0', host: '127.0.0.1', inner: portOf(inner) })
})
afterAll(() => {
  door.close()
  inner.close()
})

const ask = (method: string, path: string, body = '') =>
  new Promise<{ status: number | undefined; cookie: string[] | undefined; told: Record<string, never> }>(
    (done, fail) => {
      const asked = request(
        {
          host: 'localhost',
          port: portOf(door),
          path,
          method,
          ca: readFileSync(CERT),
          headers: { origin: 'https://x' },
        },
        (answer) => {
          let text = ''
          answer.on('data', (part: Buffer) => (text += part.toString()))
          answer.on('end', () =>
            done({
              status: answer.statusCode,
              cookie: answer.headers['set-cookie'],
              told: (text.startsWith('{') ? JSON.parse(text) : { text }) as Record<string, never>,
            }),
          )
        },
      )
      asked.on('error', fail)
      asked.end(body)
    },
  )

describe('the secure door', () => {
  test('hands a request through whole, says where it came in, and hands the answer back', async () => {
    const { status, cookie, told } = await ask('POST', '/api/x?y=1', 'ünder the stair')
    expect(status).toBe(201)
    expect(cookie).toEqual(['a=b'])
    expect(told).toMatchObject({
      method: 'POST',
      url: '/api/x?y=1',
      body: 'ünder the stair',
      headers: { 'x-forwarded-proto': 'https', 'x-forwarded-host': `localhost:${portOf(door)}`, origin: 'https://x' },
    })
  })
  test('a certificate that is not there is named', () => {
    expect(() => openSecureDoor({ cert: 'nowhere.pem', key: KEY, port: '0', host: '127.0.0.1', inner: '1' })).toThrow(
      'The certificate nowhere.pem cannot be read.',
    )
  })
  test('with nobody behind it, it says so', async () => {
    const lonely = await openSecureDoor({ cert: CERT, key: KEY, port: '0', host: '127.0.0.1', inner: '1' })
    const kept = door
    door = lonely
    expect(await ask('GET', '/')).toMatchObject({
      status: 502,
      told: { text: 'The server behind this door does not answer.' },
    })
    door = kept
    lonely.close()
  })
})
