import { expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { kindOf } from '../../src/core/entries/entry'
import { readEntry } from '../../src/core/entries/entryWords'
import type { Units } from '../../src/core/measure/length'
import type { FirmFolder } from '../../src/server/firmFolder'
import { createSite } from '../../src/server/sites/createSite'
import { recordView } from '../../src/server/views/record'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

/** One thing that was told of a job, and the sentences that must follow from it. */
export interface Told {
  /** The register that it goes into, by its id. */
  readonly register: string
  /** What is typed into its sheet. */
  readonly typed: Readonly<Record<string, string>>
  readonly says: readonly string[]
}

export interface Job {
  readonly site: string
  readonly built: string
  readonly units: Units
  readonly told: readonly Told[]
}

/** Enters a job into a new site as its screens do, and reads in the registers what follows. */
export function testJob({ site, built, units, told }: Job): void {
  let firm: FirmFolder
  eachWithDemoFirm((fresh) => {
    firm = fresh
  })
  test(`${site}: what was told reckons as it must`, () => {
    const owner = as(firm, 'owner')
    const places = [{ name: 'Here', kind: 'room', level: 'Ground floor', size: '', treatments: [] }]
    const { siteId } = createSite(owner, {
      name: site,
      built,
      units,
      livedIn: true,
      weekdays: [1, 2, 3, 4, 5],
      startsOn: '2026-03-10',
      places,
    })
    const ids = told.map(() => uuid())
    recordFacts(owner, siteId, {
      facts: told.map(({ register, typed }, i) => ({
        subject: 'entry',
        subjectId: ids[i],
        facet: 'written',
        placeId: null,
        value: { kind: register, values: readEntry(kindOf(register), (key) => typed[key] ?? '', units) },
      })),
    })
    const entries = new Map(
      recordView(owner, siteId)
        .groups.flatMap((group) => group.registers)
        .flatMap((register) => register.entries)
        .map((entry) => [entry.id, entry.reckoned.join(' ')]),
    )
    told.forEach(({ register, typed, says }, i) => {
      const reckoned = entries.get(ids[i]!)
      for (const words of says)
        expect.soft(reckoned, `${site}, ${register}: ${Object.values(typed)[0]}`).toContain(words)
    })
  })
}
