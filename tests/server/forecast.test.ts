import { describe, expect, test } from 'vitest'
import { addDays, type Day } from '../../src/core/calendar/day'
import type { FirmFolder } from '../../src/server/firmFolder'
import { forecastFor, keepForecast } from '../../src/server/plan/forecast'
import { planView } from '../../src/server/views/plan'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as, TODAY } from '../fixtures/folder'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const told = (days: readonly object[]) => keepForecast(as(firm, 'lead'), { days })
const DAY = TODAY as Day
const TOMORROW = addDays(DAY, 1)

describe('the weather of the days to come', () => {
  test('that is told counts before the simulated station, and can be taken back', () => {
    expect(forecastFor(firm.db, DAY).get(TOMORROW)!.simulated).toBe(true)
    told([{ day: TOMORROW, sky: 'storm', low: '3', high: '9' }])
    expect(forecastFor(firm.db, DAY).get(TOMORROW)).toEqual({ sky: 'storm', low: 3, high: 9 })
    expect(planView(as(firm, 'lead'), null).weather[1]).toMatchObject({ day: TOMORROW, sky: 'storm', simulated: null })
    told([{ day: TOMORROW, sky: '' }])
    expect(forecastFor(firm.db, DAY).get(TOMORROW)!.simulated).toBe(true)
  })
  test.each([
    [{ day: '2026-13-01', sky: 'rain', low: 1, high: 2 }, /^Day: write a day/],
    [{ day: TOMORROW, sky: 'hail', low: 1, high: 2 }, 'Sky: choose one of the list.'],
    [{ day: TOMORROW, sky: 'rain', high: 2 }, 'Coldest: write it.'],
    [{ day: TOMORROW, sky: 'rain', low: 5, high: 2 }, 'Warmest: not below the coldest.'],
    [{ day: TOMORROW, sky: 'rain', low: 5, high: 200 }, 'Warmest: whole degrees, from -60 to 60.'],
  ])('that cannot be so is refused by name: %o', (day, why) => {
    expect(() => told([day])).toThrow(why)
  })
})
