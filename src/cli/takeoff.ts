import { createInterface } from 'node:readline'
import { Command } from 'commander'
import { answerCase, describeCalculations } from '../core/takeoff/answerCase'

export const takeoffCommand = (): Command =>
  new Command('takeoff')
    .description('Reckon quantities: one case a line, JSON Lines on standard input and output.')
    .option('--describe', 'print every calculation with its inputs and outputs, and stop')
    .action(async ({ describe }: { describe?: boolean }) => {
      if (describe) return describeCalculations().forEach((one) => console.log(JSON.stringify(one)))
      for await (const row of createInterface({ input: process.stdin })) {
        if (row.trim() !== '') console.log(JSON.stringify(answerCase(parsed(row))))
      }
    })

/** A line that is no JSON is answered as a case that cannot be read, and never stops the rest. */
function parsed(row: string): unknown {
  try {
    return JSON.parse(row)
  } catch {
    return row
  }
}
