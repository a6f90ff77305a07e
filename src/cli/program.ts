import { Command } from 'commander'
import { backupCommand } from './backup'
import { benchCommand } from './bench'
import { checkCommand } from './check'
import { demoCommand } from './demo'
import { migrateCommand, rebuildCommand } from './keep'
import { narrateCommand } from './narrate'
import { restoreCommand } from './restore'
import { startCommand } from './start'
import { takeoffCommand } from './takeoff'
import { trainCommand } from './train'

/** Everything that `bin/aftermist` can be told. */
export const program = new Command('aftermist')
  .description('Walk a site, know what is left, plan who comes when, tell who has to know.')
  .showHelpAfterError()

for (const command of [
  startCommand,
  demoCommand,
  migrateCommand,
  rebuildCommand,
  checkCommand,
  backupCommand,
  restoreCommand,
  benchCommand,
  narrateCommand,
  takeoffCommand,
  trainCommand,
])
  program.addCommand(command())
