import { v7 as uuid } from 'uuid'
import { typedValue, type Field } from '@/core/entries/field'
import { fieldsOf } from '@/core/entries/sums'
import type { Units } from '@/core/measure/length'
import type { Narration } from '@/core/narration/line'
import type { Mend } from '@/core/narration/phrases'
import type { sheetKept } from '@/core/narration/sheets/sheetFacts'
import type { Proposal } from '@/core/narration/spokenFacts'
import type { Unsaid } from '@/core/narration/unsaid'
import type { VisitKind } from '@/core/walk/observation'
import { wordsIn, type Typed } from '../shared/typed'
import type { SiteWalk } from './useSiteWalk'

/** What was read of some words, and how a line of it is mended. */
export interface Heard {
  readonly lines: readonly Shown[]
  readonly unsaid: readonly Unsaid[]
  /** A line as somebody put it right. */
  readonly mended: (shown: Shown, mend: Mend) => Shown
}

/** Under this likelihood a line is asked, not taken. */
const UNSURE = 0.55

/** Walks on which what is told of is what will be done. */
const LAYS_OUT: readonly VisitKind[] = ['scope', 'kickoff', 'layout']

/** Reads what was said. The grammar is fetched when it is first needed; without a network the phone has kept it. */
export async function readBack({ state, before, snapshot, walk }: SiteWalk, narration: Narration): Promise<Heard> {
  const [{ narrate, otherReading }, { proposalsOf }, { proposalOf }, { asTaught, mendedLine }, { unsaidOf }, model] =
    await Promise.all([
      import('@/core/narration/narrate'),
      import('@/core/narration/proposals'),
      import('@/core/narration/spokenFacts'),
      import('@/core/narration/phrases'),
      import('@/core/narration/unsaid'),
      import('./speechModel').then(({ speechModel }) => speechModel()),
    ])
  const setting = {
    state,
    before,
    units: narration.units,
    newId: uuid,
    laysOut: walk !== null && LAYS_OUT.includes(walk.kind),
    ...(snapshot.rates ? { rates: snapshot.rates } : {}),
    ...(snapshot.standards ? { standards: snapshot.standards } : {}),
  }
  const lines = asTaught(narrate(narration, model), snapshot.phrases ?? [], narration)
  const proposals = proposalsOf(lines, narration, setting)
  const shown = proposals.map((proposal): Shown => {
    const { line, sheet } = proposal
    if (sheet) return sheetShown(proposal, proposalOf({ ...line, kind: 'note' }, setting))
    if (proposal.guessed) {
      const words = proposalOf({ ...line, kind: 'note' }, setting)
      return { proposal, other: words, words }
    }
    const other = (line.sure ?? 1) < UNSURE ? otherReading(line, narration) : null
    if (!other) return alone(proposal)
    const words = { kind: 'note', words: line.words, ...(line.place ? { place: line.place } : {}) } as const
    const [read, kept] = [other, line.private ? { ...words, private: true as const } : words].map((one) =>
      proposalOf(one, setting),
    )
    return read!.says === proposal.says ? alone(proposal) : { proposal, other: read!, words: kept! }
  })
  return {
    // What is not sure is asked first.
    lines: [...shown.filter(({ other }) => other), ...shown.filter(({ other }) => !other)],
    unsaid: unsaidOf(proposals, state),
    mended: ({ proposal: { line } }, mend) => alone(proposalOf(mendedLine(line, mend, narration), setting)),
  }
}

const alone = (proposal: Proposal): Shown => ({ proposal, other: null, words: null })

/** What was read, and where that is not sure what else it may be and its bare words. */
export interface Shown {
  readonly proposal: Proposal
  readonly other: Proposal | null
  readonly words: Proposal | null
}

/** What is kept of it: what was tapped; where nothing was, the words alone. */
export const chosen = ({ proposal, other, words }: Shown, picked: 'proposal' | 'other' | undefined): Proposal =>
  other === null ? proposal : picked === 'proposal' ? proposal : picked === 'other' ? other : words!

/** A sheet as it is shown: where its figures did not all find a field, beside what the lines of its words tell.
 * @param words its words as a note */
export function sheetShown(proposal: Proposal, words: Proposal): Shown {
  const { sure, lacks, instead } = proposal.sheet!
  if (sure || lacks.length > 0) return { proposal, other: null, words }
  const other = insteadOf(proposal, instead.length > 0 ? instead : [words])
  return { proposal, other, words }
}

const insteadOf = ({ line, placeId }: Proposal, lines: readonly Proposal[]): Proposal => ({
  line,
  placeId,
  says: [...new Set(lines.map(({ says }) => says))].join('; '),
  facts: lines.flatMap(({ facts }) => facts),
})

/** The fields of a sheet that stand open: all of them where somebody changes it, or else what it still lacks. */
export function openFields(
  shown: Shown,
  picked: 'proposal' | 'other' | undefined,
  changing: boolean,
): readonly Field[] {
  const { sheet } = chosen(shown, picked)
  if (!sheet) return []
  return changing ? fieldsOf(sheet.register) : sheet.lacks
}

/** What an open sheet records. While what it lacks is left empty, what the lines of its words tell is kept.
 * @param open what stands in its open fields
 * @param keep comes with the grammar, which is fetched when it is first needed
 * @throws ImpossibleRequest naming the field that cannot be read */
export function sheetIn(
  { proposal, words }: Shown,
  open: Typed,
  units: Units,
  keep: typeof sheetKept,
): Pick<Proposal, 'facts' | 'toConfirm'> {
  const { register, values, lacks, instead } = proposal.sheet!
  const typed = (key: string): string =>
    key in open
      ? wordsIn(open)(key)
      : typedValue(
          fieldsOf(register).find((one) => one.key === key)!,
          values[key],
        )
  if (lacks.every(({ key }) => typed(key).trim() === '') && lacks.length > 0)
    return insteadOf(proposal, instead.length > 0 ? instead : [words!])
  return keep({ ...proposal, sheet: proposal.sheet! }, typed, units, uuid)
}
