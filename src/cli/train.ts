import { createHash } from 'node:crypto'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { Command } from 'commander'
import { decodeModel, encodeModel } from '../core/narration/learned/model'
import { WEIGHTS } from './speechWeights'
import { labelledParagraphs, trainingExamples } from './training/examples'
import { learn } from './training/learn'
import { scoreOf, scoreTable } from './training/score'

/** What they were made from, and what came out, by digest. */
export const MADE_FROM = join('training', 'made.json')

/** All that the weights are made from. */
const SOURCES = [
  'training/paragraphs.jsonl',
  'training/told.txt',
  'tests/fixtures/spokenSentences.txt',
  'src/cli/training/learn.ts',
  'src/cli/training/examples.ts',
  'src/core/narration/learned/features.ts',
  'src/core/narration/learned/words.ts',
  'src/core/narration/learned/model.ts',
] as const

const digest = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex')

/** The digests of what the weights are made from. */
export const sourceDigests = (root: string): Record<string, string> =>
  Object.fromEntries(SOURCES.map((path) => [path, digest(readFileSync(join(root, path)))]))

export const weightsDigest = (root: string): string => digest(readFileSync(join(root, WEIGHTS)))

export const trainCommand = (): Command =>
  new Command('train')
    .description('Makes the weights of speech anew from the labelled sentences; voices held out with --hold.')
    .option('--hold <voices>', 'leave these voices out, parted by commas, and score them; no file is written')
    .action(({ hold }: { readonly hold?: string }) => {
      const root = process.cwd()
      const held = hold?.split(',').map((voice) => voice.trim()) ?? []
      const examples = trainingExamples(root)
      const bytes = encodeModel(learn(examples.filter(({ voice }) => !held.includes(voice))))
      const model = decodeModel(bytes)
      const all = labelledParagraphs(root)
      const voices = [...new Set(all.map(({ voice }) => voice))].filter(
        (voice) => held.length === 0 || held.includes(voice),
      )
      console.log(
        scoreTable(
          voices.map(
            (voice) =>
              [
                voice,
                scoreOf(
                  all.filter((one) => one.voice === voice),
                  model,
                ),
              ] as const,
          ),
        ),
      )
      console.log(`${bytes.length} bytes, ${gzipSync(bytes).length} compressed.`)
      if (held.length > 0) return
      writeFileSync(join(root, WEIGHTS), bytes)
      writeFileSync(
        join(root, MADE_FROM),
        `${JSON.stringify({ from: sourceDigests(root), weights: digest(bytes) }, null, 2)}\n`,
      )
    })
