import { addDays, longDay, shortDay, type Day } from '../../core/calendar/day'
import { lanesOf, type Bar } from '../../core/schedule/lanes'
import type { planView } from '../views/plan'
import { INK, pdfOf, SOFT, writeLine, type Pdf } from './document'

type PlanView = ReturnType<typeof planView>
type Row = PlanView['rows'][number]
type VisitBar = Bar<PlanView['visits'][number]>

const MARGIN = 28
/** Weeks that a page shows, and what of its width is for the names of the rows. */
const WEEKS = 3
const NAMES = 112
/** Width of a day on which nobody works. */
const OFF = 8
const TOP = 64
const LANE = 23
const RULE = '#c9c6bd'
const SHADE = '#efede7'
const FILL = '#dbe4e7'

interface Drawn {
  readonly row: Row
  readonly bars: readonly VisitBar[]
  readonly lanes: number
}

/** The plan on pages of three weeks each: places or crews down, days across, every visit with what is done and by whom or
 * where. What a page has no room for beside its bar is cut, and stands whole in the next weeks. */
export function planPdf(plan: PlanView): Promise<Buffer> {
  const title = plan.site ? `${plan.site.name}: ${plan.finish}` : 'All sites'
  const sheets = sheetsOf(plan)
  return pdfOf(title, { margin: MARGIN, wide: true }, (doc) => {
    sheets.forEach((sheet, i) => {
      if (i > 0) doc.addPage()
      const halves = halvesOf(doc, plan, sheet.from)
      drawHead(doc, plan, title, halves, sheet.from, `Page ${i + 1} of ${sheets.length}`)
      drawDays(doc, sheet, halves, plan)
      sheet.rows.reduce((top, drawn) => drawRow(doc, plan, drawn, halves, top), TOP)
    })
  })
}

interface Sheet {
  readonly from: Day
  readonly rows: readonly Drawn[]
}

const rowHeight = ({ lanes }: Drawn): number => lanes * LANE + 6

/** What goes on each page: stretches of weeks in which something happens, as many rows as a page holds. */
function sheetsOf({ rows, visits, from, days }: PlanView): Sheet[] {
  const room = 595 - TOP - MARGIN - 14
  const byKey = new Map(visits.map((visit) => [visit.key, visit]))
  const sheets: Sheet[] = []
  for (let week = 0; week * 7 < days.length; week += WEEKS) {
    const [first, last] = [addDays(from, week * 7), addDays(from, (week + WEEKS) * 7 - 1)]
    const drawn = rows.flatMap((row): Drawn[] => {
      const its = row.visitKeys
        .map((key) => byKey.get(key)!)
        .filter(({ startDay, endDay }) => startDay <= last && endDay >= first)
      return its.length === 0 ? [] : [{ row, ...lanesOf(its, first) }]
    })
    let page: Drawn[] = []
    let height = 0
    for (const one of drawn) {
      if (height + rowHeight(one) > room && page.length > 0) {
        sheets.push({ from: first, rows: page })
        page = []
        height = 0
      }
      page.push(one)
      height += rowHeight(one)
    }
    if (page.length > 0) sheets.push({ from: first, rows: page })
  }
  return sheets
}

/** How the days of a page lie: where each half-day begins, from the first to the one after the last. */
function halvesOf(doc: Pdf, { days }: PlanView, from: Day): number[] {
  const works = new Map(days.map((one) => [one.day, one.works]))
  const isOff = Array.from({ length: WEEKS * 7 }, (_, day) => works.get(addDays(from, day)) === false)
  const off = isOff.filter(Boolean).length
  const half = (doc.page.width - 2 * MARGIN - NAMES - off * OFF) / (2 * (WEEKS * 7 - off))
  const halves = [MARGIN + NAMES]
  for (const is of isOff) for (const _ of [0, 1]) halves.push(halves.at(-1)! + (is ? OFF / 2 : half))
  return halves
}

function drawHead(doc: Pdf, plan: PlanView, title: string, halves: readonly number[], from: Day, page: string): void {
  const width = doc.page.width - 2 * MARGIN
  writeLine(doc, title, { x: MARGIN, y: MARGIN - 6, width: width - 190 }, 13, 700)
  doc.fillColor(SOFT)
  const when = `${longDay(plan.today)}. ${page}`
  doc.fontSize(8).font('latin 400')
  writeLine(doc, when, { x: doc.page.width - MARGIN - doc.widthOfString(when) - 1, y: MARGIN - 3, width: 200 }, 8)
  writeLine(
    doc,
    'Underlined: confirmed. Dashed: declined. A thick left edge: something has to be done before.',
    { x: MARGIN, y: doc.page.height - MARGIN - 4, width },
    7,
  )
  doc.fillColor(INK)
  for (let day = 0; day < WEEKS * 7; day++) {
    const [x, width] = [halves[day * 2]!, halves[day * 2 + 2]! - halves[day * 2]!]
    if (width > OFF) writeLine(doc, shortDay(addDays(from, day)), { x: x + 2, y: TOP - 12, width: width - 3 }, 6.5, 700)
  }
}

function drawDays(doc: Pdf, { from, rows }: Sheet, halves: readonly number[], plan: PlanView): void {
  const bottom = rows.reduce((y, row) => y + rowHeight(row), TOP)
  const works = new Map(plan.days.map((one) => [one.day, one.works]))
  for (let day = 0; day < WEEKS * 7; day++) {
    const x = halves[day * 2]!
    if (works.get(addDays(from, day)) === false) doc.rect(x, TOP, OFF, bottom - TOP).fill(SHADE)
    doc.lineWidth(day % 7 === 0 ? 0.8 : 0.3).strokeColor(RULE)
    doc.moveTo(x, TOP).lineTo(x, bottom).stroke()
  }
  doc.fillColor(INK)
}

function drawRow(doc: Pdf, plan: PlanView, drawn: Drawn, halves: readonly number[], top: number): number {
  const { row, bars } = drawn
  doc.lineWidth(0.3).strokeColor(RULE)
  doc
    .moveTo(MARGIN, top)
    .lineTo(doc.page.width - MARGIN, top)
    .stroke()
  writeLine(doc, row.name, { x: MARGIN, y: top + 5, width: NAMES - 6 }, 8, 700)
  doc.fillColor(SOFT)
  writeLine(doc, row.group, { x: MARGIN, y: top + 15, width: NAMES - 6 }, 6.5)
  doc.fillColor(INK)
  for (const bar of bars) drawBar(doc, plan, drawn, bar, halves, top)
  return top + rowHeight(drawn)
}

function drawBar(
  doc: Pdf,
  plan: PlanView,
  { row, bars }: Drawn,
  bar: VisitBar,
  halves: readonly number[],
  top: number,
): void {
  const { visit } = bar
  const edge = (half: number): number => halves[Math.min(Math.max(half, 0), WEEKS * 14)]!
  const end = edge(bar.first + bar.length)
  const x = edge(bar.first) + 0.7
  const width = end - x - 0.7
  const y = top + 3 + bar.lane * LANE
  const state = visit.booking?.state
  doc.lineWidth(0.8).strokeColor(INK)
  if (state === 'declined') doc.dash(2, { space: 1.5 })
  doc.rect(x, y, width, LANE - 3).fillAndStroke(FILL, INK)
  doc.undash()
  if (state === 'confirmed') doc.rect(x, y + LANE - 5, width, 2).fill(INK)
  const gated = row.gates.some(({ visitKey }) => visitKey === visit.key)
  if (gated) doc.rect(x, y, 2.5, LANE - 3).fill(INK)
  doc.fillColor(INK)
  const words: readonly [string, string] = [visit.title, plan.site ? visit.crew : `${visit.site}, ${visit.places}`]
  doc.fontSize(6.5).font('latin 700')
  const wanted = doc.widthOfString(words[0])
  const inside = width - (gated ? 6 : 4)
  const next = bars
    .filter((other) => other.lane === bar.lane && other.first > bar.first)
    .reduce((least, other) => Math.min(least, edge(other.first)), edge(WEEKS * 14))
  const beside = next - end - 4
  const at = wanted > inside && beside > inside ? { x: end + 3, width: beside } : { x: end - 1 - inside, width: inside }
  writeLine(doc, words[0], { ...at, y: y + 2.5 }, 6.5, 700)
  writeLine(doc, words[1], { ...at, y: y + 10 }, 6)
}
