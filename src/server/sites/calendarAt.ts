import { lookup as resolve } from 'node:dns'
import { get as getHttp } from 'node:http'
import { get as getHttps } from 'node:https'
import { BlockList, isIP, type LookupFunction } from 'node:net'
import { Refusal } from '../refusal'

const MOST_BYTES = 2_000_000
const PATIENCE_MS = 10_000
const MOST_STEPS = 4

/** Networks in which there is no calendar of somebody else's: this machine, this house, and what is set aside. */
const INNER = new BlockList()
for (const [network, bits] of [
  ['0.0.0.0', 8],
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.0.0.0', 24],
  ['192.0.2.0', 24],
  ['192.168.0.0', 16],
  ['198.18.0.0', 15],
  ['198.51.100.0', 24],
  ['203.0.113.0', 24],
  ['224.0.0.0', 3],
] as const)
  INNER.addSubnet(network, bits, 'ipv4')
for (const [network, bits] of [
  ['::', 127],
  ['64:ff9b::', 96],
  ['100::', 64],
  ['2001::', 23],
  ['2002::', 16],
  ['fc00::', 7],
  ['fe80::', 10],
  ['fec0::', 10],
  ['ff00::', 8],
] as const)
  INNER.addSubnet(network, bits, 'ipv6')

/** Whether an address lies in this machine, this house, or a network that is set aside. */
export function isInner(address: string): boolean {
  const plain = address.replace(/^::ffff:(?=\d+\.\d+\.\d+\.\d+$)/i, '')
  const version = isIP(plain)
  if (version === 0) return true
  // What an IPv6 address carries of an IPv4 one counts as that.
  if (version === 6 && /^::ffff:/i.test(plain)) return true
  return INNER.check(plain, version === 4 ? 'ipv4' : 'ipv6')
}

const refused = (why: string): Refusal => new Refusal(422, `Address: ${why}. Nothing was changed.`, 'address')

/** The text of a calendar at an address of the internet, read once more at each step that it is sent on to. Addresses of this
 * machine and its networks are not read, whatever their name is, unless the owner allows the host.
 * @param allowed hosts that the owner allows, in small letters
 * @throws Refusal 422 with what is wrong and that nothing was changed */
export async function calendarAt(address: string, allowed: readonly string[]): Promise<string> {
  let url = urlOf(address)
  for (let step = 0; step < MOST_STEPS; step++) {
    const answer = await answerOf(url, allowed)
    if (typeof answer === 'string') return answer
    url = urlOf(answer.to, url)
  }
  throw refused('it sends from one place to another without end')
}

function urlOf(address: string, from?: URL): URL {
  const text = address.replace(/^webcals?:/, 'https:')
  const url = URL.canParse(text, from) ? new URL(text, from) : null
  if (!url || !/^https?:$/.test(url.protocol))
    throw new Refusal(422, 'Address: write it whole, as https://….', 'address')
  return url
}

/** Names are looked up here and the connection goes where that led, so that no name can mean one thing when it is checked
 * and another when it is called. */
const outerLookup: LookupFunction = (host, options, done) =>
  resolve(host, { ...options, all: true }, (error, found) => {
    if (error) return done(error, '', 4)
    const outer = found.filter(({ address }) => !isInner(address))
    if (outer.length === 0) return done(Object.assign(new Error('inner'), { code: 'INNER' }), '', 4)
    if (options.all) return done(null, outer)
    done(null, outer[0]!.address, outer[0]!.family)
  })

function answerOf(url: URL, allowed: readonly string[]): Promise<string | { to: string }> {
  const host = url.hostname.replace(/^\[|\]$/g, '').toLowerCase()
  const known = allowed.includes(host)
  if (!known && isIP(host) && isInner(host)) return Promise.reject(inner(host))
  const get = url.protocol === 'https:' ? getHttps : getHttp
  return new Promise((found, failed) => {
    const request = get(
      url,
      { timeout: PATIENCE_MS, headers: { accept: 'text/calendar' }, ...(known ? {} : { lookup: outerLookup }) },
      (response) => {
        const { statusCode = 0, headers } = response
        if (statusCode >= 300 && statusCode < 400 && headers.location) {
          response.destroy()
          return found({ to: headers.location })
        }
        if (statusCode !== 200) {
          response.destroy()
          return failed(refused(`it answered ${statusCode}`))
        }
        const parts: Buffer[] = []
        let count = 0
        response.on('data', (part: Buffer) => {
          count += part.length
          if (count > MOST_BYTES) {
            response.destroy()
            return failed(refused('more than 2 MB came'))
          }
          parts.push(part)
        })
        response.on('end', () => found(Buffer.concat(parts).toString('utf8')))
        response.on('error', () => failed(silent()))
      },
    )
    request.on('timeout', () => request.destroy(new Error('timeout')))
    request.on('error', (error: NodeJS.ErrnoException) => failed(error.code === 'INNER' ? inner(host) : silent()))
    setTimeout(() => request.destroy(new Error('timeout')), 2 * PATIENCE_MS).unref()
  })
}

const silent = (): Refusal =>
  new Refusal(422, 'Address: nobody answered there. Nothing was changed; try again, or send a file.', 'address')
const inner = (host: string): Refusal =>
  refused(`${host} lies in this house’s own network; the owner can allow it under Settings, Messages and addresses`)
