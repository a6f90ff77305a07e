import { STAGES, BUILD_ORDER } from '@/core/scope/vocabulary'
import { excludedWords } from '@/core/scope/line'
import { RESPONSIBLE } from '@/core/scope/responsible'
import { gatherersOf, valueWords } from '@/core/entries/entry'
import { REASON_FIELDS } from '@/core/entries/kinds/scope'
import type { Place } from '@/core/walk/siteState'
import { Fold } from '../shared/Fold'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** All that somebody who has never been here needs: what it becomes, what was chosen and decided and why, what was told. */
export function RoomCard({ site, place }: { readonly site: SiteWalk; readonly place: Place }) {
  const { state, snapshot } = site
  const lines = state.lines.filter((line) => line.placeId === place.id)
  const stages = BUILD_ORDER.filter((stage) => lines.some((line) => line.stage === stage && line.excluded === null))
  const out = lines.filter((line) => line.excluded)
  const others = lines.filter((line) => line.responsible && line.responsible !== 'us')
  const chosen = state.selections.filter((one) => one.placeId === place.id && one.choice)
  const decided = state.decisions.filter((one) => one.placeId === place.id && one.answer !== null)
  const earlier = new Set(site.before.notes.map(({ id }) => id))
  const told = state.notes.filter((one) => one.placeId === place.id && earlier.has(one.id))
  return (
    <Fold className={styles.pad} title="Room card: all that is on record here">
      {place.futureName && <p>It becomes {place.futureName}.</p>}
      <p>Order of work: {stages.map((stage) => STAGES[stage].toLowerCase()).join(', ') || 'none laid down'}.</p>
      <Sentences
        title="Not in the scope"
        items={out.map((line) => `${line.title}: ${excludedWords(line.excluded!)}`)}
      />
      <Sentences
        title="Done by others"
        items={others.map((line) => `${line.title}: ${RESPONSIBLE[line.responsible!]}`)}
      />
      <Sentences
        title="Part of"
        items={gatherersOf(state.entries).flatMap(({ id, words }) => {
          const its = lines.filter((line) => line.partOf.includes(id))
          return its.length > 0 ? [`${words}: ${its.map((line) => line.title.toLowerCase()).join(', ')}`] : []
        })}
      />
      <Sentences title="Chosen" items={chosen.map((one) => `${one.what}: ${one.choice}`)} />
      <Sentences
        title="Decided, and why"
        items={decided.map((one) =>
          [
            `${one.question} ${one.answer}`,
            ...valueWords(REASON_FIELDS.slice(1), one.reasons ?? undefined, snapshot.site.units, false),
          ].join('. '),
        )}
      />
      <Sentences title="Told on earlier walks" items={told.map((one) => `${one.text} (${one.seenBy})`)} />
    </Fold>
  )
}

function Sentences({ title, items }: { readonly title: string; readonly items: readonly string[] }) {
  if (items.length === 0) return null
  return (
    <>
      <strong>{title}</strong>
      <ul>
        {items.map((item) => (
          <li key={item}>{item}</li>
        ))}
      </ul>
    </>
  )
}
