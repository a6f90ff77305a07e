import { createInterface } from 'node:readline'
import { Command } from 'commander'
import { array, object, string } from 'yup'
import { parseDay } from '../core/calendar/day'
import { readFileSync } from 'node:fs'
import { explained } from '../core/narration/learned/explain'
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
    .option('--explain', 'why each line was read so: what the rules read, how sure it is, what weighed most')
    .action(async ({ rules, explain }: { readonly rules?: true; readonly explain?: true }) => {
      const model = rules ? undefined : decodeModel(readFileSync(WEIGHTS))
      for await (const row of createInterface({ input: process.stdin })) {
        if (row.trim() === '') continue
        console.log(JSON.stringify(answer(row, model, explain === true)))
      }
    })

/** A row that cannot be read is answered with its reason and never stops the rest. */
function answer(row: string, model: SpeechModel | undefined, explain: boolean): object {
  try {
    const input = caseSchema.validateSync(JSON.parse(row))
    const { walk, ...told } = input
    const narration: Narration = {
      ...told,
      units: input.units as Narration['units'],
      today: parseDay(input.today),
      ...(walk ? { walk } : {}),
    }
    const lines = narrate(narration, model)
    return {
      id: input.id,
      lines: lines.map(({ or: _or, ...line }) => line),
      ...(explain && model ? { why: explained(lines, narration, model) } : {}),
    }
  } catch (error) {
    return { id: null, error: { message: error instanceof Error ? error.message : String(error) }, lines: [] }
  }
}
