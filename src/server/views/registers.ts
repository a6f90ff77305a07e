import { dateOnly, dayOf, isInstant } from '../../core/calendar/day'
import { isOpen } from '../../core/entries/entry'
import { entryWords } from '../../core/entries/entryWords'
import { fieldsOf } from '../../core/entries/sums'
import { ENTRY_GROUPS, type EntryGroup } from '../../core/entries/entryKind'
import { ENTRY_KINDS } from '../../core/entries/entryKinds'
import { withoutMoney } from '../../core/entries/field'
import { gathered } from '../../core/scope/gathered'
import { placeName } from '../../core/walk/siteState'
import { readStandards } from '../../data/standards'
import type { Context } from '../context'
import { setAsideAt } from '../siteStates'

/** The registers of a site: every kind of entry with what stands in it, open ones first. */
export function registersView(context: Context, siteId: string) {
  const site = context.site(siteId)
  const state = context.record(site)
  const { seesMoney } = context
  const standards = readStandards(context.db, site.id)
  return {
    site: { id: site.id, name: site.name, units: site.units },
    places: state.places.map(({ id, name }) => ({ id, name })),
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
        overview:
          kind.overview?.(
            state.entries
              .filter((entry) => entry.kind === kind.id)
              .map((entry) => ({ ...entry, settled: entry.settled !== null })),
            state.places,
          ) ?? [],
        entries: state.entries
          .filter((entry) => entry.kind === kind.id)
          .map((entry) => ({
            ...entryWords(entry, site.units, seesMoney, standards),
            work: kind.gathers ? gathered(entry.id, state.lines).sentences : [],
            photos: state.photos
              .filter((photo) => photo.about === entry.id)
              .map(({ hash, caption, marks }) => ({ hash, caption, marks })),
            id: entry.id,
            placeId: entry.placeId,
            place: placeName(state, entry.placeId),
            values: seesMoney ? entry.values : withoutMoney(fieldsOf(kind), entry.values),
            open: isOpen(entry),
            result: entry.settled ? entry.settled.result || kind.settle!.word : null,
            responsible: entry.responsible,
            by: entry.seenBy,
            on: dateOnly(dayOf(entry.seenAt)),
          }))
          .sort((a, b) => Number(b.open) - Number(a.open)),
      })),
    })),
  }
}
