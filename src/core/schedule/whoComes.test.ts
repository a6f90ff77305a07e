import { describe, expect, test } from 'vitest'
import type { Trade } from '../scope/vocabulary'
import type { Visit } from './visits'
import { crewsOfTrade, whoComes } from './whoComes'

const crew = (id: string, trade: Trade, part: object = {}) => ({ id, trade, crews: 1, crewSize: 2, ...part })
const CREWS = [
  crew('anna', 'painter'),
  crew('bert', 'painter'),
  crew('cleo', 'tiler', { alsoTrades: ['painter', 'plasterer'] }),
]
const visit = (siteId: string, place: string, hours: number, trade: Trade = 'painter') =>
  ({ key: `${siteId}|${trade}|${place}`, siteId, trade, hours }) as Visit
const OWNS = [
  [visit('mill', 'hall', 10), visit('mill', 'attic', 30)],
  [visit('barn', 'hall', 25)],
  [visit('cote', 'hall', 8)],
]
const SITES = [{ id: 'mill' }, { id: 'barn' }, { id: 'cote' }]
const none = () => undefined

/** Whom each site gets, by its first visit. */
const dealt = (
  sites: Parameters<typeof whoComes>[0],
  booked: Parameters<typeof whoComes>[3] = none,
  before: Parameters<typeof whoComes>[4] = none,
) => {
  const who = whoComes(sites, OWNS, CREWS, booked, before)
  return OWNS.map(([first]) => who(first!)?.id)
}

describe('who comes where several crews do a trade', () => {
  test('one crew sees a site through, the biggest first, each with as little as can be', () => {
    const who = whoComes(SITES, OWNS, CREWS, none, none)
    expect(OWNS.flat().map((one) => who(one)!.id)).toEqual(['anna', 'anna', 'bert', 'bert'])
  })
  test('whoever was chosen for a site, agreed to come or was there in the plan before stays', () => {
    expect(dealt([{ id: 'mill', crews: { painter: 'bert' } }, ...SITES.slice(1)])).toEqual(['bert', 'anna', 'anna'])
    const booked = (state: 'confirmed' | 'declined') => (key: string) =>
      key.startsWith('barn') ? { crewId: 'anna', state } : undefined
    expect(dealt(SITES, booked('confirmed'))[1]).toBe('anna')
    expect(dealt(SITES, booked('declined'))[1]).toBe('bert')
    expect(dealt(SITES, none, (key) => (key.startsWith('cote') ? 'anna' : null))[2]).toBe('anna')
  })
  test('a visit that another crew agreed to stays theirs, on a site that is somebody else’s', () => {
    const who = whoComes(
      [{ id: 'mill', crews: { painter: 'bert' } }, ...SITES.slice(1)],
      OWNS,
      CREWS,
      (key) => (key.endsWith('attic') ? { crewId: 'anna', state: 'confirmed' } : undefined),
      none,
    )
    expect(OWNS[0]!.map((one) => who(one)!.id)).toEqual(['bert', 'anna'])
  })
  test('those who do it beside their trade come only where it has no crew of its own', () => {
    expect(crewsOfTrade('painter', CREWS).map(({ id }) => id)).toEqual(['anna', 'bert'])
    expect(crewsOfTrade('plasterer', CREWS).map(({ id }) => id)).toEqual(['cleo'])
    expect(crewsOfTrade('roofer', CREWS)).toEqual([])
  })
})
