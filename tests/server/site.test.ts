import { describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { readBookings, readPlan } from '../../src/data/plans'
import { rebuildRegisters } from '../../src/data/observations'
import { readSite, type Site } from '../../src/data/sites'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { changePlan, previewChange, undoLastPlan, unpinVisit } from '../../src/server/plan/changePlan'
import { addPlace, createSite, layTreatmentAt } from '../../src/server/sites/createSite'
import { keepCrew, keepRate } from '../../src/server/sites/crewsAndRates'
import { editSite } from '../../src/server/sites/editSite'
import { siteState } from '../../src/server/siteStates'
import { find } from '../../src/server/views/find'
import { planView } from '../../src/server/views/plan'
import { scopeView } from '../../src/server/views/scope'
import { selectionsView } from '../../src/server/views/selections'
import { answerNotice, tellTrades, tradePage } from '../../src/server/share/notices'
import { whoToTell } from '../../src/server/share/tell'
import { todayView } from '../../src/server/views/today'
import { receiveObservations } from '../../src/server/walk/receiveObservations'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'
import { messagesOf } from '../fixtures/messages'

const BAKEHOUSE = siteIdOf('bakehouse')
const BATH = placeIdOf('bakehouse', 'bath')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})

const state = (siteId = BAKEHOUSE) => siteState(firm.db, readSite(firm.db, siteId)!)
const lineOf = (placeId: string, title: string) =>
  state().lines.find((line) => line.placeId === placeId && line.title.startsWith(title))!
const NEW_SITE = {
  name: 'Mill Cottage',
  built: '1911',
  units: 'metric',
  livedIn: true,
  weekdays: [1, 2, 3, 4, 5],
  startsOn: '2026-03-16',
  places: [
    { name: 'Kitchen', kind: 'room', level: 'Ground floor', size: '4.1 x 3.9', treatments: ['kitchen-rebuilt'] },
  ],
}

describe('a new site', () => {
  test('lays down lines and selections and is planned', async () => {
    const { siteId } = createSite(as(firm, 'lead'), NEW_SITE)
    await planFirm(as(firm, 'lead'), 'A new site')
    expect(state(siteId).lines.length).toBeGreaterThan(15)
    expect(state(siteId).selections.map((one) => one.what)).toContain('Cabinets')
    expect(readPlan(firm.db)!.plan.finish[siteId]! > '2026-04-01').toBe(true)
  })
  test.each([
    [{ name: '' }, 'Site: type its name.'],
    [{ built: 'old' }, 'Built: write a year, like 1911.'],
    [{ startsOn: '2026-02-30' }, 'Start: write a day as year-month-day'],
    [{ weekdays: [] }, 'Working days: choose at least one.'],
    [{ places: [] }, 'Places: add at least one.'],
    [{ places: [{ ...NEW_SITE.places[0], size: '4 parsecs' }] }, 'Kitchen: "4 parsecs" is not a size.'],
    [{ places: [{ ...NEW_SITE.places[0], size: '4 x 3 furlongs' }] }, 'Kitchen: "3 furlongs" is not a length.'],
    [{ places: [{ ...NEW_SITE.places[0], treatments: ['magic'] }] }, 'Treatment: choose one of the list.'],
  ])('bad input names field and mend, and nothing is half saved: %j', (part, message) => {
    const before = as(firm, 'lead').sites().length
    expect(() => createSite(as(firm, 'lead'), { ...NEW_SITE, ...part })).toThrow(message)
    expect(as(firm, 'lead').sites()).toHaveLength(before)
  })
  test('grows by places and treatments', () => {
    const { placeId } = addPlace(as(firm, 'lead'), BAKEHOUSE, {
      place: { name: 'Attic', kind: 'room', level: 'Attic', size: '' },
    })
    expect(layTreatmentAt(as(firm, 'lead'), BAKEHOUSE, { placeId, treatment: 'room-paint-only' })).toEqual({ lines: 2 })
    expect(state().places.at(-1)!.name).toBe('Attic')
    // The same once more is asked about, and comes twice only where somebody means it.
    const again = { placeId, treatment: 'room-paint-only' }
    expect(() => layTreatmentAt(as(firm, 'lead'), BAKEHOUSE, again)).toThrow('all of its work stands at Attic already')
    expect(layTreatmentAt(as(firm, 'lead'), BAKEHOUSE, { ...again, again: true })).toEqual({ lines: 2 })
    expect(() =>
      layTreatmentAt(as(firm, 'lead'), BAKEHOUSE, { placeId: 'gone', treatment: 'room-paint-only' }),
    ).toThrow('Place: it is not on this site any more.')
  })
  test('own rates are used from then on', () => {
    keepRate(as(firm, 'lead'), { key: 'paint', hours: '1' })
    const { siteId } = createSite(as(firm, 'lead'), {
      ...NEW_SITE,
      places: [{ name: 'Den', kind: 'room', level: 'Ground', size: '4 x 3 x 2.5', treatments: ['room-paint-only'] }],
    })
    expect(state(siteId).lines.find((line) => line.stage === 'paint')!.hours).toBe(47) // 35 m² walls + 12 m² ceiling, 1 h each
    expect(() => keepRate(as(firm, 'lead'), { key: 'paint', hours: 'many' })).toThrow('Hours: write a number')
  })
  test('a circle in the order of work is refused in words, and a stale form too', () => {
    const site = readSite(firm.db, BAKEHOUSE)!
    const form = {
      ...settingsOf(site),
      schools: {},
      relations: [{ before: 'trim', after: 'board' }],
    }
    expect(() => editSite(as(firm, 'lead'), BAKEHOUSE, form)).toThrow(/run in a circle: .*Board before Tape/)
    editSite(as(firm, 'lead'), BAKEHOUSE, { ...form, relations: [{ before: 'tile', after: 'paint' }] })
    expect(() => editSite(as(firm, 'lead'), BAKEHOUSE, { ...form, relations: [] })).toThrow('since you opened the form')
  })
  test('a site picks its school and says why; what is no way to do it is refused', () => {
    const site = readSite(firm.db, BAKEHOUSE)!
    const form = {
      ...settingsOf(site),
      schools: { floorAndCabinets: { way: 'cabinets-first', why: 'a floating floor' } },
      relations: [],
    }
    const wrong = { ...form, schools: { floorAndCabinets: { way: 'both at once', why: '' } } }
    expect(() => editSite(as(firm, 'lead'), BAKEHOUSE, wrong)).toThrow('Floor and cabinets: choose one of the list.')
    editSite(as(firm, 'lead'), BAKEHOUSE, form)
    expect(readSite(firm.db, BAKEHOUSE)!.schools).toEqual(form.schools)
  })
  test('a licensed trade needs a licence on record', () => {
    const crew = { name: 'New wires', trade: 'electrician', crews: 1, crewSize: 1, weekdays: [1] }
    expect(() => keepCrew(as(firm, 'lead'), crew)).toThrow('Licence: electricians need one on record.')
    expect(keepCrew(as(firm, 'lead'), { ...crew, licence: 'E-1' }).id).toBeTruthy()
    expect(() => keepCrew(as(firm, 'lead'), { ...crew, name: crew.name.toUpperCase(), licence: 'E-2' })).toThrow(
      'Name: there is a crew called',
    )
  })
})

const settingsOf = ({ revision, startsOn }: Site) => ({
  revision,
  livedIn: true,
  weekdays: [1, 2, 3, 4, 5],
  daysOff: [],
  startsOn,
})

describe('taking a walk in', () => {
  const observation = (part: object = {}) => ({
    id: uuid(),
    walkId: uuid(),
    placeId: BATH,
    subject: 'finding',
    subjectId: uuid(),
    facet: 'found',
    value: { text: 'damp at the sill', condition: 'damp', certain: true },
    seenAt: '2026-03-10T06:00:00.000Z',
    ...part,
  })
  const send = (observations: unknown[], role: 'lead' | 'crew' = 'lead') =>
    receiveObservations(as(firm, role), BAKEHOUSE, { observations })

  test('shuffled and repeated, the state is the same', () => {
    const all = Array.from({ length: 20 }, () => observation())
    expect(send(all.slice(0, 12)).taken).toBe(12)
    expect(send([...all].reverse()).taken).toBe(8)
    expect(state().findings.filter((one) => one.text === 'damp at the sill')).toHaveLength(20)
    expect(rebuildRegisters(firm.db).differing).toBe(0)
  })
  test('a bad one is named and does not keep the good ones out', () => {
    const bad = observation({ value: { text: '', condition: 'damp', certain: true } })
    const receipt = send([observation(), bad, observation({ subject: 'line', facet: 'colour' })])
    expect(receipt).toMatchObject({
      taken: 1,
      refused: [{ id: bad.id, message: 'What was found: type something.' }, { message: 'A line has no "colour".' }],
    })
  })
  test('a place that was taken off meanwhile: kept, and said in a sentence', () => {
    recordFacts(as(firm, 'lead'), BAKEHOUSE, {
      facts: [{ subject: 'place', subjectId: BATH, facet: 'removed', placeId: BATH, value: true }],
    })
    const receipt = send([observation()])
    expect(receipt.taken).toBe(1)
    expect(receipt.notices[0]).toMatch(/^Bathroom was taken off the site on Tuesday 10 March by Corin Hathersedge\./)
  })
  test('a phone whose clock runs ahead does not win for ever', () => {
    const line = lineOf(BATH, 'Backing')
    const progress = (value: number) => observation({ subject: 'line', subjectId: line.id, facet: 'progress', value })
    send([{ ...progress(25), seenAt: '2031-01-01T00:00:00.000Z' }])
    recordFacts(as(firm, 'lead'), BAKEHOUSE, {
      facts: [{ subject: 'line', subjectId: line.id, facet: 'progress', placeId: BATH, value: 75 }],
    })
    expect(lineOf(BATH, 'Backing').progress).toBe(75)
  })
  test('crew cannot touch prices or other sites, and are given neither money nor private remarks', () => {
    const price = observation({ subject: 'line', subjectId: lineOf(BATH, 'Backing').id, facet: 'price', value: 100 })
    expect(send([price], 'crew').refused[0]!.message).toContain('Prices are for the lead')
    expect(() => receiveObservations(as(firm, 'crew'), siteIdOf('pell'), { observations: [] })).toThrow(
      'no such site among yours',
    )
    const given = JSON.stringify([
      walkSnapshot(as(firm, 'crew'), BAKEHOUSE),
      scopeView(as(firm, 'crew'), BAKEHOUSE),
      todayView(as(firm, 'crew')),
    ])
    for (const canary of ['137953', 'Quillwort', 'Foxglove', 'Pell Street']) expect(given).not.toContain(canary)
    expect(JSON.stringify(walkSnapshot(as(firm, 'lead'), BAKEHOUSE))).toContain('137953')
  })
})

describe('facts at the desk', () => {
  const progress = (value: number, was?: number) => ({
    facts: [
      {
        subject: 'line',
        subjectId: lineOf(BATH, 'Backing').id,
        facet: 'progress',
        placeId: BATH,
        value,
        ...(was === undefined ? {} : { was }),
      },
    ],
  })
  test('a stale form is refused and nothing of it is saved', () => {
    recordFacts(as(firm, 'lead'), BAKEHOUSE, progress(50))
    expect(() => recordFacts(as(firm, 'owner'), BAKEHOUSE, progress(100, 0))).toThrow('Somebody changed this meanwhile')
    expect(lineOf(BATH, 'Backing').progress).toBe(50)
    recordFacts(as(firm, 'owner'), BAKEHOUSE, progress(100, 50))
    expect(lineOf(BATH, 'Backing').progress).toBe(100)
  })
  test.each([
    [{ facet: 'progress', value: 140 }, 'Progress: from 0 to 100.'],
    [{ facet: 'hours', value: -1 }, 'Hours: more than 0.'],
    [{ facet: 'held', value: { reason: '' } }, 'Reason: type something.'],
    [{ facet: 'held', value: { reason: 'x', until: 'soon' } }, 'Until: write a day as year-month-day'],
    [
      { facet: 'held', value: { reason: 'x', until: '2025-12-01' } },
      'Until: Monday 1 December is before the site starts on',
    ],
  ])('%j', (part, message) => {
    expect(() =>
      recordFacts(as(firm, 'lead'), BAKEHOUSE, {
        facts: [{ subject: 'line', subjectId: lineOf(BATH, 'Backing').id, placeId: BATH, ...part }],
      }),
    ).toThrow(message)
  })
})

describe('facts travel through weave, plan, order-by and back', () => {
  const cell = (stage: string) =>
    scopeView(as(firm, 'lead'), BAKEHOUSE)
      .rows.find((row) => row.placeId === BATH)!
      .cells.find((one) => one.stage === stage)!
  const visit = (stage: string) =>
    readPlan(firm.db)!.plan.visits.find(
      (one) => one.placeIds.includes(BATH) && one.stages.includes(stage as never) && one.trade !== 'inspector',
    )!
  const selection = (what: string) =>
    selectionsView(as(firm, 'lead'), BAKEHOUSE).rows.find((row) => row.what === what && row.placeId === BATH)!
  const tell = (fact: object) => recordFacts(as(firm, 'lead'), BAKEHOUSE, { facts: [{ placeId: BATH, ...fact }] })

  test('progress fills the weave and marks the plan as out of date until planned again', async () => {
    tell({ subject: 'line', subjectId: lineOf(BATH, 'Backing').id, facet: 'progress', value: 100 })
    expect(cell('framing').percent).toBe(90) // all done, but the inspection is open
    expect(planView(as(firm, 'lead'), BAKEHOUSE).stale).toEqual(['Bakehouse Lane'])
    await planFirm(as(firm, 'lead'), 'again')
    expect(planView(as(firm, 'lead'), BAKEHOUSE).stale).toEqual([])
    expect(
      readPlan(firm.db)!.plan.visits.some(
        (one) => one.placeIds.includes(BATH) && one.stages.includes('framing') && one.trade === 'carpenter',
      ),
    ).toBe(false)
  })
  test('a hold shows in the weave, moves its visit and moves the order-by of what comes after', async () => {
    const before = {
      board: visit('board').startDay,
      tile: visit('tile').startDay,
      orderBy: selection('Vanity and mirror').orderBy!,
    }
    tell({
      subject: 'line',
      subjectId: lineOf(BATH, 'Board and backer').id,
      facet: 'held',
      value: { reason: 'backing not in', until: '2026-06-01' },
    })
    expect(cell('board').held).toBe('backing not in')
    await planFirm(as(firm, 'lead'), 'held')
    expect(visit('board').startDay).toBe('2026-06-01')
    expect(visit('tile').startDay > before.tile).toBe(true)
    expect(selection('Vanity and mirror').orderBy! > before.orderBy).toBe(true)
    expect(cell('board').next).toBe('1 Jun')
  })
  test('work that is done sooner fills the weave, brings what follows forward, and with it the last day to order', async () => {
    const board = { subject: 'line', subjectId: lineOf(BATH, 'Board and backer').id, facet: 'held' }
    tell({ ...board, value: { reason: 'backing not in', until: '2026-06-01' } })
    await planFirm(as(firm, 'lead'), 'held')
    const before = { tile: visit('tile').startDay, orderBy: selection('Vanity and mirror').orderBy! }
    tell({ ...board, value: null })
    for (const line of state().lines.filter((one) => one.placeId === BATH && one.excluded === null)) {
      if (['framing', 'ducts', 'pipes', 'wires', 'insulation', 'board', 'tape'].includes(line.stage))
        tell({ subject: 'line', subjectId: line.id, facet: 'progress', value: 100 })
    }
    const tile = state().selections.find((s) => s.placeId === BATH && s.what === 'Wall and floor tile')!
    tell({ subject: 'selection', subjectId: tile.id, facet: 'state', value: 'arrived' })
    await planFirm(as(firm, 'lead'), 'sooner')
    expect(cell('tape').percent).toBe(100)
    expect(visit('tile').startDay < before.tile).toBe(true)
    expect(selection('Vanity and mirror').orderBy! < before.orderBy).toBe(true)
  })
  test('a slipped delivery moves its visit, the weave’s date, and the last day to order what comes after', async () => {
    const before = selection('Vanity and mirror').orderBy!
    tell({
      subject: 'selection',
      subjectId: state().selections.find((s) => s.placeId === BATH && s.what === 'Wall and floor tile')!.id,
      facet: 'arrives',
      value: '2026-06-08',
    })
    await planFirm(as(firm, 'lead'), 'slipped')
    expect(visit('tile').startDay).toBe('2026-06-09')
    expect(cell('tile').next).toBe('9 Jun')
    expect(selection('Wall and floor tile').reason).toContain('Arrives 8 Jun, needed 9 Jun')
    expect(selection('Vanity and mirror').orderBy! > before).toBe(true)
  })
})

describe('what changes for people who were told is in the tell list, and nothing else is', () => {
  const KITCHEN = placeIdOf('bakehouse', 'kitchen')
  const told = () => whoToTell(as(firm, 'lead')).changed
  const textsFor = (who: string) =>
    told()
      .filter((one) => one.who === who)
      .flatMap(({ changes }) => changes.map((change) => change.text))
  const tell = (fact: object) => recordFacts(as(firm, 'lead'), BAKEHOUSE, { facts: [{ placeId: KITCHEN, ...fact }] })
  /** Told visits that stand elsewhere in the plan, counted without the tell list. */
  const moved = () => {
    const planned = new Map(readPlan(firm.db)!.plan.visits.map((visit) => [visit.key, visit]))
    return readBookings(firm.db)
      .filter((b) => b.state !== 'declined' && planned.has(b.visitKey))
      .filter((b) => {
        const now = planned.get(b.visitKey)!
        return (
          [now.startDay, now.startHalf, now.endDay, now.endHalf].join() !==
          [b.startDay, b.startHalf, b.endDay, b.endHalf].join()
        )
      })
      .map((b) => b.visitKey)
      .sort()
  }
  const toldOf = () =>
    told()
      .flatMap(({ changes }) => changes.flatMap((change) => change.visitKey ?? []))
      .sort()

  test('a delivery that slips: its fitter, who comes after, and the client', async () => {
    tell({
      subject: 'selection',
      subjectId: state().selections.find((s) => s.placeId === KITCHEN && s.what === 'Cabinets')!.id,
      facet: 'arrives',
      value: '2026-04-29',
    })
    await planFirm(as(firm, 'lead'), 'slipped')
    expect(textsFor('Joss Tenonby')).toEqual([
      'Cabinets, Kitchen, Bakehouse Lane: Thu 30 Apr to Fri 1 May, 16 days later (was Tue 14 Apr to Wed 15 Apr).',
    ])
    expect(
      textsFor('Slate & Sons of Nowhere')
        .map((text) => text.split(',')[0])
        .sort(),
    ).toEqual(['Countertops', 'Measuring'])
    expect(textsFor('Client of Bakehouse Lane')[0]).toMatch(/^Likely finish \d+ May instead of \d+ May\.$/)
    expect(toldOf()).toEqual(moved())
  })
  test('a gate that holds: whoever is behind it', async () => {
    tell({
      subject: 'line',
      subjectId: lineOf(KITCHEN, 'Hang board').id,
      facet: 'held',
      value: { reason: 'wires not proved', until: '2026-04-20' },
    })
    await planFirm(as(firm, 'lead'), 'held')
    expect(textsFor('Joss Tenonby').join()).toContain('Cabinets, Kitchen, Bakehouse Lane')
    expect(toldOf()).toEqual(moved())
  })
  test('work that got done: finished visits are no news, and told dates stay where they were', async () => {
    const before = toldOf()
    tell({ subject: 'line', subjectId: lineOf(KITCHEN, 'Wires').id, facet: 'progress', value: 100 })
    await planFirm(as(firm, 'lead'), 'again')
    expect(toldOf()).toEqual(moved())
    expect(toldOf().filter((key) => !before.includes(key) && key.includes('electrician'))).toEqual([])
  })
  test('work that was left out: its crew hears that the visit is called off, once, and its link says so', async () => {
    const visit = readPlan(firm.db)!.plan.visits.find(
      (one) => one.placeIds.includes(KITCHEN) && one.stages.includes('cabinets') && one.trade === 'cabinet-maker',
    )!
    await tellTrades(as(firm, 'lead'), { visitKeys: [visit.key] })
    const link = /\/for\/trade\/(\S+)/.exec(
      messagesOf(firm, 500).find((m) => m.recipient === 'Joss Tenonby')!.body,
    )![1]!
    for (const lineId of visit.lineIds)
      tell({
        subject: 'line',
        subjectId: lineId,
        facet: 'excluded',
        value: { reason: 'the client keeps the old ones' },
      })
    await planFirm(as(firm, 'lead'), 'left out')
    expect(textsFor('Joss Tenonby')).toEqual([
      'Cabinets, Kitchen, Bakehouse Lane: called off (was Tue 21 Apr to Wed 22 Apr).',
    ])
    expect(tradePage(firm, link)).toMatchObject({ notice: null, changing: true })
    expect(() => answerNotice(firm, link, { answer: 'confirm' })).toThrow('This date is being changed.')
    await tellTrades(as(firm, 'lead'), { visitKeys: [visit.key] })
    expect(textsFor('Joss Tenonby')).toEqual([])
    expect(messagesOf(firm, 500).filter((m) => m.subject.startsWith('Called off: Cabinets'))).toHaveLength(1)
    expect(() => tradePage(firm, link)).toThrow('This visit was called off. You need do nothing.')
  })
})

describe('moving a visit', () => {
  const last = () =>
    readPlan(firm.db)!
      .plan.visits.filter((one) => one.siteId === BAKEHOUSE && one.trade === 'painter')
      .at(-1)!
  test('shows what follows first, saves nothing; then pins, and is undone whole', async () => {
    const visit = last()
    const to = { visitKey: visit.key, day: '2026-06-10', half: 0 }
    const preview = await previewChange(as(firm, 'lead'), to)
    expect(preview).toMatchObject({ stands: true })
    expect(last().startDay).toBe(visit.startDay)
    await changePlan(as(firm, 'lead'), to)
    expect(last().startDay).toBe('2026-06-10')
    expect(planView(as(firm, 'lead'), BAKEHOUSE).visits.find((one) => one.key === visit.key)!.pinned).toBe(true)
    expect(undoLastPlan(as(firm, 'lead'))).toEqual({ undone: 'A visit was moved' })
    expect(last().startDay).toBe(visit.startDay)
    expect(planView(as(firm, 'lead'), BAKEHOUSE).visits.find((one) => one.key === visit.key)!.pinned).toBe(false)
  })
  test('an impossible day is answered with the first possible one and why', async () => {
    const visit = last()
    const preview = await previewChange(as(firm, 'lead'), { visitKey: visit.key, day: '2026-03-10', half: 0 })
    expect(preview.stands).toBe(false)
    expect(preview.lead).toMatch(/^It cannot start then\. .+ The first it can do is /)
  })
  test('bad input, the past and crew are refused', async () => {
    await expect(changePlan(as(firm, 'lead'), { visitKey: last().key, day: '2026-03-01', half: 0 })).rejects.toThrow(
      'Day: it has passed.',
    )
    const pell = readPlan(firm.db)!.plan.visits.find((one) => one.siteId === siteIdOf('pell'))!
    await expect(changePlan(as(firm, 'lead'), { visitKey: pell.key, day: '2026-03-12', half: 0 })).rejects.toThrow(
      'Day: Pell Street starts on Monday 16 March.',
    )
    await expect(changePlan(as(firm, 'lead'), { visitKey: 'gone', day: '2026-04-01', half: 0 })).rejects.toThrow(
      'no longer in the plan',
    )
    await expect(
      previewChange(as(firm, 'crew'), { visitKey: last().key, day: '2026-04-01', half: 0 }),
    ).rejects.toMatchObject({ status: 403 })
  })
  test('unpinned, the next plan is free again', async () => {
    const visit = last()
    await changePlan(as(firm, 'lead'), { visitKey: visit.key, day: '2026-06-10', half: 0 })
    unpinVisit(as(firm, 'lead'), { visitKey: visit.key })
    await planFirm(as(firm, 'lead'), 'again')
    expect(last().startDay < '2026-06-10').toBe(true)
  })
  test('planning again with nothing new moves nobody who was told', async () => {
    const told = readBookings(firm.db).filter((one) => one.state !== 'declined')
    await planFirm(as(firm, 'lead'), 'once')
    const first = readPlan(firm.db)!.plan
    await planFirm(as(firm, 'lead'), 'twice')
    const again = new Map(readPlan(firm.db)!.plan.visits.map((one) => [one.key, one]))
    for (const { visitKey } of told)
      expect(again.get(visitKey)?.startDay).toBe(first.visits.find((one) => one.key === visitKey)?.startDay)
  })
})

test('finding goes by today’s and tomorrow’s name of a room', () => {
  expect(find(as(firm, 'lead'), 'pottery')[0]).toMatchObject({ title: 'Family room, to be Pottery studio' })
  expect(find(as(firm, 'lead'), 'family heron')[0]!.title).toContain('Family room')
  expect(find(as(firm, 'crew'), 'pell')).toEqual([])
})

describe('the morning desk', () => {
  test('says who is where, what cannot wait and which site to walk next', () => {
    const view = todayView(as(firm, 'owner'))
    expect(view.today).toBe('Tuesday 10 March')
    expect(view.board.map((row) => row.name)).toEqual([
      'Bakehouse Lane',
      'Heron Court',
      'Orchard Barn',
      'Pell Street',
      'Millrace Terrace',
      'Tollgate Cottage',
    ])
    expect(view.needs.some((need) => need.text.includes(' declined: '))).toBe(true)
    expect(view.needs.some((need) => need.text.startsWith('Worktop edge'))).toBe(true)
    expect(view.next[0]!.reason.length).toBeGreaterThan(20)
  })
})
