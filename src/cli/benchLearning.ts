import { Command } from 'commander'
import type { Day } from '../core/calendar/day'
import type { Case } from '../core/learning/cases'
import { isWorthOffering, paceKey, pacesOf } from '../core/learning/pace'
import { seededRandom } from '../core/schedule/random'
import type { RateKey } from '../core/scope/rates'
import type { Trade } from '../core/scope/vocabulary'

const FIRMS = 400
const ROOMS = [3, 10, 30]
/** Rooms that are predicted once those are learned from. */
const AHEAD = 40

/** Who comes to a room, for two sorts of work each. */
const COMING: readonly (readonly [Trade, readonly RateKey[]])[] = [
  ['carpenter', ['frame-room', 'trim']],
  ['electrician', ['wires-room', 'fixtures-wires']],
  ['plumber', ['pipes-bath', 'fixtures-bath']],
  ['drywaller', ['board', 'tape']],
  ['painter', ['paint', 'paint-trim']],
  ['tiler', ['tile-bath', 'tile-splash']],
]

interface Truth {
  readonly says: string
  /** Crews take between so many times the usual, evenly on a logarithmic scale. */
  readonly crews: readonly [number, number]
  /** Spreads of the logarithm: of one sort of work about its crew, of one coming. */
  readonly work: number
  readonly coming: number
}

/** Truths that the learner never sees; its own spreads are others. */
const TRUTHS: readonly Truth[] = [
  { says: 'crews of 0.6 to 1.8 times the usual', crews: [0.6, 1.8], work: 0.2, coming: 0.3 },
  { says: 'crews as usual', crews: [1, 1], work: 0, coming: 0.3 },
]

interface Row {
  readonly truth: string
  readonly rooms: number
  readonly 'error without, %': string
  readonly 'error with, %': string
  readonly 'error gone': string
}

/** How much nearer the likely hours of a room come once a firm has learned from its rooms and took every offer. */
export function benchLearningCommand(): Command {
  return new Command('learning')
    .description(
      'Firms whose crews differ from the usual: the error of likely hours with what was learned and without.',
    )
    .action(() => console.table(TRUTHS.flatMap((truth) => ROOMS.map((rooms) => row(truth, rooms)))))
}

function row(truth: Truth, rooms: number): Row {
  const random = seededRandom(rooms + 1)
  const bell = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
  let [without, withIt] = [0, 0]
  for (let firm = 0; firm < FIRMS; firm++) {
    const [low, high] = truth.crews.map(Math.log) as [number, number]
    const crews = new Map(COMING.map(([trade]) => [trade, low + (high - low) * random()]))
    const works = new Map(COMING.flatMap(([, rates]) => rates.map((rate) => [rate, truth.work * bell()] as const)))
    const room = (): Case[] =>
      COMING.flatMap(([trade, rates]) =>
        rates.map((rate): Case => {
          const reckoned = 6 + 30 * random()
          const log = crews.get(trade)! + works.get(rate)! + truth.coming * bell()
          return {
            site: 'a site',
            where: 'a room',
            trade,
            crewId: trade,
            rate,
            reckoned,
            took: reckoned * Math.exp(log),
            by: 'hours',
            on: '2026-03-10' as Day,
          }
        }),
      )
    const taken = new Map(
      pacesOf(Array.from({ length: rooms }, room).flat())
        .filter((pace) => isWorthOffering(pace, 1))
        .map((pace) => [paceKey(pace), pace.times]),
    )
    for (let i = 0; i < AHEAD; i++) {
      const comings = room()
      const truly = sum(comings.map(({ took }) => took))
      const likely = sum(comings.map((one) => one.reckoned * (taken.get(paceKey(one)) ?? 1)))
      without += Math.abs(sum(comings.map(({ reckoned }) => reckoned)) - truly) / truly
      withIt += Math.abs(likely - truly) / truly
    }
  }
  const share = (error: number): string => ((100 * error) / (FIRMS * AHEAD)).toFixed(1)
  return {
    truth: truth.says,
    rooms,
    'error without, %': share(without),
    'error with, %': share(withIt),
    'error gone': `${(100 * (1 - withIt / without)).toFixed(0)} %`,
  }
}

const sum = (all: readonly number[]): number => all.reduce((total, one) => total + one, 0)
