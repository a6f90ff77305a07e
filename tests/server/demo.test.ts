import { describe, expect, test } from 'vitest'
import { addDays, weekday, type Day } from '../../src/core/calendar/day'
import { readBookings, readPlan } from '../../src/data/plans'
import { loadDemo, STORIES } from '../../src/demo/loadDemo'
import { openFirmFolder } from '../../src/server/firmFolder'
import { selectionsView } from '../../src/server/views/selections'
import { todayView } from '../../src/server/views/today'
import { as, closed, emptyFolder } from '../fixtures/folder'

// The last day of a year, which is a Saturday, and a leap day: the story holds whatever day it is loaded on.
describe.each(['2022-12-31', '2028-02-29'])('the demo loaded on %s', (today) => {
  test('starts now, plans every site on working days and has something to decide', async () => {
    const firm = await openFirmFolder(emptyFolder(), today)
    try {
      await loadDemo(firm)
      const { plan } = readPlan(firm.db)!
      expect(Object.keys(plan.finish)).toHaveLength(STORIES.length - 1)
      for (const visit of plan.visits) {
        expect(visit.startDay >= today, visit.key).toBe(true)
        expect(weekday(visit.startDay), visit.key).not.toBe(7)
      }
      const ends = Object.values(plan.finish).sort()
      expect(ends[0]! >= today).toBe(true)
      expect(ends.at(-1)! > addDays(today as Day, 40)).toBe(true)
      expect(readBookings(firm.db).some((booking) => booking.state === 'declined')).toBe(true)
      const context = as(firm, 'owner')
      expect(todayView(context).needs.length).toBeGreaterThan(3)
      expect(selectionsView(context, null).rows.some((row) => row.pressing <= 0)).toBe(true)
    } finally {
      closed(firm)
    }
  })
})
