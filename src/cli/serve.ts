import { spawn, type ChildProcess } from 'node:child_process'
import { existsSync, mkdirSync } from 'node:fs'
import { networkInterfaces } from 'node:os'
import { resolve } from 'node:path'
import QRCode from 'qrcode'
import { isLocked } from '../data/folderLock'
import { freePort, isFree } from './freePort'
import { openSecureDoor } from './secureDoor'

export interface ServeOptions {
  readonly data: string
  readonly port: string
  readonly host: string
  /** PEM files of a certificate; with both, phones get a secure address. */
  readonly tlsCert?: string
  readonly tlsKey?: string
}

/** Starts the built server on a firm's folder and waits until it answers.
 * @throws where the port is taken, the folder is served already, or nothing is built */
export async function serve(options: ServeOptions): Promise<ChildProcess> {
  const { tlsCert, tlsKey, port, host } = options
  if (isLocked(resolve(options.data)))
    throw new Error(`Another server works on ${resolve(options.data)}. One server a folder: stop that one first.`)
  if (!/^\d{1,5}$/.test(port) || Number(port) > 65_535)
    throw new Error(`Port "${port}": write a number from 1 to 65535.`)
  if (!(await isFree(Number(port), host)))
    throw new Error(`Port ${port} is taken. Choose another with --port, or stop what listens there.`)
  if (!tlsCert && !tlsKey) return serveHttp(options)
  if (!tlsCert || !tlsKey) throw new Error('A certificate needs its key: give --tls-cert and --tls-key both.')
  const inner = String(await freePort())
  const server = await serveHttp({ ...options, port: inner, host: '127.0.0.1' })
  try {
    const door = await openSecureDoor({ ...options, cert: tlsCert, key: tlsKey, inner })
    server.once('exit', () => door.close())
  } catch (error) {
    server.kill('SIGTERM')
    throw error
  }
  return server
}

async function serveHttp(options: ServeOptions): Promise<ChildProcess> {
  const data = resolve(options.data)
  mkdirSync(data, { recursive: true, mode: 0o700 })
  if (!existsSync(resolve('.next/BUILD_ID')))
    throw new Error('Nothing is built yet. Run bin/demo once, or npm run build.')
  const server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-p', options.port, '-H', options.host],
    {
      env: {
        ...process.env,
        AFTERMIST_DATA: data,
        AFTERMIST_ADDRESS: process.env.AFTERMIST_ADDRESS ?? addressOf(options),
        NEXT_TELEMETRY_DISABLED: '1',
        NODE_ENV: 'production',
      },
      stdio: ['ignore', 'ignore', 'inherit'],
    },
  )
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => server.kill('SIGTERM'))
  await answering(`http://127.0.0.1:${options.port}/manifest.webmanifest`, server)
  return server
}

async function answering(url: string, server: ChildProcess): Promise<void> {
  for (let tries = 0; tries < 300; tries++) {
    if (server.exitCode !== null) throw new Error('The server stopped at once; what it said stands above.')
    const answer = await fetch(url).catch(() => null)
    if (answer?.ok) return
    await new Promise((wait) => setTimeout(wait, 100))
  }
  server.kill('SIGTERM')
  throw new Error('The server did not answer within half a minute.')
}

const isOwn = (host: string): boolean => host === '127.0.0.1' || host === 'localhost'

/** The address on this network, or null where only this machine is served. */
function outside({ host }: Pick<ServeOptions, 'host'>): string | null {
  if (isOwn(host)) return null
  const found = Object.values(networkInterfaces())
    .flat()
    .find((one) => one && one.family === 'IPv4' && !one.internal)
  return found?.address ?? null
}

/** Where links lead until the firm sets an address of its own. */
const addressOf = (options: ServeOptions): string =>
  `${options.tlsCert ? 'https' : 'http'}://${outside(options) ?? 'localhost'}:${options.port}`

/** Prints where to go, for this machine and for a phone, and what plain http cannot do there. */
export async function printAddresses(options: ServeOptions): Promise<void> {
  const { port, tlsCert } = options
  console.log(`\n  On this machine:  ${tlsCert ? 'https' : 'http'}://localhost:${port}`)
  if (!outside(options)) return
  const url = addressOf(options)
  console.log(`  On your network:  ${url}\n`)
  console.log(await QRCode.toString(url, { type: 'terminal', small: true }))
  if (tlsCert) return console.log('  The phone has to trust the certificate once; docs/using.md says how.\n')
  console.log('  Over plain http a phone cannot keep the walk offline or use its camera inside the app.')
  console.log('  For that give --tls-cert and --tls-key, or put an https proxy in front (docs/using.md shows both).\n')
}
