import { useState } from 'react'
import { useFormContext, useFormState } from 'react-hook-form'
import { gatherersOf, kindOf } from '@/core/entries/entry'
import { fieldsOf } from '@/core/entries/sums'
import type { Field } from '@/core/entries/field'
import { FINDING_FIELDS } from '@/core/entries/kinds/conditions'
import { DECISION_FIELDS, EXTRA_FIELDS, KEEP_FIELDS, REASON_FIELDS } from '@/core/entries/kinds/scope'
import type { Units } from '@/core/measure/length'
import { LEADS, type LeadKey } from '@/core/scope/leads'
import { likelySort, selectionFields, type SelectionSort } from '@/core/selections/selectionKinds'
import { STAGES, TRADES } from '@/core/scope/vocabulary'
import { waitable, waitWords } from '@/core/walk/waits'
import type { Place } from '@/core/walk/siteState'
import { Fold } from '../shared/Fold'
import { EntryFields, MOST_AT_ONCE } from '../shared/EntryFields'
import { PartOf } from '../shared/PartOf'
import { ReadChoice, ReadTick, ReadWords } from '../shared/ReadFields'
import { SortSelect } from '../shared/SortSelect'
import { PlaceChangeFields } from '../shared/PlaceChangeFields'
import { WhoseOptions } from '../shared/WhoseSelect'
import { WaitFields } from '../shared/WaitFields'
import { WHERE, type Adding } from './sheetFact'
import { TapePad } from './TapePad'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** What one sheet asks, by what is being added. */
export function FactFields({
  adding,
  place,
  site,
}: {
  readonly adding: Adding
  readonly place: Place
  readonly site: SiteWalk
}) {
  const { units } = site.snapshot.site
  switch (adding.kind) {
    case 'note':
      return (
        <>
          <Words name="text" label="What you see or were told" />
          <Tick name="opinion" label="What I think, not what I saw" />
          <Tick name="private" label="Private: never shared" />
        </>
      )
    case 'measure':
      return <TapePad units={units} />
    case 'found':
      return (
        <>
          <Words name="text" label="What, and where exactly" />
          <ReadWords label="Photo of it" type="file" name="photos" {...CAMERA} />
          <Pick
            name="condition"
            label="Sort"
            options={[['', 'not chosen'] as const, ...CONDITIONS.map((one) => [one, one] as const)]}
          />
          <Tick name="suspected" label="Only suspected, not seen" />
          <Details fields={FINDING_FIELDS} units={units} />
        </>
      )
    case 'selection':
      return <SelectionFields units={units} />
    case 'keep':
      return (
        <>
          <Words name="text" label="What stays" short />
          <Words name="until" label="Until (empty: for good)" short />
          <Pick
            name="whenStage"
            label="Remind me to take it out when this is done here"
            options={[['', 'no reminder'], ...Object.entries(STAGES)]}
          />
          <ReadWords name="whenDay" label="Or on this day" type="date" />
          <Details fields={KEEP_FIELDS} units={units} />
        </>
      )
    case 'decide':
      return (
        <>
          <Words name="question" label="The question" />
          <Pick
            name="owner"
            label="Who answers"
            options={[
              ['client', 'client'],
              ['designer', 'designer'],
              ['engineer', 'engineer'],
              ['us', 'we ourselves'],
            ]}
          />
          <ReadWords name="by" label="By" type="date" />
          <Pick name="blocks" label="What waits for it" options={[['', 'nothing yet'], ...Object.entries(STAGES)]} />
          <Details fields={DECISION_FIELDS} units={units} />
        </>
      )
    case 'work':
      return (
        <>
          <Words name="title" label="What is to be done" short />
          <Pick name="stage" label="Stage" options={[['', 'choose'], ...Object.entries(STAGES)]} />
          <Pick name="trade" label="Who does it" options={[['', 'choose'], ...Object.entries(TRADES)]} />
          <ReadWords name="hours" label="Hours of one person" inputMode="decimal" defaultValue="4" />
          {adding.extra ? (
            <EntryFields fields={EXTRA_FIELDS} units={units} />
          ) : (
            <Tick name="extra" label="An extra to the contract" />
          )}
        </>
      )
    case 'hold':
      return (
        <>
          <Words name="reason" label={`Why ${adding.line.title.toLowerCase()} cannot go on`} short />
          <ReadWords name="until" label="Until, if known" type="date" />
        </>
      )
    case 'waits':
      return (
        <WaitFields
          told={adding.line.waits.map((wait) => ({ for: wait.for, words: waitWords(wait, [site.state]) }))}
          choices={waitable(site.state).filter((one) => one.for !== adding.line.id)}
        />
      )
    case 'exclude':
      return (
        <>
          <Words name="reason" label={`Why ${adding.line.title.toLowerCase()} is not in the scope`} short />
          <Words name="until" label="Until (empty: for good)" short />
        </>
      )
    case 'place':
      return (
        <PlaceChangeFields
          place={place}
          places={site.state.places}
          units={site.snapshot.site.units}
          lines={site.state.lines.filter((line) => line.placeId === place.id)}
        />
      )
    case 'whose':
      return (
        <>
          <ReadChoice name="responsible" label={adding.line.title} defaultValue={adding.line.responsible ?? ''}>
            <WhoseOptions />
          </ReadChoice>
          <PartOf gatherers={gatherersOf(site.state.entries)} chosen={adding.line.partOf} />
        </>
      )
    case 'answer':
      return <EntryFields fields={REASON_FIELDS} units={units} />
    case 'entry':
      return (
        <>
          {adding.register.at === 'either' && (
            <Pick
              name={WHERE}
              label="Where it holds"
              options={[
                ['place', `here: ${place.name}`],
                ['site', 'the whole site'],
              ]}
              value={adding.entry && adding.entry.placeId === null ? 'site' : 'place'}
            />
          )}
          <EntryFields
            fields={fieldsOf(adding.register)}
            units={units}
            values={adding.entry?.values}

            most={MOST_AT_ONCE}
          />
        </>
      )
    case 'settle': {
      const ask = kindOf(adding.entry.kind).settle?.ask
      return ask ? <Words name="result" label={ask} /> : null
    }
    default:
      return null
  }
}

/** What is to be chosen, and what matters for its sort; the sort follows how long it takes until somebody says. */
function SelectionFields({ units }: { readonly units: Units }) {
  const { setValue } = useFormContext()
  const [sort, setSort] = useState<SelectionSort>(likelySort(USUAL_LEAD))
  const [told, setTold] = useState(false)
  const follow = (lead: string): void => {
    if (told) return
    setSort(likelySort(lead as LeadKey))
    setValue('sort', likelySort(lead as LeadKey))
  }
  return (
    <>
      <Words name="what" label="What is to be chosen" short />
      <ReadChoice name="lead" label="How long it takes to get" defaultValue={USUAL_LEAD} onChosen={follow}>
        {Object.entries(LEADS).map(([key, one]) => (
          <option key={key} value={key}>
            {one.words}
          </option>
        ))}
      </ReadChoice>
      <Pick name="stage" label="Needed for" options={Object.entries(STAGES)} />
      <SortSelect
        defaultValue={sort}
        onChosen={(chosen) => {
          setTold(true)
          setSort(chosen)
        }}
      />
      <Details key={sort} fields={selectionFields(sort)} units={units} />
    </>
  )
}

const USUAL_LEAD: LeadKey = 'stock-goods'

function Details({ fields, units }: { readonly fields: readonly Field[]; readonly units: Units }) {
  const { errors } = useFormState()
  return (
    <Fold title="More about it" open={fields.some(({ key }) => errors[key])}>
      <EntryFields fields={fields} units={units} />
    </Fold>
  )
}

const CONDITIONS = [
  'rot',
  'crack',
  'damaged',
  'damp',
  'mold',
  'leak',
  'insect',
  'animal',
  'sag',
  'corrosion',
  'missing',
  'loose',
  'blocked',
  'wrong',
  'failed',
  'live',
  'dead',
  'asbestos',
]

/** How a photo is taken, several at once if need be. */
export const CAMERA = { accept: 'image/*', capture: 'environment', multiple: true } as const

const Words = ({ name, label, short }: { name: string; label: string; short?: boolean }) => (
  <ReadWords name={name} label={label} {...(short ? {} : { rows: 3 })} />
)
const Tick = ({ name, label }: { name: string; label: string }) => (
  <ReadTick className={styles.tick} name={name} label={label} />
)
const Pick = ({
  name,
  label,
  options,
  value,
}: {
  name: string
  label: string
  options: readonly (readonly [string, string])[]
  value?: string
}) => (
  <ReadChoice name={name} label={label} defaultValue={value}>
    {options.map(([value, words]) => (
      <option key={value} value={value}>
        {words}
      </option>
    ))}
  </ReadChoice>
)
