import { linesBy } from '../../core/scope/linesBy'
import { keptFor } from '../../core/lists/keptFor'
import { materialOf } from '../../core/reckoning/materials'
import type { Standards } from '../../core/takeoff/standards'
import { addDays, dateOnly, daysBetween, type Day } from '../../core/calendar/day'
import { workingDayOnOrBefore } from '../../core/calendar/workingDays'
import { measuredOn, selectionNeededOn } from '../../core/schedule/neededOn'
import { wholePromisedBy } from '../../core/schedule/promisedEnds'
import type { Plan } from '../../core/schedule/plan'
import { LEADS } from '../../core/scope/leads'
import { valueWords } from '../../core/entries/entry'
import { withoutMoney } from '../../core/entries/field'
import { selectionChecks } from '../../core/selections/selectionChecks'
import { likelySort, selectionFields } from '../../core/selections/selectionKinds'
import { candidateDays, chosenOf, clockBegins } from '../../core/selections/candidates'
import { senseOf } from '../../core/schedule/sense'
import { arrivalDay, orderByFrom, selectionReason } from '../../core/selections/orderBy'
import { isBought, isOnSite, type Awaited } from '../../core/selections/selection'
import type { SelectionRow } from '../../core/selections/selectionRow'
import { placeName, type SiteState } from '../../core/walk/siteState'
import type { Site } from '../../data/sites'

const kept = keptFor<SiteState, readonly SelectionRow[]>()

/** The selections of a site with their dates from the live plan, the most pressing first. Derived once a revision, plan and
 * day. */
export const selectionRows = (
  ...[site, state, plan, today, seesMoney, standards]: Parameters<typeof derivedRows>
): readonly SelectionRow[] =>
  kept(state, [site.revision, plan, today, seesMoney, JSON.stringify(standards)], () =>
    derivedRows(site, state, plan, today, seesMoney, standards),
  )

function derivedRows(
  site: Site,
  state: SiteState,
  plan: Plan | null,
  today: Day,
  seesMoney: boolean,
  standards: Standards,
): SelectionRow[] {
  const bought = { units: site.units, standards }
  const { orderBuffer } = senseOf(standards)
  const places = new Map(state.places.map((place) => [place.id, place]))
  const promised = wholePromisedBy(state)
  return state.selections
    .map((selection): SelectionRow => {
      // What has been ordered or has arrived late already pushes its visit: need is when the visit would like it.
      const toBuyOne = isBought(selection)
      const needed = toBuyOne ? selectionNeededOn(plan, selection, promised) : null
      const approval = selection.approvalDays ?? 0
      const measured = needed && measuredOn(plan, selection)
      const last =
        needed && (measured ?? orderByFrom(today, needed, selection.leadDays, approval, site.calendar, orderBuffer))
      const upper = selection.leadDays[2]
      const sort = selection.details?.sort ?? likelySort(selection.lead, selection.neededFor)
      const fields = selectionFields(sort)
      const told = selection.details?.values ?? {}
      const { state: stands, leadDays, arrives, awaited, candidates } = selection
      const orderedOn = awaited ? null : selection.orderedOn
      const begins = clockBegins(today, awaited)
      const expected = arrivalDay(stands, begins, leadDays, approval, arrives, orderedOn)
      const settled = isOnSite(selection.state) || !toBuyOne
      const open = selection.state !== 'ordered' && !settled
      const lines = linesBy(state.lines)
        .place(selection.placeId)
        .filter((line) => line.stage === selection.neededFor && line.excluded === null)
      const materials = lines.flatMap((line) => {
        const material = materialOf(line, { ...bought, place: places.get(line.placeId), selection })
        return material ? [{ line, material }] : []
      })
      return {
        id: selection.id,
        siteId: site.id,
        site: site.name,
        placeId: selection.placeId,
        place: placeName(state, selection.placeId),
        what: selection.what,
        choice: selection.choice,
        state: selection.state,
        bought: toBuyOne,
        leadDays: selection.leadDays,
        leadWords: LEADS[selection.lead].words,
        supplier: selection.supplier ?? '',
        approvalDays: approval,
        units: site.units,
        sort,
        values: seesMoney ? told : withoutMoney(fields, told),
        delivered: selection.delivered,
        details: valueWords(fields, told, site.units, seesMoney),
        toBuy: materials.flatMap(({ material }) => material.sentences.slice(0, 1)),
        heldBack:
          open && selection.state !== 'wrong'
            ? materials.flatMap(({ line }) =>
                line.rough ? [`${line.title} is not measured: measure it before this is ordered.`] : [],
              )
            : [],
        checks: [
          ...selectionChecks(selection, site.units, seesMoney),
          ...(awaited ? [awaitedWords(awaited, last)] : []),
        ],
        candidates: candidates.map(({ price, ...one }) => (seesMoney && price !== undefined ? { ...one, price } : one)),
        candidateDays: chosenOf(candidates, selection.choice)
          ? []
          : candidateDays(candidates, needed, approval, begins, site.calendar, orderBuffer).map(
              ({ sentence }) => sentence,
            ),
        awaits: awaited?.id ?? null,
        couldAwait: state.decisions.flatMap(({ id, question, answer }) => (answer === null ? [{ id, question }] : [])),
        neededOn: needed,
        orderBy: last,
        responsible: selection.responsible,
        arrives: selection.arrives,
        wanted: selection.wanted,
        reason: !toBuyOne
          ? 'It stays: nothing is ordered.'
          : selectionReason(
              selection.state,
              needed,
              last,
              selection.arrives,
              orderedOn,
              upper,
              today,
              measured !== null,
            ),
        daysAtStake:
          settled || !needed
            ? 0
            : Math.max(0, daysBetween(needed, open ? addDays(begins, upper + approval) : expected)),
        pressing: settled
          ? 10_000
          : !needed
            ? 5_000
            : open
              ? daysBetween(today, last!)
              : daysBetween(expected, needed) + 1,
      }
    })
    .sort((a, b) => a.pressing - b.pressing || (a.id < b.id ? -1 : 1))
}

/** What its maker waits for, and the last day on which it helps. */
const awaitedWords = ({ question, owner, by }: Awaited, last: Day | null): string =>
  [
    `Its maker waits for ${owner === 'us' ? 'our' : `the ${owner}’s`} answer: ${question}`,
    ...(by ? [`Promised for ${dateOnly(by)}.`] : ['No day is promised.']),
    ...(last ? [`It is needed by ${dateOnly(last)}.`] : []),
  ].join(' ')

/** The day before which an order has to leave today or tomorrow to count as due. */
export const dueSoon = (row: SelectionRow, today: Day, site: Site): boolean =>
  row.orderBy !== null &&
  row.pressing < 5_000 &&
  row.state !== 'ordered' &&
  workingDayOnOrBefore(row.orderBy, site.calendar) <= addDays(today, 1)
