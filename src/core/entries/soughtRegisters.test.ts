import { describe, expect, test } from 'vitest'
import { ENTRY_KINDS } from './entryKinds'
import { saysAll, soughtRegisters } from './soughtRegisters'

const found = (sought: string): string[] => soughtRegisters(sought).map(({ one }) => one)

describe('finding the sheet for something by a word', () => {
  test('what is called so comes before what only asks for it', () => {
    expect(found('drain')[0]).toBe('A run of drain')
    expect(found('bulk')).toContain('A bulkhead')
    expect(found('licence')).toEqual(
      expect.arrayContaining(['Something that only a licence holder may do', 'Somebody on the job']),
    )
  })
  test('every word has to be there, in any order and however far it is typed', () => {
    expect(found('dead wire')).toEqual(['A wire or a pipe: live or dead'])
    expect(found('wire zebra')).toEqual([])
  })
  test('nothing sought is everything, marks and capitals do not count', () => {
    expect(found('  ')).toHaveLength(ENTRY_KINDS.length)
    expect(saysAll('A bin', 'BIN,')).toBe(true)
    expect(saysAll('A bin', 'in')).toBe(false)
  })
})
