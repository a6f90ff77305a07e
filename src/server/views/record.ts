import { addDays, dateOnly, dayOf, isInstant, shortDay, type Day } from '../../core/calendar/day'
import { dueDay, standingOf } from '../../core/entries/due'
import { knownValues, kindOf } from '../../core/entries/entry'
import { entryWords } from '../../core/entries/entryWords'
import { lineFollowing } from '../../core/entries/following'
import { fieldsOf } from '../../core/entries/sums'
import { siteTotals } from '../../core/entries/totals'
import { boughtFor, materialTotals } from '../../core/reckoning/materials'
import { ENTRY_GROUPS, type EntryGroup } from '../../core/entries/entryKind'
import { ENTRY_KINDS } from '../../core/entries/entryKinds'
import { withoutMoney } from '../../core/entries/field'
import { fittingHere } from '../../core/find/fitting'
import { answersWords } from '../../core/walk/answersWords'
import { gathered } from '../../core/scope/gathered'
import type { LineLaid } from '../../core/scope/line'
import { workWords } from '../../core/scope/workAmount'
import { placeName, type RegisterEntry } from '../../core/walk/siteState'
import { readRates } from '../../data/rates'
import { readStandards } from '../../data/standards'
import type { Context } from '../context'
import { setAsideAt } from '../siteStates'

/** Days ahead in which something counts as due. */
const SOON = 7

/** What a site has on record beside its work: every kind of entry with what stands in it, and what waits for an answer. */
export function recordView(context: Context, siteId: string) {
  const site = context.site(siteId)
  const state = context.record(site)
  const { seesMoney } = context
  const standards = readStandards(context.db, site.id)
  const soon = addDays(context.today, SOON)
  const totals = siteTotals(state.entries, site.units, standards, undefined, seesMoney)
  const materials = materialTotals(state.lines, boughtFor(state), { units: site.units, standards })
  const laying = {
    lines: state.lines.filter(({ excluded }) => excluded === null),
    units: site.units,
    rates: readRates(context.db),
  }
  /** The work that follows from an entry and stands in no line. */
  const follows = (entry: RegisterEntry): { words: string; line: LineLaid } | null => {
    if (entry.settled !== null || entry.placeId === null) return null
    const words = state.notes.find(({ about }) => about === entry.id)?.text ?? ''
    const line = lineFollowing(kindOf(entry.kind), knownValues(entry), words, { id: entry.placeId }, laying)
    return line && { words: [line.title, workWords(line, site.units)].join(', '), line }
  }
  return {
    site: { id: site.id, name: site.name, units: site.units },
    places: state.places.map(({ id, name }) => ({ id, name, fitting: fittingHere(id, state) })),
    asked: state.decisions
      .filter((one) => one.answer === null)
      .map(({ id, placeId, question, owner, by }) => ({
        id,
        placeId,
        place: placeName(state, placeId),
        words: question,
        tail: [answersWords(owner), ...(by ? [`by ${shortDay(by)}`] : [])].join(', '),
      })),
    leftOut: context.seesMoney
      ? setAsideAt(context.db, site).map(({ observation, why }) => ({
          id: observation.id,
          what: `${observation.subject}, ${observation.facet}`,
          value: JSON.stringify(observation.value).slice(0, 200),
          why,
          by: observation.by,
          on: isInstant(observation.seenAt) ? dateOnly(dayOf(observation.seenAt)) : observation.seenAt,
        }))
      : [],
    groups: Object.entries(ENTRY_GROUPS).map(([group, words]) => ({
      id: group as EntryGroup,
      words,
      registers: ENTRY_KINDS.filter((kind) => kind.group === group).map((kind) => ({
        kind: kind.id,
        overview: [
          ...(kind.overview?.(
            state.entries
              .filter((entry) => entry.kind === kind.id)
              .map((entry) => ({ ...entry, settled: entry.settled !== null })),
            state.places,
          ) ?? []),
          ...totals.flatMap((total) => (total.kind === kind && total.places > 1 ? [total.sentence] : [])),
          ...materials.flatMap(({ calculation, sentence }) =>
            calculation === kind.sum?.calculation ? [sentence] : [],
          ),
        ],
        entries: state.entries
          .filter((entry) => entry.kind === kind.id)
          .map((entry) => ({
            ...entryWords(entry, site.units, seesMoney, standards),
            follows: seesMoney ? follows(entry) : null,
            work: kind.gathers ? gathered(entry.id, state.lines).sentences : [],
            photos: state.photos
              .filter((photo) => photo.about === entry.id)
              .map(({ hash, caption, marks }) => ({ hash, caption, marks })),
            id: entry.id,
            placeId: entry.placeId,
            place: placeName(state, entry.placeId),
            values: seesMoney ? entry.values : withoutMoney(fieldsOf(kind), entry.values),
            standing: standingOf(entry, soon),
            due: dueWords(dueDay(entry)),
            result: entry.settled ? entry.settled.result || kind.settle!.word : null,
            responsible: entry.responsible,
            by: entry.seenBy,
            on: dateOnly(dayOf(entry.seenAt)),
          })),
      })),
    })),
  }
}

const dueWords = (day: Day | null): string | null => (day === null ? null : `due ${shortDay(day)}`)
