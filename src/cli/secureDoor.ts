import { X509Certificate } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { request } from 'node:http'
import { createServer, type Server } from 'node:https'
import { rootCertificates } from 'node:tls'

export interface SecureDoor {
  readonly cert: string
  readonly key: string
  readonly port: string
  readonly host: string
  /** Where the server itself listens, on this machine only. */
  readonly inner: string
}

/** Half a year, in seconds. */
const HSTS = 'max-age=15552000'
/** Tells the server that the door stands in front of it, which says itself whether browsers may insist on https. */
const DOOR_HEADER = 'x-aftermist-door'

/** Opens an https door in front of the server, with a certificate of one's own. */
export function openSecureDoor({ cert, key, port, host, inner }: SecureDoor): Promise<Server> {
  const certificate = pem(cert, 'certificate')
  const insist = isPublic(certificate.toString('utf8'))
  const door = createServer({ cert: certificate, key: pem(key, 'key') }, (asked, answer) => {
    const forwarded = request(
      {
        host: '127.0.0.1',
        port: inner,
        method: asked.method,
        path: asked.url,
        headers: {
          ...asked.headers,
          'x-forwarded-host': asked.headers.host ?? '',
          'x-forwarded-proto': 'https',
          'x-forwarded-for': asked.socket.remoteAddress ?? '',
          [DOOR_HEADER]: 'own',
        },
      },
      (got) => {
        answer.writeHead(got.statusCode ?? 502, {
          ...got.headers,
          ...(insist ? { 'strict-transport-security': HSTS } : {}),
        })
        got.pipe(answer)
      },
    )
    forwarded.on('error', () => {
      if (!answer.headersSent) answer.writeHead(502, { 'content-type': 'text/plain' })
      answer.end('The server behind this door does not answer.')
    })
    answer.on('close', () => forwarded.destroy())
    asked.pipe(forwarded)
  })
  return new Promise((open, fail) => {
    door.once('error', fail)
    door.listen(Number(port), host, () => open(door))
  })
}

/** Whether a chain of certificates leads to one of the authorities that browsers know. One made on the spot does not: a
 * browser that insisted on https by it would be locked out on the day that it is made anew.
 * @param chain in PEM, the server's own first */
export function isPublic(chain: string): boolean {
  const certificates = chain.match(/-----BEGIN CERTIFICATE-----[\s\S]+?-----END CERTIFICATE-----/g) ?? []
  const last = certificates.at(-1)
  if (!last) return false
  const top = new X509Certificate(last)
  return rootCertificates.some((root) => {
    const authority = new X509Certificate(root)
    return top.checkIssued(authority) && top.verify(authority.publicKey)
  })
}

function pem(file: string, what: string): Buffer {
  try {
    return readFileSync(file)
  } catch {
    throw new Error(`The ${what} ${file} cannot be read. Give the path of a PEM file.`)
  }
}
