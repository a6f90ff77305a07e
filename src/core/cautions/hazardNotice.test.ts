import { expect, test } from 'vitest'
import { hazardNotice } from './hazardNotice'

const screened = (what: string, settled: object | null = { on: '2026-03-02' }) => ({
  kind: 'hazard-screen',
  values: { for: what },
  settled,
})

test('an old house is told so until lead and asbestos are both answered for, whatever else is on record', () => {
  expect(hazardNotice(1911, [])).toContain('tested for lead and asbestos before anything is cut')
  const laidDown = [{ kind: 'salvage', values: {}, settled: null }]
  expect(hazardNotice(1911, laidDown)).toContain('lead and asbestos')
  expect(hazardNotice(1911, [screened('lead')])).toContain('tested for asbestos before')
  expect(hazardNotice(1911, [screened('lead'), screened('asbestos', null)])).toContain('asbestos')
  expect(hazardNotice(1911, [screened('lead'), screened('asbestos')])).toBeNull()
})
test('a newer house, or one of which the year is not known, is not', () => {
  expect(hazardNotice(1980, [])).toBeNull()
  expect(hazardNotice(null, [])).toBeNull()
})
