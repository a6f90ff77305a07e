import { describe, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { visitReportFile } from '../../src/server/paper/paperFiles'
import { visitReportView } from '../../src/server/views/visitReport'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const report = (...walks: readonly string[]) => visitReportView(as(firm, 'lead'), BAKEHOUSE, walks)

describe('a report of several visits', () => {
  test('keeps the day of each, with what changed on it and its photos', () => {
    const { walks, printed } = report()
    expect(walks.filter(({ chosen }) => chosen)).toHaveLength(3)
    const days = printed.parts.filter(({ title }) => / by /.test(title))
    expect(new Set(days.map(({ title }) => title.split(',')[0])).size).toBe(3)
    const taken = new Map(stateAt(firm, BAKEHOUSE).photos.map(({ hash, seenAt }) => [hash, seenAt.slice(0, 10)]))
    const photoDays = days.map(({ pictures = [] }) => [...new Set(pictures.map(({ hash }) => taken.get(hash)))])
    expect(photoDays.flat().length).toBeGreaterThan(0)
    for (const its of photoDays) expect(its.length).toBeLessThanOrEqual(1)
  })
  test('those that are named stand in it, in their order; what was taken from one spot stands as a pair', () => {
    const photos = stateAt(firm, BAKEHOUSE).photos
    const pair = photos.find(({ sameSpotAs }) => sameSpotAs)!
    const walk = stateAt(firm, BAKEHOUSE)
      .walks.filter(({ seenAt }) => seenAt <= pair.seenAt)
      .at(-1)!
    const { printed } = report(walk.id)
    expect(printed.title).toBe('Bakehouse Lane: one visit')
    const pictures = printed.parts.find(({ title }) => title.startsWith('Before and now'))!.pictures!
    expect(pictures.map(({ hash }) => hash)).toEqual(expect.arrayContaining([pair.sameSpotAs, pair.hash]))
  })
  test('tells no money and no remark, and is a PDF', async () => {
    expect(JSON.stringify(report().printed)).not.toMatch(/[€£$]|private|Ibis Quill|lessons/i)
    const answer = await visitReportFile(as(firm, 'lead'), BAKEHOUSE, [])
    expect(
      Buffer.from(await answer.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-')
  })
  test('a visit that is not of the site is refused, and crew make none', () => {
    expect(() => report('nowhere')).toThrow('There is no such visit on this site.')
    expect(() => visitReportView(as(firm, 'crew'), BAKEHOUSE, [])).toThrow(/lead/)
  })
})
