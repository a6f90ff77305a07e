import { expect, test } from 'vitest'
import { JOB_KINDS, placesOfJobs, type JobKind } from './jobKinds'
import { treatmentById } from './treatments'

test('every usual place has treatments that there are and that fit it', () => {
  for (const [kind, { places }] of Object.entries(JOB_KINDS))
    for (const place of places)
      for (const id of place.treatments) {
        expect(treatmentById(id)?.fits, `${kind}, ${place.name}: ${id}`).toContain(place.kind)
      }
})

test('several jobs together have each place once, with all that is done there', () => {
  const together = placesOfJobs(['kitchen', 'repaint'] satisfies JobKind[])
  expect(together.map(({ name }) => name)).toEqual(['Kitchen', 'Hall', 'Living room', 'Bedroom', 'Bathroom'])
  expect(together[0]!.treatments).toEqual(['kitchen-rebuilt', 'room-paint-only'])
})
