import { existsSync, readdirSync } from 'node:fs'
import { basename, dirname, join, resolve } from 'node:path'
import { Command } from 'commander'
import { databaseFile } from '../server/firmFolder'
import { ASIDE } from './restore'
import { printAddresses, serve, type ServeOptions } from './serve'

export const startCommand = (): Command =>
  new Command('start')
    .description('Serve a firm from its folder; on an empty folder the first page creates the firm.')
    .requiredOption('--data <dir>', "the firm's folder")
    .option('--port <port>', 'port to listen on', '4400')
    .option('--host <host>', 'address to listen on', '0.0.0.0')
    .option('--tls-cert <file>', 'certificate in PEM, for a secure address that phones need')
    .option('--tls-key <file>', 'its key in PEM')
    .action(async (options: ServeOptions) => {
      requireNoRestoreCutShort(resolve(options.data))
      await serve(options)
      await printAddresses(options)
    })

/** A restore that was killed between two names leaves the firm beside its folder: nobody may start a new one there. */
function requireNoRestoreCutShort(folder: string): void {
  if (existsSync(databaseFile(folder)) || !existsSync(dirname(folder))) return
  const aside = readdirSync(dirname(folder)).filter((name) => name.startsWith(`${basename(folder)}${ASIDE}`))
  if (aside.length > 0)
    throw new Error(
      `${folder} holds no firm, but a restore was cut short: what stood there is in ${join(dirname(folder), aside.at(-1)!)}. Run the restore again, or move that folder back.`,
    )
}
