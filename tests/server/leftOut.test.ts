import { expect, test, vi } from 'vitest'
import { v7 as uuid } from 'uuid'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { lookAheadView } from '../../src/server/views/lookAhead'
import { planView } from '../../src/server/views/plan'
import { recordView } from '../../src/server/views/record'
import { scopeView } from '../../src/server/views/scope'
import { selectionsView } from '../../src/server/views/selections'
import { todayView } from '../../src/server/views/today'
import { find } from '../../src/server/views/find'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const SITE = siteIdOf('bakehouse')
const PLACE = placeIdOf('bakehouse', 'bath')
let firm: FirmFolder
eachWithDemoFirm((opened) => {
  firm = opened
})

/** Puts a fact on record past every door, as an older version or another hand may have. */
function onRecord(subject: string, subjectId: string, facet: string, value: unknown, seenAt: string): string {
  const id = uuid()
  firm.db
    .prepare(
      `INSERT INTO observation (id, site_id, walk_id, place_id, subject, subject_id, facet, value, by_person, seen_at, received_at, ordering)
       VALUES (?, ?, NULL, ?, ?, ?, ?, ?, 'Somebody', ?, ?, ?)`,
    )
    .run(id, SITE, PLACE, subject, subjectId, facet, JSON.stringify(value), seenAt, seenAt, firm.clock.order())
  firm.db
    .prepare(
      `INSERT OR REPLACE INTO register (site_id, subject, subject_id, facet, observation_id, seen_at, ordering) VALUES (?, ?, ?, ?, ?, ?, ?)`,
    )
    .run(SITE, subject, subjectId, facet, id, seenAt, firm.clock.order())
  firm.db.prepare('UPDATE site SET revision = revision + 1 WHERE id = ?').run(SITE)
  return id
}
const everyPage = () => [
  todayView(as(firm, 'owner')),
  scopeView(as(firm, 'owner'), SITE),
  recordView(as(firm, 'owner'), SITE),
  selectionsView(as(firm, 'owner'), null),
  planView(as(firm, 'owner'), SITE),
  lookAheadView(as(firm, 'owner'), null, 2),
  walkSnapshot(as(firm, 'owner'), SITE),
]
const leftOut = () => recordView(as(firm, 'owner'), SITE).leftOut
const NOON = '2026-03-09T12:00:00.000Z'

test.each([
  ['a time with month 13', 'note', 'noted', { text: 'wet', private: false }, '2026-13-09T12:00:00.000Z'],
  ['a day 99', 'selection', 'arrives', '2026-03-99', NOON],
  [
    'a decision by a day of the year 120000',
    'decision',
    'asked',
    { question: 'Which?', owner: 'us', by: '120000-01-01' },
    NOON,
  ],
  [
    'a count of corners that no house has',
    'entry',
    'written',
    { kind: 'trim', values: { what: 'all', corners: 3000 } },
    NOON,
  ],
  ['a kind of sheet that nobody knows', 'entry', 'written', { kind: 'nothing of ours', values: {} }, NOON],
  ['a progress of 400', 'line', 'progress', 400, NOON],
])('%s on record takes no page down, is named, and can be taken back', (_what, subject, facet, value, seenAt) => {
  const id = onRecord(subject, uuid(), facet, value, seenAt)
  expect(everyPage()).toHaveLength(7)
  expect(leftOut()).toMatchObject([{ id, by: 'Somebody', what: `${subject}, ${facet}` }])
  expect(leftOut()[0]!.why.length).toBeGreaterThan(10)
  expect(todayView(as(firm, 'owner')).needs.map(({ text }) => text)).toContain(
    'One entry cannot be so and is left out of everything. Bakehouse Lane.',
  )
  recordFacts(as(firm, 'owner'), SITE, {
    facts: [{ subject: 'fact', subjectId: id, facet: 'withdrawn', placeId: null, value: true }],
  })
  expect(leftOut()).toEqual([])
})

test('a site that cannot be shown leaves the others shown, and is named', () => {
  const told = vi.spyOn(console, 'error').mockImplementation(() => undefined)
  const context = as(firm, 'owner')
  const broken = {
    ...context,
    record: (site: Parameters<typeof context.record>[0]) => {
      if (site.id === SITE) throw new Error('broken')
      return context.record(site)
    },
  }
  const today = todayView(broken)
  expect(today.failed).toEqual(['Bakehouse Lane'])
  expect(today.board.map(({ name }) => name)).toContain('Tollgate Cottage')
  expect(today.board.map(({ name }) => name)).not.toContain('Bakehouse Lane')
  const ahead = lookAheadView(broken, null, 3).rows
  expect(ahead.length).toBeGreaterThan(0)
  expect(ahead.filter(({ siteId }) => siteId === SITE)).toEqual([])
  expect(find(broken, 'tollgate').length).toBeGreaterThan(0)
  expect(told).toHaveBeenCalled()
  told.mockRestore()
})
