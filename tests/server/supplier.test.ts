import { describe, expect, test } from 'vitest'
import type { Day } from '../../src/core/calendar/day'
import { readSite } from '../../src/data/sites'
import { siteIdOf } from '../../src/demo/ids'
import { simulatedSupplier } from '../../src/devices/supplier/simulatedSupplier'
import type { FirmFolder } from '../../src/server/firmFolder'
import { askSupplier } from '../../src/server/selections/askSupplier'
import { siteState } from '../../src/server/siteStates'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const selections = () => siteState(firm.db, readSite(firm.db, BAKEHOUSE)!).selections

describe('the simulated supplier', () => {
  const question = {
    what: 'Cabinets',
    leadDays: [35, 49, 84] as const,
    today: '2026-03-10' as Day,
    promised: null,
  }
  test('names a day within the lead, and the same order is answered alike', () => {
    for (const orderId of ['a', 'b', 'c', 'd', 'e', 'f']) {
      const answer = simulatedSupplier().ask({ ...question, orderId })
      expect(answer).toEqual(simulatedSupplier().ask({ ...question, orderId }))
      expect(answer.simulated).toBe(true)
      expect(answer.arrives >= '2026-04-14' && answer.arrives <= '2026-06-02').toBe(true)
    }
  })
  test('asked again it stands by its day or slips, never sooner', () => {
    const answers = Array.from({ length: 30 }, (_, i) =>
      simulatedSupplier().ask({ ...question, orderId: `order ${i}`, promised: '2026-04-20' as Day }),
    )
    expect(answers.some((one) => one.slipped)).toBe(true)
    expect(answers.some((one) => !one.slipped)).toBe(true)
    for (const one of answers) expect(one.arrives >= '2026-04-20').toBe(true)
  })
})

describe('asking about an order', () => {
  test('keeps the day that is answered', () => {
    const ordered = selections().find((one) => one.state === 'ordered')!
    const answer = askSupplier(as(firm, 'lead'), BAKEHOUSE, ordered.id)
    expect(answer.words).toContain(ordered.what)
    expect(selections().find((one) => one.id === ordered.id)!.arrives).toBe(answer.arrives)
  })
  test('what is not ordered, or not there, is refused in a sentence', () => {
    const undecided = selections().find((one) => one.state === 'undecided')!
    expect(() => askSupplier(as(firm, 'lead'), BAKEHOUSE, undecided.id)).toThrow('it is not ordered')
    expect(() => askSupplier(as(firm, 'lead'), BAKEHOUSE, 'none')).toThrow('There is no such selection')
    expect(() => askSupplier(as(firm, 'crew'), BAKEHOUSE, undecided.id)).toThrow('Only a lead or the owner')
  })
  test('a day that has passed is asked anew', () => {
    const ordered = selections().find((one) => one.state === 'ordered')!
    recordFacts(as(firm, 'lead'), BAKEHOUSE, {
      facts: [
        {
          subject: 'selection',
          subjectId: ordered.id,
          facet: 'arrives',
          placeId: ordered.placeId,
          value: '2026-03-01',
        },
      ],
    })
    expect(askSupplier(as(firm, 'owner'), BAKEHOUSE, ordered.id).arrives > '2026-03-10').toBe(true)
  })
})
