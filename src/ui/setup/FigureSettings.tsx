'use client'
import { RATE_UNITS, RATES, type RateKey } from '@/core/scope/rates'
import type { LearnedRow } from '@/core/learning/learnedRow'
import { Learned } from './Learned'
import { FiguresTable, standardFigures, type Figure, type StandardsView } from './FiguresTable'

const rateFigures = (own: Readonly<Record<string, number>>): Figure[] =>
  (Object.keys(RATES) as RateKey[]).map((key) => ({
    key,
    of: 'rate',
    use: 'Hours of one person',
    title: RATES[key].words,
    usual: String(RATES[key].hours),
    unit: RATE_UNITS[RATES[key].unit],
    own: String(own[key] ?? ''),
  }))

/** The firm's own figures: hours of work, and what its sums are reckoned with. */
export const FigureSettings = (props: {
  readonly learned: readonly LearnedRow[]
  readonly rates: Readonly<Record<string, number>>
  readonly standards: StandardsView
}) => (
  <>
    <h1>Figures</h1>
    <Learned learned={props.learned} />
    <h2>What is counted with</h2>
    <FiguresTable
      siteId={null}
      figures={[...rateFigures(props.rates), ...standardFigures(props.standards)]}
      says="Used on every site that sets no other. Leave empty for the usual figure of the trade."
    />
  </>
)
