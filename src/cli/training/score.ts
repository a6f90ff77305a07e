import type { SpeechModel } from '../../core/narration/learned/model'
import type { SpokenLine } from '../../core/narration/line'
import { narrate } from '../../core/narration/narrate'
import type { Example } from './examples'

const FIELDS = [
  ...(['kind', 'place', 'element', 'action', 'stage', 'percent', 'state', 'quantity', 'dims', 'condition'] as const),
  ...(['certain', 'trade', 'leadDays', 'date', 'extra', 'amount', 'until', 'private'] as const),
]
/** Millimetres by which a size may be off. */
const NEAR = 1

/** How well some paragraphs were read. */
export interface Score {
  readonly lines: number
  /** Share of all told fields that were read. */
  readonly recall: number
  /** Share of lines of which every field was. */
  readonly whole: number
  /** Share of lines other than notes whose kind and place some told line has. */
  readonly precision: number
  /** Lines said to be sure by nine in ten and more, and how many of those have a kind and place that was told. */
  readonly sure: readonly [lines: number, right: number]
  /** How sure each line was said to be, and whether its kind and place were told. */
  readonly said: readonly (readonly [sure: number, right: boolean])[]
}

/** Reads paragraphs and holds the lines against those that they should be. */
export function scoreOf(examples: readonly Example[], model?: SpeechModel): Score {
  let [fields, hit, whole, lines, told, right, sure, sureRight] = [0, 0, 0, 0, 0, 0, 0, 0]
  const said: (readonly [number, boolean])[] = []
  for (const { narration, lines: gold } of examples) {
    const read = narrate(narration, model)
    const open = new Set(read)
    for (const want of gold) {
      const keys = FIELDS.filter((key) => want[key] !== undefined)
      const found = [...open]
        .filter(({ kind }) => kind === want.kind)
        .map((line) => ({ line, same: keys.filter((key) => equal(key, want, line)).length }))
        .sort((a, b) => b.same - a.same)[0]
      lines++
      fields += keys.length
      if (!found) continue
      open.delete(found.line)
      hit += found.same
      if (found.same === keys.length) whole++
    }
    for (const line of read) {
      const known = gold.some(({ kind, place }) => kind === line.kind && place === line.place)
      said.push([line.sure ?? 0, known])
      if ((line.sure ?? 0) >= 0.9) {
        sure++
        if (known) sureRight++
      }
      if (line.kind === 'note') continue
      told++
      if (known) right++
    }
  }
  return { lines, recall: hit / fields, whole: whole / lines, precision: right / told, sure: [sure, sureRight], said }
}

function equal(key: (typeof FIELDS)[number], want: SpokenLine, have: SpokenLine): boolean {
  if (key === 'until') return Boolean(have.until)
  if (key === 'dims')
    return (
      have.dims?.length === want.dims?.length && want.dims!.every((one, i) => Math.abs(one - have.dims![i]!) <= NEAR)
    )
  return have[key] === want[key]
}

const share = (value: number): string => value.toFixed(3)

/** Scores as a table, a row each. */
export const scoreTable = (rows: readonly (readonly [string, Score])[]): string =>
  [
    'voice                       lines  recall  whole  precision  sure of all  right of sure',
    ...rows.map(
      ([
        voice,
        {
          lines,
          recall,
          whole,
          precision,
          sure: [count, right],
        },
      ]) =>
        [
          voice.padEnd(27),
          String(lines).padStart(5),
          share(recall).padStart(7),
          share(whole).padStart(6),
          share(precision).padStart(10),
          share(count / lines).padStart(12),
          (count > 0 ? share(right / count) : '-').padStart(14),
        ].join(' '),
    ),
  ].join('\n')
