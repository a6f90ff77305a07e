import { Command } from 'commander'
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
      await serve(options)
      await printAddresses(options)
    })
