import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { Command } from 'commander'
import { loadDemo } from '../demo/loadDemo'
import { FIRM } from '../demo/firm'
import { openFirmFolder } from '../server/firmFolder'
import { closeSolver } from '../server/plan/solver'
import { printAddresses, serve } from './serve'

interface DemoOptions {
  readonly data: string
  readonly port: string
  readonly host: string
  readonly fresh?: boolean
  readonly serve: boolean
}

export const demoCommand = (): Command =>
  new Command('demo')
    .description('Load the demo firm and serve it. Everything in it is made up.')
    .option('--data <dir>', 'folder of the demo', '.demo')
    .option('--port <port>', 'port to listen on', '4400')
    .option('--host <host>', 'address to listen on', '127.0.0.1')
    .option('--fresh', 'throw away what was done in the demo')
    .option('--no-serve', 'only load the data')
    .action(async (options: DemoOptions) => {
      await prepareDemo(options)
      if (!options.serve) return
      await serve(options)
      await printAddresses(options)
      console.log(
        `\n  Sign in: one click as owner, lead or crew; or "owner", "lead", "crew" with "${FIRM.password}".\n`,
      )
    })

/** Loads the demo where it is missing, was made on another day, or is wanted fresh: it is always mid-flight. */
async function prepareDemo(options: DemoOptions): Promise<void> {
  const folder = resolve(options.data)
  const marker = join(folder, 'demo-day')
  const day = process.env.AFTERMIST_TODAY ?? new Date().toISOString().slice(0, 10)
  const made = existsSync(marker) ? readFileSync(marker, 'utf8') : null
  if (made === day && !options.fresh) return
  if (made === null && existsSync(join(folder, 'aftermist.sqlite')))
    throw new Error(`${folder} holds a real firm. Give the demo a folder of its own with --data.`)
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(folder, { recursive: true })
  // Marked from the first moment as a demo, so that one cut short is made anew and not taken for a real firm.
  writeFileSync(marker, 'unfinished')
  const firm = await openFirmFolder(folder)
  try {
    await loadDemo(firm)
  } finally {
    await closeSolver()
    firm.db.close()
  }
  writeFileSync(marker, day)
}
