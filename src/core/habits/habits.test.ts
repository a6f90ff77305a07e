import { afterEach, expect, test } from 'vitest'
import { dateOnly, daysListed, longDay, shortDay, weekBegin, weekOrder, type Day } from '../calendar/day'
import { minor, printMoney, readAmount } from '../measure/money'
import { habitsOf, isCurrency, isTimeZone, localTime, USUAL, writeAs } from './habits'

const DAY = '2026-03-10' as Day
afterEach(() => writeAs(USUAL))

test('days and money are printed as the firm writes them', () => {
  expect([longDay(DAY), shortDay(DAY), dateOnly(DAY), printMoney(minor(195845))]).toEqual([
    'Tuesday 10 March',
    'Tue 10 Mar',
    '10 Mar',
    '€1,958.45',
  ])
  writeAs({ currency: 'USD', dayForm: 'month first', weekStart: 'Sunday' })
  expect([longDay(DAY), shortDay(DAY), dateOnly(DAY), printMoney(minor(-195845))]).toEqual([
    'Tuesday, March 10',
    'Tue, Mar 10',
    'Mar 10',
    '-$1,958.45',
  ])
})
test('a currency without cents has none', () => {
  writeAs({ ...USUAL, currency: 'JPY' })
  expect(printMoney(minor(195800))).toBe('¥1,958')
})
test('what a country usually does is told from a browser’s language', () => {
  expect(habitsOf('en-US')).toEqual({ units: 'imperial', currency: 'USD', dayForm: 'month first', weekStart: 'Sunday' })
  expect(habitsOf('en-GB')).toEqual({ units: 'metric', currency: 'GBP', dayForm: 'day first', weekStart: 'Monday' })
  expect(habitsOf('pl')).toEqual({ units: 'metric', currency: 'PLN', dayForm: 'day first', weekStart: 'Monday' })
})
test('weeks begin with the day that the firm begins them with', () => {
  expect([weekBegin(DAY), weekOrder()]).toEqual(['2026-03-09', [1, 2, 3, 4, 5, 6, 7]])
  writeAs({ ...USUAL, weekStart: 'Sunday' })
  expect([weekBegin(DAY), weekBegin('2026-03-08' as Day), weekOrder()]).toEqual([
    '2026-03-08',
    '2026-03-08',
    [7, 1, 2, 3, 4, 5, 6],
  ])
  writeAs({ ...USUAL, weekStart: 'Saturday' })
  expect(weekBegin(DAY)).toBe('2026-03-07')
})
test('a day begins where the firm is', () => {
  const at = new Date('2026-03-10T23:30:00Z')
  expect(localTime(at, 'UTC')).toEqual({ day: '2026-03-10', hour: 23 })
  expect(localTime(at, 'Europe/Warsaw')).toEqual({ day: '2026-03-11', hour: 0 })
  expect(localTime(at, 'America/Denver')).toEqual({ day: '2026-03-10', hour: 17 })
})
test('what is no currency and no zone is told from one', () => {
  expect([isCurrency('EUR'), isCurrency('XYZ'), isTimeZone('Europe/Vienna'), isTimeZone('Nowhere/Town')]).toEqual([
    true,
    false,
    true,
    false,
  ])
})
test.each([
  ['1380', 1380],
  ['€1,958.45', 1958.45],
  ['1 958,45', 1958.45],
  ['1.958,45 €', 1958.45],
  ['2,5', 2.5],
  ['1,380', 1380],
  ['380 zł', 380],
  ['dear', null],
  ['-4', null],
])('an amount is read as people type it: %s', (text, amount) => {
  expect(readAmount(text)).toBe(amount)
})
test('days off that follow each other are told as one', () => {
  const days = ['2026-03-17', '2026-03-16', '2026-03-18', '2026-04-03'] as Day[]
  expect(daysListed(days)).toBe('16 Mar to 18 Mar, 3 Apr')
  expect(daysListed([])).toBe('')
})
