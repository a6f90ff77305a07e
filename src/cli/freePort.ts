import { createServer } from 'node:net'

/** A port of this machine that nobody listens on. */
export const freePort = (): Promise<number> =>
  new Promise((found) => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => found(typeof address === 'object' && address ? address.port : 0))
    })
  })

/** Whether nobody listens on a port of an address of this machine. */
export const isFree = (port: number, host: string): Promise<boolean> =>
  new Promise((found) => {
    const probe = createServer()
    probe.once('error', () => found(false))
    probe.listen(port, host, () => probe.close(() => found(true)))
  })
