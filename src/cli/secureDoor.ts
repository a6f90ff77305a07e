import { readFileSync } from 'node:fs'
import { request } from 'node:http'
import { createServer, type Server } from 'node:https'

export interface SecureDoor {
  readonly cert: string
  readonly key: string
  readonly port: string
  readonly host: string
  /** Where the server itself listens, on this machine only. */
  readonly inner: string
}

/** Opens an https door in front of the server, with a certificate of one's own. */
export function openSecureDoor({ cert, key, port, host, inner }: SecureDoor): Promise<Server> {
  const door = createServer({ cert: pem(cert, 'certificate'), key: pem(key, 'key') }, (asked, answer) => {
    const forwarded = request(
      {
        host: '127.0.0.1',
        port: inner,
        method: asked.method,
        path: asked.url,
        headers: { ...asked.headers, 'x-forwarded-host': asked.headers.host ?? '', 'x-forwarded-proto': 'https' },
      },
      (got) => {
        answer.writeHead(got.statusCode ?? 502, got.headers)
        got.pipe(answer)
      },
    )
    forwarded.on('error', () => {
      if (!answer.headersSent) answer.writeHead(502, { 'content-type': 'text/plain' })
      answer.end('The server behind this door does not answer.')
    })
    asked.pipe(forwarded)
  })
  return new Promise((open, fail) => {
    door.once('error', fail)
    door.listen(Number(port), host, () => open(door))
  })
}

function pem(file: string, what: string): Buffer {
  try {
    return readFileSync(file)
  } catch {
    throw new Error(`The ${what} ${file} cannot be read. Give the path of a PEM file.`)
  }
}
