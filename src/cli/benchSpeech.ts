import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { Command } from 'commander'
import { sentencesOf } from '../core/narration/clauses'
import { decodeModel, encodeModel } from '../core/narration/learned/model'
import { narrate } from '../core/narration/narrate'
import { WEIGHTS } from './speechWeights'
import { took } from './took'
import { labelledParagraphs, trainingExamples } from './training/examples'
import { learn } from './training/learn'
import { scoreOf, scoreTable, type Score } from './training/score'

/** So many voices are left out of one training. */
const HELD_AT_ONCE = 3
/** The lower ends of the stretches in which likelihoods are held against what was right. */
const STEPS = [0, 0.5, 0.7, 0.8, 0.9, 0.95, 0.97]

export const benchSpeechCommand = (): Command =>
  new Command('speech')
    .description('How well speech is read, each voice held out of the training; how sure, how fast, how large.')
    .action(async () => {
      const root = process.cwd()
      const scores = heldOut(root)
      console.log(scoreTable([...scores, ['all of them', together(scores.map(([, score]) => score))]]))
      console.table(calibration(scores.flatMap(([, { said }]) => said)))
      const bytes = readFileSync(WEIGHTS)
      const { sentences, milliseconds } = await speed(root, decodeModel(new Uint8Array(bytes)))
      console.table([
        { what: 'sentences a second, one core', figure: (sentences / milliseconds) * 1000, goal: 500 },
        { what: 'milliseconds a sentence, six times slower', figure: (6 * milliseconds) / sentences, goal: 40 },
        { what: 'weights compressed, kB', figure: gzipSync(bytes).length / 1000, goal: 150 },
      ])
    })

/** Every voice, scored by weights that were made without it. */
function heldOut(root: string): (readonly [string, Score])[] {
  const examples = trainingExamples(root)
  const all = labelledParagraphs(root)
  const voices = [...new Set(all.map(({ voice }) => voice))]
  const scores: (readonly [string, Score])[] = []
  for (let at = 0; at < voices.length; at += HELD_AT_ONCE) {
    const held = voices.slice(at, at + HELD_AT_ONCE)
    const model = decodeModel(encodeModel(learn(examples.filter(({ voice }) => !held.includes(voice)))))
    for (const voice of held) {
      const own = all.filter((one) => one.voice === voice)
      scores.push([voice, scoreOf(own, model)])
    }
  }
  return scores
}

/** Scores of several voices as one, each by its lines. */
function together(scores: readonly Score[]): Score {
  const lines = scores.reduce((sum, one) => sum + one.lines, 0)
  const mean = (of: (one: Score) => number): number => scores.reduce((sum, one) => sum + of(one) * one.lines, 0) / lines
  const sum = (at: 0 | 1): number => scores.reduce((all, { sure }) => all + sure[at], 0)
  return {
    lines,
    recall: mean(({ recall }) => recall),
    whole: mean(({ whole }) => whole),
    precision: mean(({ precision }) => precision),
    sure: [sum(0), sum(1)],
    said: [],
  }
}

/** How many of the lines of each likelihood were right. */
const calibration = (said: Score['said']): object[] =>
  STEPS.map((from, at) => {
    const to = STEPS[at + 1] ?? 1.01
    const here = said.filter(([sure]) => sure >= from && sure < to)
    return {
      'said to be': `${from} to ${Math.min(to, 1)}`,
      lines: here.length,
      right: here.length > 0 ? (here.filter(([, right]) => right).length / here.length).toFixed(3) : '-',
    }
  })

async function speed(
  root: string,
  model: ReturnType<typeof decodeModel>,
): Promise<{ sentences: number; milliseconds: number }> {
  const narrations = labelledParagraphs(root).map(({ narration }) => narration)
  const sentences = narrations.reduce((sum, { text }) => sum + sentencesOf(text).length, 0)
  const milliseconds = await took(() => narrations.forEach((narration) => narrate(narration, model)))
  return { sentences, milliseconds }
}
