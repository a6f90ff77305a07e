import { expect, test } from 'vitest'
import { NEXT_DOOR } from '../../src/core/entries/kinds/job'
import { readMessages } from '../../src/data/share'
import type { FirmFolder } from '../../src/server/firmFolder'
import { tellOthers } from '../../src/server/share/others'
import { whoToTell } from '../../src/server/share/tell'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { siteIdOf } from '../../src/demo/ids'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const SITE = siteIdOf('heron')
const party = (name: string, values: Readonly<Record<string, string>>) => {
  const subjectId = `00000000-0000-7000-8000-${String(name.length).padStart(12, '0')}`
  recordFacts(as(firm, 'lead'), SITE, {
    facts: [
      {
        subject: 'entry',
        subjectId,
        facet: 'written',
        placeId: null,
        value: { kind: 'party', values: { name, ...values } },
      },
    ],
  })
  return subjectId
}
const waiting = (name: string) => whoToTell(as(firm, 'lead')).others.find(({ who }) => who === name)

test('a neighbour is written to once, with days and what is asked, and with no room, sum or other site', async () => {
  const id = party('At number four', {
    part: 'neighbour',
    hears: NEXT_DOOR,
    contact: 'four@example.com',
    brings: 'Please keep the lane free',
  })
  expect(waiting('At number four')!.telephone).toBeNull()
  expect(await tellOthers(as(firm, 'lead'), { ids: [id] })).toEqual({ told: 1 })
  const { address, body, subject } = readMessages(firm.db, 1)[0]!
  expect(address).toBe('four@example.com')
  expect(subject).toBe('Heron Court: days to come')
  expect(body).toContain('Please keep the lane free')
  const rooms = stateAt(firm, SITE).places.filter(({ kind }) => kind === 'room')
  for (const { name } of rooms) expect(body).not.toContain(name)
  expect(body).not.toMatch(/Bakehouse|Orchard|[€£$]|private/)
  expect(waiting('At number four')).toBeUndefined()
  expect(await tellOthers(as(firm, 'lead'), { ids: [id] })).toEqual({ told: 0 })
})
test('who has no mail is told by telephone, and that is kept without a message', async () => {
  const id = party('Lane hire', { part: 'hire or waste firm', hears: NEXT_DOOR, contact: '555 0107' })
  expect(waiting('Lane hire')!.telephone).toBe('555 0107')
  const before = readMessages(firm.db, 500).length
  await tellOthers(as(firm, 'lead'), { ids: [id] })
  expect(readMessages(firm.db, 500)).toHaveLength(before)
  expect(waiting('Lane hire')).toBeUndefined()
})
test('what they bring changed: they alone are on the list, with that alone', async () => {
  const values = { part: 'plant or supplier', hears: 'Concrete', contact: 'plant@example.com' }
  const id = party('Plant', { ...values, brings: '8 m³' })
  await tellOthers(as(firm, 'lead'), { ids: [id] })
  const changedNow = () => whoToTell(as(firm, 'lead')).changed.filter(({ audience }) => audience === 'other')
  expect(changedNow()).toEqual([])
  party('Plant', { ...values, brings: '8.4 m³' })
  expect(changedNow().map(({ who, changes }) => [who, changes.map(({ text }) => text)])).toEqual([
    ['Plant', ['8.4 m³ instead of 8 m³.']],
  ])
})
test('crew may not tell, and nobody is chosen by nothing', async () => {
  await expect(tellOthers(as(firm, 'crew'), { ids: ['x'] })).rejects.toThrow(/lead/i)
  await expect(tellOthers(as(firm, 'lead'), { ids: [] })).rejects.toThrow('Choose at least one.')
})
