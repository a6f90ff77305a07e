import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { dateOnly } from '../../src/core/calendar/day'
import { readPlan } from '../../src/data/plans'
import { readSites } from '../../src/data/sites'
import type { Context } from '../../src/server/context'
import type { FirmFolder } from '../../src/server/firmFolder'
import { find } from '../../src/server/views/find'
import { laterVisits, planOfAll, planView } from '../../src/server/views/plan'
import { scopeView } from '../../src/server/views/scope'
import { laterSelections, selectionsOfAll, selectionsView } from '../../src/server/views/selections'
import {
  crewSettingsView,
  doorSettingsView,
  figureSettingsView,
  mySettingsView,
  siteSettingsView,
} from '../../src/server/views/settings'
import { shareView, siteShareView } from '../../src/server/views/share'
import { todayView } from '../../src/server/views/today'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { as, closed, openedDemo } from '../fixtures/folder'

let firm: FirmFolder
beforeAll(async () => {
  firm = await openedDemo()
})
afterAll(async () => {
  closed(firm)
})

const FIRM_VIEWS: readonly (readonly [string, (context: Context) => unknown])[] = [
  ['Today', todayView],
  ['Selections', (context) => selectionsView(context, null)],
  ['Plan', (context) => planView(context, null)],
  ['Share', shareView],
  ['Settings', mySettingsView],
  ['Crews', crewSettingsView],
  ['Figures', figureSettingsView],
  ['Messages and addresses', doorSettingsView],
  ['Find', (context) => find(context, 'kitchen')],
]
const SITE_VIEWS: readonly (readonly [string, (context: Context, siteId: string) => unknown])[] = [
  ['Walk', walkSnapshot],
  ['Scope', scopeView],
  ['Selections', selectionsView],
  ['Plan', planView],
  ['Share', siteShareView],
  ['Site settings', siteSettingsView],
]
const shown = (view: () => unknown): string => {
  try {
    return JSON.stringify(view())
  } catch (error) {
    return `refused: ${(error as Error).message}`
  }
}

describe('crew', () => {
  const SECRETS = /Foxglove|Quillwort|137953|"amount":\s*\d/i

  test.each(FIRM_VIEWS)('%s shows them no money, no private note and no site that is not theirs', (_name, view) => {
    const crew = as(firm, 'crew')
    const theirs = new Set(crew.sites().map((site) => site.id))
    const text = shown(() => view(crew))
    expect(text).not.toMatch(SECRETS)
    for (const site of readSites(firm.db)) if (!theirs.has(site.id)) expect(text).not.toContain(site.name)
  })
  test.each(SITE_VIEWS)('%s of a site that is not theirs is refused', (_name, view) => {
    const crew = as(firm, 'crew')
    const theirs = new Set(crew.sites().map((site) => site.id))
    const others = readSites(firm.db).filter((site) => !theirs.has(site.id))
    expect(others.length).toBeGreaterThan(0)
    for (const site of others) expect(shown(() => view(crew, site.id))).toMatch(/^refused: /)
  })
  test.each(SITE_VIEWS)('%s of their own site shows no money and no private note', (_name, view) => {
    const crew = as(firm, 'crew')
    for (const site of crew.sites()) expect(shown(() => view(crew, site.id))).not.toMatch(SECRETS)
  })
})

describe('lead and owner', () => {
  test.each(SITE_VIEWS)('%s opens for every site', (_name, view) => {
    for (const role of ['lead', 'owner'] as const) {
      for (const site of readSites(firm.db)) expect(shown(() => view(as(firm, role), site.id))).not.toMatch(/^refused/)
    }
  })
  test.each(FIRM_VIEWS)('%s opens for the owner', (_name, view) => {
    expect(shown(() => view(as(firm, 'owner')))).not.toMatch(/^refused/)
  })
})

describe('screens agree', () => {
  test('the weave’s next dates are those of the plan', () => {
    const visits = readPlan(firm.db)!.plan.visits
    for (const site of readSites(firm.db)) {
      const days = new Set(visits.filter((visit) => visit.siteId === site.id).map((visit) => dateOnly(visit.startDay)))
      const { rows } = scopeView(as(firm, 'lead'), site.id)
      const next = rows.flatMap((row) => row.cells.flatMap((cell) => (cell?.next ? [cell.next] : [])))
      for (const day of next) expect(days.has(day), `${site.name} ${day}`).toBe(true)
    }
  })
  test('what a selection is needed on is the day of a visit', () => {
    const days = new Set<string>(readPlan(firm.db)!.plan.visits.map((visit) => visit.startDay))
    const needed = selectionsView(as(firm, 'lead'), null).rows.flatMap((row) => row.neededOn ?? [])
    expect(needed.length).toBeGreaterThan(5)
    for (const day of needed) expect(days.has(day)).toBe(true)
  })
  test('a site’s plan shows the visits of that site alone; the firm’s plan shows all', () => {
    const all = planView(as(firm, 'lead'), null).visits
    for (const site of readSites(firm.db)) {
      const own = planView(as(firm, 'lead'), site.id).visits
      expect(own.map((visit) => visit.key).sort()).toEqual(
        all
          .filter((visit) => visit.siteId === site.id)
          .map((visit) => visit.key)
          .sort(),
      )
    }
  })
})

describe('a long list', () => {
  test('the page of all sites brings what comes next, and what it does not bring is asked for: together they are all', () => {
    const lead = as(firm, 'lead')
    const [plan, page] = [planView(lead, null), planOfAll(lead)]
    const rest = laterVisits(lead).rest
    expect(page.later).toBe(rest.length)
    expect([...page.visits, ...rest].map(({ key }) => key).sort()).toEqual(plan.visits.map(({ key }) => key).sort())
    const last = page.visits.at(-1)!.startDay
    expect(rest.every(({ startDay }) => startDay >= last)).toBe(true)
    // Every visit is in the row of its crew, or of a trade without one.
    const rows = new Set(page.rows.map(({ id }) => id))
    expect(plan.visits.every(({ crewId }) => crewId === null || rows.has(crewId))).toBe(true)

    const [all, first] = [selectionsView(lead, null), selectionsOfAll(lead)]
    const others = laterSelections(lead).rest
    expect(first.later).toBe(others.length)
    expect([...first.rows, ...others]).toEqual(all.rows)
    expect(first.lead).toBe(all.lead)
    expect(() => laterVisits(as(firm, 'crew'))).toThrow('Only a lead')
  })
})
