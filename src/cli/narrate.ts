import { createInterface } from 'node:readline'
import { Command } from 'commander'
import { array, object, string } from 'yup'
import { parseDay } from '../core/calendar/day'
import { readFileSync } from 'node:fs'
import { decodeModel, type SpeechModel } from '../core/narration/learned/model'
import { narrate } from '../core/narration/narrate'
import type { Narration } from '../core/narration/line'
import { WEIGHTS } from './speechWeights'

const caseSchema = object({
  id: string().required(),
  text: string().defined(),
  places: array(string().required()).default([]),
  current: string().nullable().default(null),
  units: string().oneOf(['imperial', 'metric']).default('metric'),
  today: string().required(),
  walk: string().oneOf(['scope', 'progress', 'before cover', 'completion', 'end of day'] as const),
})

export const narrateCommand = (): Command =>
  new Command('narrate')
    .description('Plain words in, structured lines out: JSON Lines on standard input and output.')
    .option('--rules', 'by the rules alone, without what was learned')
    .action(async ({ rules }: { readonly rules?: true }) => {
      const model = rules ? undefined : decodeModel(readFileSync(WEIGHTS))
      for await (const row of createInterface({ input: process.stdin })) {
        if (row.trim() === '') continue
        console.log(JSON.stringify(answer(row, model)))
      }
    })

/** A row that cannot be read is answered with its reason and never stops the rest. */
function answer(row: string, model: SpeechModel | undefined): object {
  try {
    const input = caseSchema.validateSync(JSON.parse(row))
    const { walk, ...told } = input
    const narration: Narration = {
      ...told,
      units: input.units as Narration['units'],
      today: parseDay(input.today),
      ...(walk ? { walk } : {}),
    }
    return { id: input.id, lines: narrate(narration, model).map(({ or: _or, ...line }) => line) }
  } catch (error) {
    return { id: null, error: { message: error instanceof Error ? error.message : String(error) }, lines: [] }
  }
}
