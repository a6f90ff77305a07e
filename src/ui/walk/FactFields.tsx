import FormCheckInput from 'react-bootstrap/FormCheckInput'
import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import { useState } from 'react'
import { gatherersOf, kindOf } from '@/core/entries/entry'
import { fieldsOf } from '@/core/entries/sums'
import type { Field } from '@/core/entries/field'
import { FINDING_FIELDS } from '@/core/entries/kinds/conditions'
import { DECISION_FIELDS, KEEP_FIELDS, REASON_FIELDS } from '@/core/entries/kinds/scope'
import type { Units } from '@/core/measure/length'
import { LEADS, type LeadKey } from '@/core/scope/leads'
import { likelySort, selectionFields, type SelectionSort } from '@/core/selections/selectionKinds'
import { STAGES, TRADES } from '@/core/scope/vocabulary'
import { waitable, waitWords } from '@/core/walk/waits'
import type { Place } from '@/core/walk/siteState'
import { Fold } from '../shared/Fold'
import { EntryFields } from '../shared/EntryFields'
import { PartOf } from '../shared/PartOf'
import { SortSelect } from '../shared/SortSelect'
import { PlaceChangeFields } from '../shared/PlaceChangeFields'
import { WhoseSelect } from '../shared/WhoseSelect'
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
  wrong,
}: {
  readonly adding: Adding
  readonly place: Place
  readonly site: SiteWalk
  readonly wrong: string | undefined
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
      return <TapePad units={units} wrong={wrong === 'size'} />
    case 'found':
      return (
        <>
          <Words name="text" label="What, and where exactly" />
          <FormLabel>
            Photo of it
            <FormControl type="file" name="photos" accept="image/*" capture="environment" multiple />
          </FormLabel>
          <Pick
            name="condition"
            label="Sort"
            options={[['', 'not chosen'] as const, ...CONDITIONS.map((one) => [one, one] as const)]}
          />
          <Tick name="suspected" label="Only suspected, not seen" />
          <Details fields={FINDING_FIELDS} units={units} wrong={wrong} />
        </>
      )
    case 'selection':
      return <SelectionFields units={units} wrong={wrong} />
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
          <FormLabel>
            Or on this day
            <FormControl type="date" name="whenDay" />
          </FormLabel>
          <Details fields={KEEP_FIELDS} units={units} wrong={wrong} />
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
          <FormLabel>
            By
            <FormControl type="date" name="by" />
          </FormLabel>
          <Pick name="blocks" label="What waits for it" options={[['', 'nothing yet'], ...Object.entries(STAGES)]} />
          <Details fields={DECISION_FIELDS} units={units} wrong={wrong} />
        </>
      )
    case 'work':
      return (
        <>
          <Words name="title" label="What is to be done" short />
          <Pick name="stage" label="Stage" options={Object.entries(STAGES)} />
          <Pick name="trade" label="Who does it" options={Object.entries(TRADES)} />
          <FormLabel>
            Hours of one person
            <FormControl name="hours" inputMode="decimal" defaultValue="4" />
          </FormLabel>
          <Tick name="extra" label="An extra to the contract" checked={adding.extra === true} />
        </>
      )
    case 'hold':
      return (
        <>
          <Words name="reason" label={`Why ${adding.line.title.toLowerCase()} cannot go on`} short />
          <FormLabel>
            Until, if known
            <FormControl type="date" name="until" />
          </FormLabel>
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
          <FormLabel>
            {adding.line.title}
            <WhoseSelect name="responsible" value={adding.line.responsible ?? ''} />
          </FormLabel>
          <PartOf gatherers={gatherersOf(site.state.entries)} chosen={adding.line.partOf} />
        </>
      )
    case 'answer':
      return <EntryFields fields={REASON_FIELDS} units={units} wrong={wrong} />
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
            wrong={wrong}
            inShort
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
function SelectionFields({ units, wrong }: { readonly units: Units; readonly wrong: string | undefined }) {
  const [lead, setLead] = useState<LeadKey>('stock-goods')
  const [told, setTold] = useState<SelectionSort | null>(null)
  const sort = told ?? likelySort(lead)
  return (
    <>
      <Words name="what" label="What is to be chosen" short />
      <FormLabel>
        How long it takes to get
        <FormSelect name="lead" value={lead} onChange={(event) => setLead(event.target.value as LeadKey)}>
          {Object.entries(LEADS).map(([key, one]) => (
            <option key={key} value={key}>
              {one.words}
            </option>
          ))}
        </FormSelect>
      </FormLabel>
      <Pick name="stage" label="Needed for" options={Object.entries(STAGES)} />
      <SortSelect value={sort} onChange={setTold} />
      <Details key={sort} fields={selectionFields(sort)} units={units} wrong={wrong} />
    </>
  )
}

const Details = ({
  fields,
  units,
  wrong,
}: {
  readonly fields: readonly Field[]
  readonly units: Units
  readonly wrong: string | undefined
}) => (
  <Fold title="More about it">
    <EntryFields fields={fields} units={units} wrong={wrong} />
  </Fold>
)

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

export const Words = ({ name, label, short }: { name: string; label: string; short?: boolean }) => (
  <FormLabel>
    {label}
    {short ? <FormControl name={name} autoComplete="off" /> : <FormControl as="textarea" name={name} rows={3} />}
  </FormLabel>
)
const Tick = ({ name, label, checked }: { name: string; label: string; checked?: boolean }) => (
  <FormLabel className={styles.tick}>
    <FormCheckInput type="checkbox" name={name} defaultChecked={checked} /> {label}
  </FormLabel>
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
  <FormLabel>
    {label}
    <FormSelect name={name} defaultValue={value}>
      {options.map(([value, words]) => (
        <option key={value} value={value}>
          {words}
        </option>
      ))}
    </FormSelect>
  </FormLabel>
)
