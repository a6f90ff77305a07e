'use client'
import { useRouter } from 'next/navigation'
import { yupResolver } from '@hookform/resolvers/yup'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import FormCheck from 'react-bootstrap/FormCheck'
import ListGroup from 'react-bootstrap/ListGroup'
import Table from 'react-bootstrap/Table'
import Form from 'react-bootstrap/Form'
import { useForm, type FieldValues, type Resolver } from 'react-hook-form'
import type { InferType } from 'yup'
import { groupBy } from '@/core/lists/groupBy'
import { unitCopy } from '@/schemas/unitCopy'
import { FormError } from '../shared/FormError'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'
import { wrongWith } from '../shared/wrongWith'

interface Unit {
  readonly name: string
  readonly places: readonly { readonly id: string; readonly name: string; readonly size: string }[]
}
interface Offered {
  readonly key: string
  readonly placeId: string
  readonly words: string
  readonly place: string
  readonly source: string
}
interface UnitsProps {
  readonly site: { readonly id: string; readonly name: string }
  readonly units: readonly Unit[]
  readonly sums: readonly { readonly what: string; readonly each: readonly string[]; readonly all: string }[]
  readonly totals: readonly string[]
  readonly offers: readonly Offered[]
  readonly places: readonly {
    readonly id: string
    readonly name: string
    readonly level: string
    readonly unit: string | null
  }[]
}

/** Flats and twins: which places are one unit, another like it, and what changed in one and not yet in the other. */
export function UnitsOfHouse({ site, units, sums, totals, offers, places }: UnitsProps) {
  return (
    <div className="page page-narrow">
      <h1>{units.length === 0 ? 'One house, one unit so far' : `${units.map(({ name }) => name).join(' and ')}`}</h1>
      <p className="soft">
        {units.length === 0
          ? `Where ${site.name} has a second flat or a twin that is built alike, tick what it is made of and say what the other is called.`
          : 'What is changed in one is offered to the other here, never made there by itself.'}
      </p>
      <Offers siteId={site.id} offers={offers} />
      {units.length > 0 && (
        <section aria-labelledby="side-by-side">
          <h2 id="side-by-side">Side by side</h2>
          <Table size="sm" responsive>
            <thead>
              <tr>
                <th scope="col">What</th>
                {units.map(({ name }) => (
                  <th key={name} scope="col" className="text-end">
                    {name}
                  </th>
                ))}
                <th scope="col" className="text-end">
                  Together
                </th>
              </tr>
            </thead>
            <tbody>
              {sums.map(({ what, each, all }) => (
                <tr key={what}>
                  <th scope="row">{what}</th>
                  {each.map((one, i) => (
                    <td key={units[i]!.name} className="text-end">
                      {one}
                    </td>
                  ))}
                  <td className="text-end">{all}</td>
                </tr>
              ))}
            </tbody>
          </Table>
          {totals.map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
          {units.map((unit) => (
            <p key={unit.name}>
              <strong>{unit.name}</strong>: {unit.places.map((place) => `${place.name} ${place.size}`).join('; ')}.
            </p>
          ))}
        </section>
      )}
      <CopyUnit siteId={site.id} places={places} />
    </div>
  )
}

function Offers({ siteId, offers }: { readonly siteId: string; readonly offers: readonly Offered[] }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const [said, setSaid] = useState('')
  const settle = async ({ placeId, key, words, place }: Offered, take: boolean): Promise<void> => {
    if ((await run(`/api/sites/${siteId}/units/settle`, { placeId, key, take })) === null) return
    setSaid(take ? `${place}: taken over.` : `${place}: not so there. ${words} is not asked again.`)
    router.refresh()
  }
  return (
    <>
      <p role="status">{said}</p>
      <FormError error={error} />
      {offers.length > 0 && (
        <section aria-labelledby="apart">
          <h2 id="apart">{offers.length === 1 ? 'One change is' : `${offers.length} changes are`} in one only</h2>
          <ListGroup variant="flush">
            {offers.map((offer) => (
              <ListGroup.Item key={`${offer.placeId} ${offer.key}`}>
                <p className="mb-1">
                  <strong>{offer.source}</strong>: {offer.words}. Also in <strong>{offer.place}</strong>?
                </p>
                <Button
                  variant="quiet"
                  disabled={busy}
                  aria-label={`Take over into ${offer.place}: ${offer.words}`}
                  onClick={() => void settle(offer, true)}
                >
                  Take it over
                </Button>{' '}
                <Button
                  variant="quiet"
                  disabled={busy}
                  aria-label={`Not so in ${offer.place}: ${offer.words}`}
                  onClick={() => void settle(offer, false)}
                >
                  Not so there
                </Button>
              </ListGroup.Item>
            ))}
          </ListGroup>
        </section>
      )}
    </>
  )
}

function CopyUnit({ siteId, places }: Pick<UnitsProps, 'places'> & { readonly siteId: string }) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ places: number }>()
  const [made, setMade] = useState('')
  const { register, handleSubmit, reset, formState } = useForm<FieldValues, unknown, InferType<typeof unitCopy>>({
    resolver: yupResolver(unitCopy) as unknown as Resolver<FieldValues, unknown, InferType<typeof unitCopy>>,
    defaultValues: { placeIds: [], of: '', name: '', mirrored: 'true', differences: '' },
  })
  const wrong = (name: string): string | undefined => wrongWith(formState.errors[name])
  const copy = handleSubmit(async (unit) => {
    const done = await run(`/api/sites/${siteId}/units`, unit)
    if (!done) return
    reset()
    setMade(
      `${unit.name} is laid out: ${done.places === 1 ? 'one place' : `${done.places} places`}. Plan again to use it.`,
    )
    router.refresh()
  })
  return (
    <section aria-labelledby="one-like-it">
      <h2 id="one-like-it">Another one like it</h2>
      <Form noValidate onSubmit={(event) => void copy(event)}>
        <fieldset className="mb-3">
          <legend className="fs-6 fw-bold">What this one is made of</legend>
          {[...groupBy(places, ({ level }) => level)].map(([level, here]) => (
            <div key={level} className="mb-2">
              <span className="soft">{level}</span>
              {here.map(({ id, name, unit }) => (
                <FormCheck
                  key={id}
                  id={`unit-${id}`}
                  value={id}
                  {...register('placeIds')}
                  label={unit && !name.includes(unit) ? `${name} (${unit})` : name}
                />
              ))}
            </div>
          ))}
        </fieldset>
        <div className="d-grid gap-3 mb-3">
          <TextField
            id="unit-of"
            label="What this one is called"
            placeholder="Unit 5"
            wrong={wrong('of')}
            {...register('of')}
          />
          <TextField
            id="unit-name"
            label="What the other is called"
            placeholder="Unit 6"
            wrong={wrong('name')}
            {...register('name')}
          />
        </div>
        <fieldset className="mb-3">
          <legend className="fs-6 fw-bold">The other is</legend>
          <FormCheck
            type="radio"
            id="how-mirrored"
            value="true"
            {...register('mirrored')}
            label="mirrored: left is right, doors and hands turned"
          />
          <FormCheck type="radio" id="how-alike" value="false" {...register('mirrored')} label="the same way round" />
        </fieldset>
        <TextField
          id="unit-differences"
          label="What is different there, a line each"
          as="textarea"
          rows={3}
          placeholder="No nook and no chimney"
          wrong={wrong('differences')}
          {...register('differences')}
        />
        <FormError error={error} />
        <p role="status">{made}</p>
        <Button type="submit" variant="primary" disabled={busy}>
          Lay it out
        </Button>
      </Form>
    </section>
  )
}
