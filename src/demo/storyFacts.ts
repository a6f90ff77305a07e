import { kindOf } from '../core/entries/entry'
import { readEntry } from '../core/entries/entryWords'
import { readValues } from '../core/entries/field'
import type { Narration } from '../core/narration/line'
import { narrate } from '../core/narration/narrate'
import { proposalsOf } from '../core/narration/proposals'
import { registersOf } from '../core/walk/registers'
import { siteStateOf } from '../core/walk/siteState'
import type { Day } from '../core/calendar/day'
import { parseSize } from '../core/measure/size'
import { minor } from '../core/measure/money'
import type { LineLaid } from '../core/scope/line'
import { layTreatment } from '../core/scope/layTreatment'
import { treatmentById } from '../core/scope/treatments'
import { selectionFields } from '../core/selections/selectionKinds'
import { gateItemId } from '../core/sequence/coverGate'
import type { NewFact, Observation } from '../core/walk/observation'
import { demoId, placeIdOf } from './ids'
import type { SeenPlace, SiteStory } from './story'

export type Made = Pick<Observation, 'subject' | 'facet' | 'subjectId' | 'placeId' | 'value'>

export interface LaidLine extends LineLaid {
  readonly id: string
}

/** What a story lays down before anybody walks: places, lines, selections. */
export function layDown(story: SiteStory, say: (made: Made) => void, day: (offset: number) => Day): LaidLine[] {
  const lines: LaidLine[] = []
  story.places.forEach((place, order) => {
    const placeId = placeIdOf(story.key, place.key)
    const kind = place.kind ?? 'room'
    const size = parseSize(place.size, story.units)
    const laid = {
      name: place.name,
      kind,
      level: place.level,
      size,
      order: order + 1,
      ...(place.futureName ? { futureName: place.futureName } : {}),
    }
    say({ subject: 'place', subjectId: placeId, facet: 'laid', placeId, value: laid })
    for (const id of place.treatments) {
      const treatment = treatmentById(id)!
      layTreatment(treatment, { id: placeId, kind, size }, {}).forEach((line, i) => {
        const lineId = demoId('line', story.key, place.key, id, String(i))
        lines.push({ ...line, id: lineId })
        say({ subject: 'line', subjectId: lineId, facet: 'laid', placeId, value: line })
      })
      for (const { what, lead, neededFor } of treatment.selections) {
        say({
          subject: 'selection',
          subjectId: demoId('selection', story.key, place.key, what),
          facet: 'laid',
          placeId,
          value: { placeId, what, lead, neededFor },
        })
      }
    }
  })
  for (const told of story.selections ?? []) saySelection(story, told, say, day)
  return lines
}

function saySelection(
  site: Pick<SiteStory, 'key' | 'units'>,
  told: NonNullable<SiteStory['selections']>[number],
  say: (made: Made) => void,
  day: (offset: number) => Day,
): void {
  const placeId = placeIdOf(site.key, told.at)
  const about = { subject: 'selection' as const, subjectId: demoId('selection', site.key, told.at, told.what), placeId }
  if (told.lead && told.neededFor) {
    const value = {
      placeId,
      what: told.what,
      lead: told.lead,
      neededFor: told.neededFor,
    }
    say({ ...about, facet: 'laid', value })
  }
  if (told.state) say({ ...about, facet: 'state', value: told.state })
  if (told.leadDays) say({ ...about, facet: 'lead', value: told.leadDays })
  if (told.choice) say({ ...about, facet: 'choice', value: told.choice })
  if (told.supplier) say({ ...about, facet: 'supplier', value: told.supplier })
  if (told.approvalDays) say({ ...about, facet: 'approvalDays', value: told.approvalDays })
  if (told.came) {
    const { daysAgo, ...came } = told.came
    say({ ...about, facet: 'delivered', value: { on: day(-daysAgo), ...came } })
  }
  if (told.sort) {
    const typed = told.typed ?? {}
    const values = readValues(selectionFields(told.sort), (key) => typed[key] ?? '', site.units)
    say({ ...about, facet: 'details', value: { sort: told.sort, values } })
  }
  if (told.arrivesIn !== undefined) say({ ...about, facet: 'arrives', value: day(told.arrivesIn) })
}

/** The facts that one seen place tells. */
export function seenFacts(
  site: string,
  seen: SeenPlace,
  placeId: string,
  lines: readonly LaidLine[],
  day: (offset: number) => Day,
): Made[] {
  const made: Made[] = [{ subject: 'place', subjectId: placeId, facet: 'visited', placeId, value: true }]
  const onLine = (line: LaidLine, facet: string, value: unknown): void =>
    void made.push({ subject: 'line', subjectId: line.id, facet, placeId, value } as Made)
  const own = (kind: string, text: string): string => demoId(kind, site, seen.at, text)
  for (const line of lines) {
    const byTitle = Object.entries(seen.lines ?? {}).find(([start]) => line.title.startsWith(start))?.[1]
    const percent =
      line.trade === 'inspector'
        ? line.inspects?.some((stage) => seen.passed?.includes(stage))
          ? 100
          : undefined
        : (byTitle ?? seen.progress?.[line.stage])
    if (percent !== undefined) onLine(line, 'progress', percent)
    if (seen.held && line.title.startsWith(seen.held.line))
      onLine(line, 'held', {
        reason: seen.held.reason,
        ...(seen.held.untilIn === undefined ? {} : { until: day(seen.held.untilIn) }),
      })
    const out = seen.out?.find((one) => line.title.startsWith(one.line))
    if (out) onLine(line, 'excluded', { reason: out.reason })
  }
  for (const [stage, percent] of Object.entries(seen.eye ?? {}))
    made.push({ subject: 'stage', subjectId: `${placeId}/${stage}`, facet: 'eye', placeId, value: percent })
  for (const { stage, item } of seen.ticked ?? [])
    made.push({ subject: 'gate', subjectId: gateItemId(placeId, stage, item), facet: 'ticked', placeId, value: true })
  for (const { text, condition, certain } of seen.found ?? [])
    made.push({
      subject: 'finding',
      subjectId: own('finding', text),
      facet: 'found',
      placeId,
      value: { text, condition, certain },
    })
  for (const keep of seen.keeps ?? [])
    made.push({ subject: 'keep', subjectId: own('keep', keep.text), facet: 'kept', placeId, value: keep })
  for (const note of seen.notes ?? [])
    made.push({
      subject: 'note',
      subjectId: own('note', note.text),
      facet: 'noted',
      placeId,
      value: { text: note.text, private: note.private ?? false },
    })
  for (const { byIn, price, answer, ...asked } of seen.decide ?? []) {
    const value = {
      ...asked,
      ...(byIn === undefined ? {} : { by: day(byIn) }),
      ...(price === undefined ? {} : { price: minor(price) }),
    }
    made.push({ subject: 'decision', subjectId: own('decision', asked.question), facet: 'asked', placeId, value })
    if (answer)
      made.push({
        subject: 'decision',
        subjectId: own('decision', asked.question),
        facet: 'answered',
        placeId,
        value: answer,
      })
  }
  if (seen.extra) {
    const { price, title, stage, trade, hours } = seen.extra
    const subjectId = own('extra', title)
    const value: LineLaid = {
      placeId,
      stage,
      trade,
      action: 'install',
      element: 'outlet',
      title,
      basis: 'once',
      rate: 'frame-opening',
      quantity: { value: 1, unit: 'each' },
      how: 'said on the walk',
      rough: false,
      hours,
      cautions: [],
      extra: true,
    }
    made.push(
      { subject: 'line', subjectId, facet: 'laid', placeId, value },
      { subject: 'line', subjectId, facet: 'price', placeId, value: minor(price) },
    )
  }
  return made
}

/** Entries of the registers, read from what would be typed, and the work that is part of them.
 * @param lines the lines of the whole site */
export function entryFacts(story: SiteStory, seen: SeenPlace, placeId: string, lines: readonly LaidLine[]): Made[] {
  return (seen.entries ?? []).flatMap(({ kind: id, typed, work }): Made[] => {
    const kind = kindOf(id)
    const values = readEntry(kind, (key) => typed[key] ?? '', story.units)
    const subjectId = demoId('entry', story.key, seen.at, id, Object.values(typed).join())
    const places = work?.at?.map((key) => placeIdOf(story.key, key))
    const its = work
      ? lines.filter(
          (line) => (!places || places.includes(line.placeId)) && (!work.stages || work.stages.includes(line.stage)),
        )
      : []
    return [
      {
        subject: 'entry',
        subjectId,
        facet: 'written',
        placeId: kind.at === 'site' ? null : placeId,
        value: { kind: id, values },
      },
      ...its.map((line): Made => ({
        subject: 'line',
        subjectId: line.id,
        facet: 'partOf',
        placeId: line.placeId,
        value: [subjectId],
      })),
    ]
  })
}

/** What was dictated at a place, read as anybody's words are. */
export function dictatedFacts(
  story: SiteStory,
  seen: SeenPlace,
  observed: readonly Observation[],
  today: Day,
): readonly NewFact[] {
  const state = siteStateOf(registersOf(observed))
  const place = story.places.find((one) => one.key === seen.at)!
  let count = 0
  const newId = (): string => demoId('said', story.key, seen.at, today, String(count++))
  const narration: Narration = {
    text: seen.dictated!,
    places: state.places.map((one) => one.name),
    current: place.name,
    units: story.units,
    today,
  }
  return proposalsOf(narrate(narration), narration, { state, units: story.units, newId }).flatMap(({ facts }) => facts)
}
