import { test } from 'vitest'
import { writeFileSync } from 'node:fs'
import { readPeople } from '../../../src/data/people'
import { contextFor } from '../../../src/server/context'
import { openFirmFolder } from '../../../src/server/firmFolder'
import { createFirm } from '../../../src/server/people/accounts'
import { planFirm } from '../../../src/server/plan/planFirm'
import { createSite } from '../../../src/server/sites/createSite'
import { keepCrew } from '../../../src/server/sites/crewsAndRates'
import { planView } from '../../../src/server/views/plan'
import { todayView } from '../../../src/server/views/today'
import { TRADES } from '../../../src/core/scope/vocabulary'
import { readPlan } from '../../../src/data/plans'
import { clockFrom } from '../../../src/server/clock'
import { emptyFolder } from '../../fixtures/folder'
void clockFrom
const R = (name: string, size: string, ...t: string[]) => ({ name, kind: 'room', level: 'Ground floor', size, treatments: t })
const O = (name: string, kind: string, size: string, ...t: string[]) => ({ name, kind, level: 'Outside', size, treatments: t })
const HOUSES: Record<string, any> = {
  'bungalow windows': { built: '1971', livedIn: true, places: [R('Living room', '5 x 4 x 2.5', 'window-replaced', 'room-paint-only'), R('Kitchen', '4 x 3 x 2.5', 'window-replaced'), R('Bedroom', '4 x 3.5 x 2.5', 'window-replaced', 'room-paint-only'), R('Bath', '2.5 x 2 x 2.5', 'window-replaced')] },
  'kitchen and bath': { built: '1988', livedIn: true, places: [R('Kitchen', '4.2 x 3.6 x 2.6', 'kitchen-rebuilt'), R('Bathroom', '2.6 x 2.1 x 2.6', 'bathroom-rebuilt'), R('Hall', '5 x 1.4 x 2.6', 'room-paint-only')] },
  'roof': { built: '1954', livedIn: true, places: [O('Street roof', 'roof', '11 x 6', 'roof-recovered'), O('Yard roof', 'roof', '11 x 6', 'roof-recovered')] },
  'empty shell': { built: '1931', livedIn: false, places: [R('Kitchen', '5 x 4 x 2.8', 'kitchen-rebuilt'), R('Bathroom', '3 x 2.4 x 2.8', 'bathroom-rebuilt'), R('Living room', '6 x 5 x 2.8', 'room-board-finishes', 'window-replaced'), R('Bedroom', '4 x 4 x 2.8', 'room-board-finishes', 'window-replaced'), R('Stair', '3 x 2 x 5', 'stair-and-railing'), O('Front', 'face', '9 x 6', 'face-tear-off'), O('Roof', 'roof', '10 x 7', 'roof-recovered')] },
  'addition': { built: '1999', livedIn: true, places: [O('Yard', 'ground', '8 x 5', 'drain-outside'), R('New room', '5 x 4 x 2.6', 'room-board-finishes', 'window-added'), R('Kitchen', '4 x 4 x 2.6', 'opening-between-rooms', 'room-paint-floor'), O('Garden face', 'face', '7 x 3', 'face-insulated-rendered')] },
  'basement': { built: '1966', livedIn: true, places: [R('Family room', '6 x 4 x 2.3', 'basement-finished'), R('Bedroom', '4 x 3 x 2.3', 'basement-finished', 'escape-window'), R('Washroom', '2.4 x 2 x 2.3', 'bathroom-below-drain'), R('Stair', '3 x 1 x 2.5', 'stair-and-railing')] },
}
test('houses', async () => {
  let out = ''
  for (const [name, house] of Object.entries(HOUSES)) {
    const firm = await openFirmFolder(emptyFolder(), '2026-03-02')
    await createFirm(firm, { firm: 'Example & Co', name: 'Ada', login: 'ada', password: 'barge quoin lantern' })
    const owner = contextFor(firm, readPeople(firm.db)[0]!)
    for (const trade of Object.keys(TRADES)) if (!['client', 'supplier', 'waste'].includes(trade)) keepCrew(owner, { name: `The ${trade}`, trade, crews: 1, crewSize: 2, weekdays: [1, 2, 3, 4, 5], licence: 'L-1', contact: `${trade}@x.example.com`, own: trade === 'carpenter' || trade === 'demolition' })
    const { siteId } = createSite(owner, { name, units: 'metric', weekdays: [1, 2, 3, 4, 5], startsOn: '2026-03-02', clientName: 'C', clientAddress: 'c@example.com', ...house })
    const t = Date.now()
    await planFirm(owner, 'Planned')
    const view = planView(owner, siteId) as any
    out += `\n# ${name} (${Date.now() - t} ms)\n${view.finish}\n${view.floor ?? ''}\nalarms: ${JSON.stringify(view.alarms ?? view.sense ?? [], null, 1).slice(0, 3000)}\nwithout: ${JSON.stringify(view.without)}\n`
    const plan = readPlan(firm.db)!.plan
    for (const v of [...view.visits].sort((a: any, b: any) => (a.startDay + a.startHalf < b.startDay + b.startHalf ? -1 : 1))) out += `${v.startDay}.${v.startHalf ?? ''}-${v.endDay}.${v.endHalf ?? ''} ${String(v.crew).padEnd(18)} ${v.title} | ${v.places} | ${v.why.slice(0, 170)} ${v.sky.join(' ')}\n`
    void plan
    const today = todayView(owner) as any
    out += `today: ${JSON.stringify(today.needs?.map((n: any) => n.words ?? n.title ?? n), null, 0)?.slice(0, 3000)}\n`
  }
  writeFileSync('/tmp/houses.txt', out)
}, 600000)
