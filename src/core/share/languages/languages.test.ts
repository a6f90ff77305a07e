import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { crewsFor, EVERY_TRADE, laid, planInput, stateOf } from '../../../../tests/fixtures/site'
import type { CautionId } from '../../cautions/cautionIds'
import { CAUTIONS, type Caution } from '../../cautions/cautions'
import { addDays, type Day } from '../../calendar/day'
import { listed } from '../../lists/listed'
import { planOf } from '../../schedule/plan'
import { visitDays } from '../../schedule/planDiff'
import { problemOf } from '../../schedule/problem'
import { TREATMENTS } from '../../scope/treatments'
import { STAGES, TRADES } from '../../scope/vocabulary'
import { SELECTION_STATES } from '../../selections/selection'
import { composeRoomSheet } from '../roomSheet'
import { composeTradeNotice } from '../tradeNotice'
import { LANGUAGES, PAGE_KEYS, type Language } from './catalogue'
import { amountIn, cautionIn, catalogueOf, languageFrom, listedIn, shortDayIn, titleIn, visitDaysIn } from './languages'

const OTHERS = (Object.keys(LANGUAGES) as Language[]).filter((language) => language !== 'en')
/** Words that are the same in another language. */
const SAME = new Set(['Gas', 'Inspector'])

const HOUSE = laid([{ id: 'bath', name: 'Bath', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' }])
const STATE = stateOf(HOUSE)
const PLAN = planOf(problemOf(planInput(HOUSE, { crews: crewsFor(...EVERY_TRADE) })), { rounds: 5, seed: 1 })

describe.each(OTHERS)('%s', (language) => {
  const words = catalogueOf(language)
  test('writes figures with its own point', () => {
    expect(amountIn(words, '1.7 m²')).toBe('1,7 m²')
    const sheet = composeRoomSheet(STATE.places[0]!, STATE, PLAN, 'metric', words)
    expect(sheet.size).toBe('2,6 × 2,1 × 2,4 m')
    expect(sheet.work.map(({ amount }) => amount).join()).not.toMatch(/\d\.\d/)
  })

  test('has every stage, trade and word of the pages, and none of them in English', () => {
    for (const stage of Object.keys(STAGES) as (keyof typeof STAGES)[])
      if (!SAME.has(words.stages[stage])) expect(words.stages[stage], stage).not.toBe(STAGES[stage])
    for (const trade of Object.keys(TRADES) as (keyof typeof TRADES)[])
      if (!SAME.has(words.trades[trade])) expect(words.trades[trade], trade).not.toBe(TRADES[trade])
    for (const key of PAGE_KEYS) {
      expect(words.page[key], key).not.toBe('')
      expect(words.page[key], key).not.toBe(catalogueOf('en').page[key])
    }
    expect([words.weekdays.length, words.months.length]).toEqual([7, 12])
  })
  test('has every caution, each part of it in its own words, measures and all', () => {
    const measures = (text: string): string[] =>
      (text.match(/\d+(?:[.,]\d+)?/g) ?? []).map((one) => one.replace(',', '.'))
    for (const [id, { what, care, deferTo }] of Object.entries(CAUTIONS) as [CautionId, Caution][]) {
      const told = words.cautions[id]
      expect(told.what, id).not.toBe(what)
      expect(told.care, id).not.toBe(care)
      expect(told.deferTo, id).not.toBe(deferTo)
      expect(measures(told.care), id).toEqual(measures(care))
      expect(cautionIn(words, id)).toContain(told.deferTo)
    }
  })
  test('a notice and a sheet are told in it but for what people typed', () => {
    for (const visit of PLAN.visits) {
      const notice = composeTradeNotice(visit, PLAN.visits, STATE, 'House', 'metric', words)
      const stages = visit.stages.map((stage) => words.stages[stage]).join(` ${words.and} `)
      const own = visit.trade === 'inspector' ? words.page.inspection : visit.measures ? words.page.measuring : stages
      expect(notice.title).toBe(`House: ${own.toLowerCase()}`)
      expect(notice.when).toBe(visitDaysIn(words, visit))
      for (const sentence of [...notice.ready, ...notice.others])
        expect(sentence).not.toMatch(/ done$| on site$|morning/)
    }
    const sheet = composeRoomSheet(STATE.places[0]!, STATE, PLAN, 'metric', words)
    expect(sheet.work.map(({ stage }) => stage)).toContain(words.stages.tile)
    expect(sheet.work.map(({ trade }) => trade)).toContain(words.trades.tiler)
  })
})

test('in English days and lists are told as everywhere', () => {
  fc.assert(
    fc.property(fc.nat(700), fc.nat(20), fc.constantFrom(0, 1), fc.constantFrom(0, 1), (from, long, a, b) => {
      const startDay = addDays('2026-01-01' as Day, from)
      const [startHalf, endHalf] = long === 0 && a > b ? [b, a] : [a, b]
      const visit = {
        startDay,
        endDay: addDays(startDay, long),
        startHalf: startHalf as 0 | 1,
        endHalf: endHalf as 0 | 1,
      }
      expect(visitDaysIn(catalogueOf('en'), visit)).toBe(visitDays(visit))
    }),
  )
  for (const items of [[], ['a'], ['a', 'b'], ['a', 'b', 'c']])
    expect(listedIn(catalogueOf('en'), items)).toBe(listed(items))
})
test('a day in three languages', () => {
  const day = '2026-03-16' as Day
  expect(shortDayIn(catalogueOf('es'), day)).toBe('lun 16 mar')
  expect(shortDayIn(catalogueOf('pl'), day)).toBe('pon. 16 mar')
})
test('who asks for a language that we have not gets the usual one', () => {
  expect(languageFrom('xx', 'pl')).toBe('pl')
  expect(languageFrom('toString')).toBe('en')
  expect(languageFrom(undefined)).toBe('en')
  expect(languageFrom('es', 'pl')).toBe('es')
})

test('what every treatment calls its work and its goods is said in every language; what a person said stays theirs', () => {
  const titles = TREATMENTS.flatMap(({ lines, selections }) => [
    ...lines.map(({ title }) => title),
    ...selections.map(({ what }) => what),
  ])
  for (const language of OTHERS) {
    const words = catalogueOf(language)
    const missing = [...titles, ...Object.values(SELECTION_STATES)].filter(
      (title) => !Object.hasOwn(words.titles, title),
    )
    expect([...new Set(missing)], language).toEqual([])
    expect(titleIn(words, 'Hang board')).not.toBe('Hang board')
    expect(titleIn(words, 'toString')).toBe('toString')
    expect(titleIn(words, 'Mend the gate that drags')).toBe('Mend the gate that drags')
  }
})
