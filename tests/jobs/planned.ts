import { readFileSync } from 'node:fs'
import { v7 as uuid } from 'uuid'
import { WEIGHTS } from '../../src/cli/speechWeights'
import { dateOnly, parseDay } from '../../src/core/calendar/day'
import { HOURS_PER_SLOT, SLOTS_PER_DAY } from '../../src/core/calendar/slots'
import { kindOf } from '../../src/core/entries/entry'
import { readEntry } from '../../src/core/entries/entryWords'
import { lostDays } from '../../src/core/schedule/lostDays'
import { decodeModel } from '../../src/core/narration/learned/model'
import type { Narration, WalkKind } from '../../src/core/narration/line'
import { narrate } from '../../src/core/narration/narrate'
import { proposalsOf } from '../../src/core/narration/proposals'
import { proposalOf } from '../../src/core/narration/spokenFacts'
import type { Proposal } from '../../src/core/narration/spokenFacts'
import type { Units } from '../../src/core/measure/length'
import type { Plan, PlannedVisit } from '../../src/core/schedule/plan'
import { visitDays } from '../../src/core/schedule/planDiff'
import { coverGates, gateItemId, gateWords } from '../../src/core/sequence/coverGate'
import type { PlaceKind } from '../../src/core/places/place'
import type { SelectionLaid } from '../../src/core/selections/selection'
import type { Relation } from '../../src/core/sequence/relations'
import type { Schools } from '../../src/core/sequence/schools'
import type { Element, Stage, Trade } from '../../src/core/scope/vocabulary'
import { readCrews } from '../../src/data/crews'
import { readPeople } from '../../src/data/people'
import { readPlan } from '../../src/data/plans'
import { clockFrom } from '../../src/server/clock'
import { contextFor, type Context } from '../../src/server/context'
import { openFirmFolder, type FirmFolder } from '../../src/server/firmFolder'
import { createFirm } from '../../src/server/people/accounts'
import { changePlan } from '../../src/server/plan/changePlan'
import { keepForecast } from '../../src/server/plan/forecast'
import { whoCame } from '../../src/server/plan/whoCame'
import { learnedView, takeLearned } from '../../src/server/learning/learned'
import { planFirm } from '../../src/server/plan/planFirm'
import { clientPage, draftUpdate, publishUpdate } from '../../src/server/share/clientUpdates'
import { answerNotice, tellTrades, tradePage } from '../../src/server/share/notices'
import { tellOthers } from '../../src/server/share/others'
import { whoToTell } from '../../src/server/share/tell'
import { visitWords } from '../../src/server/share/visitWords'
import { editSite } from '../../src/server/sites/editSite'
import { createSite } from '../../src/server/sites/createSite'
import { keepCrew } from '../../src/server/sites/crewsAndRates'
import { siteState } from '../../src/server/siteStates'
import { lookBackView } from '../../src/server/views/lookBack'
import { paperView } from '../../src/server/views/paper'
import { visitView } from '../../src/server/views/visit'
import { planView } from '../../src/server/views/plan'
import { recordView } from '../../src/server/views/record'
import { roomSheetView } from '../../src/server/views/roomSheet'
import { todayView } from '../../src/server/views/today'
import { siteSettingsView } from '../../src/server/views/settings'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { emptyFolder } from '../fixtures/folder'
import { messagesOf } from '../fixtures/messages'

export interface JobCrew {
  readonly name: string
  readonly trade: Trade
  readonly crews?: number
  readonly weekdays?: readonly number[]
  readonly halves?: 'both' | 'morning' | 'afternoon'
  readonly mornings?: boolean
  readonly off?: readonly string[]
}

export interface JobWork {
  readonly title: string
  readonly at: string
  readonly stage: Stage
  readonly trade: Trade
  /** Working days of the trade's crew. */
  readonly days: number
  readonly done?: number
  readonly inspects?: readonly Stage[]
  readonly outage?: string
  readonly out?: boolean
  /** What it is done to, where that matters; a wall otherwise. */
  readonly element?: Element
  /** An extra to be approved, with its price in hundredths. */
  readonly extra?: number
}

export interface JobSite {
  readonly name: string
  readonly startsOn: string
  readonly units?: Units
  readonly built?: string
  readonly places: readonly { readonly name: string; readonly kind?: PlaceKind; readonly size?: string }[]
  readonly work: readonly JobWork[]
}

const SPEECH = decodeModel(new Uint8Array(readFileSync(WEIGHTS)))

const DAY_HOURS = HOURS_PER_SLOT * SLOTS_PER_DAY

/** A firm of its own for one job: entered, planned, told and answered through the use cases of the screens. */
export class PlannedJob {
  private readonly ids = new Map<string, string>()
  private readonly placeIds = new Map<string, string>()

  private constructor(
    private firm: FirmFolder,
    private readonly siteIds: Map<string, string>,
  ) {}

  static async of(today: string, crews: readonly JobCrew[], sites: readonly JobSite[]): Promise<PlannedJob> {
    const firm = await openFirmFolder(emptyFolder(), today)
    await createFirm(firm, { firm: 'Example & Co', name: 'Ada', login: 'ada', password: 'barge quoin lantern' })
    const job = new PlannedJob(firm, new Map())
    for (const { crews: many = 1, weekdays = [1, 2, 3, 4, 5], halves = 'both', off = [], ...crew } of crews)
      keepCrew(job.owner, {
        // They are on the job, or know that it comes.
        noticeDays: 0,
        ...crew,
        crews: many,
        crewSize: 1,
        weekdays,
        halves,
        daysOff: off,
        licence: 'L-1',
        contact: `${crew.trade}@trades.example.com`,
      })
    for (const site of sites) job.open(site)
    return job
  }

  private get owner(): Context {
    return contextFor(this.firm, readPeople(this.firm.db)[0]!)
  }

  private open(site: JobSite): void {
    const { siteId } = createSite(this.owner, {
      name: site.name,
      // Where a job tells no year nothing old has to be tested first.
      built: site.built ?? '1998',
      units: site.units ?? 'metric',
      livedIn: true,
      weekdays: [1, 2, 3, 4, 5],
      startsOn: site.startsOn,
      clientName: 'The household',
      clientAddress: 'client@example.com',
      places: site.places.map(({ name, kind = 'room', size = '6 x 5 x 2.5' }) => ({
        name,
        kind,
        level: 'Ground floor',
        size,
        treatments: [],
      })),
    })
    this.siteIds.set(site.name, siteId)
    for (const place of siteState(this.firm.db, this.owner.site(siteId)).places) this.placeIds.set(place.name, place.id)
    this.add(site.name, ...site.work)
  }

  /** Lays more lines of work down. */
  add(site: string, ...work: readonly JobWork[]): void {
    for (const one of work) {
      const id = uuid()
      this.ids.set(one.title, id)
      this.record(site, 'line', one.title, 'laid', {
        placeId: this.placeIds.get(one.at),
        stage: one.stage,
        trade: one.trade,
        action: one.inspects ? 'inspect' : one.out ? 'remove' : 'install',
        element: one.element ?? 'wall',
        title: one.title,
        basis: 'once',
        rate: 'frame-room',
        quantity: null,
        how: 'as told',
        rough: false,
        hours: one.days * DAY_HOURS,
        cautions: [],
        ...(one.inspects ? { inspects: one.inspects } : {}),
        ...(one.outage ? { outage: one.outage } : {}),
        ...(one.extra ? { extra: true } : {}),
      })
      if (one.extra) this.record(site, 'line', one.title, 'price', one.extra)
      if (one.done) this.record(site, 'line', one.title, 'progress', one.done)
    }
  }

  /** Records one fact of something that has a name. */
  record(
    site: string,
    subject: 'line' | 'selection' | 'decision' | 'gate' | 'entry' | 'note' | 'keep',
    name: string,
    facet: string,
    value: unknown,
    place?: string,
  ): void {
    const subjectId = this.ids.get(name) ?? uuid()
    this.ids.set(name, subjectId)
    recordFacts(this.owner, this.siteIds.get(site)!, {
      facts: [{ subject, subjectId, facet, placeId: place ? this.placeIds.get(place)! : placeOf(value), value }],
    })
  }

  /** An inspection of a place did not pass; it is a point of what covers it. */
  fail(site: string, place: string, cover: Stage, inspection: string, reason: string): void {
    const item = gateItemId(this.placeIds.get(place)!, cover, this.ids.get(inspection)!)
    this.ids.set(item, item)
    this.record(site, 'gate', item, 'failed', { reason })
  }

  /** All that a stage of a place will hide has been photographed. */
  photographed(site: string, place: string, cover: Stage): void {
    const item = gateItemId(this.placeIds.get(place)!, cover, 'photos')
    this.ids.set(item, item)
    this.record(site, 'gate', item, 'ticked', true)
  }

  /** Lays a selection down. */
  lay(site: string, place: string, laid: Pick<SelectionLaid, 'what' | 'lead' | 'neededFor'>): void {
    this.record(site, 'selection', laid.what, 'laid', { ...laid, placeId: this.placeIds.get(place) })
  }

  /** Gives a site its own order of work, beside that of the trade. */
  order(site: string, relations: readonly (Relation & { readonly why: string })[], schools: Schools = {}): void {
    const { site: form } = siteSettingsView(this.owner, this.siteIds.get(site)!)
    editSite(this.owner, form.id, { ...form, schools: { ...form.schools, ...schools }, relations })
  }

  /** Chooses who comes to a site for a trade that several crews do. */
  chooseCrew(site: string, trade: Trade, crew: string): void {
    const { site: form } = siteSettingsView(this.owner, this.siteIds.get(site)!)
    const id = readCrews(this.firm.db).find(({ name }) => name === crew)?.id ?? 'nobody'
    editSite(this.owner, form.id, { ...form, crews: { ...form.crews, [trade]: id } })
  }

  /** Lets a line wait for others, and for entries, by name. */
  waits(
    site: string,
    title: string,
    ...names: readonly (string | { readonly for: string; readonly leastDays: number })[]
  ): void {
    const value = names.map((one) => {
      const { for: name, ...days } = typeof one === 'string' ? { for: one } : one
      return { for: this.ids.get(name)!, ...days }
    })
    this.record(site, 'line', title, 'waits', value)
  }

  /** Tells what the sky will do on some days. */
  weather(sky: string, ...days: readonly string[]): void {
    keepForecast(this.owner, { days: days.map((day) => ({ day, sky, low: 8, high: 16 })) })
  }

  /** What holds a stage of a place, in words. */
  gate(site: string, place: string, stage: Stage): string {
    const gates = coverGates(
      this.placeIds.get(place)!,
      siteState(this.firm.db, this.owner.site(this.siteIds.get(site)!)),
    )
    return gates.flatMap((gate) => (gate.stage === stage ? [gateWords(gate)] : [])).join()
  }

  /** Lives on until another day. */
  until(day: string): void {
    this.firm = { ...this.firm, clock: clockFrom(day, null) }
  }

  async plan(): Promise<void> {
    this.before = readPlan(this.firm.db)?.plan ?? null
    await planFirm(this.owner, 'Planned')
  }
  private before: Plan | null = null

  /** Moves the visit that does a line of work. */
  async move(title: string, day: string, half: 0 | 1 = 0): Promise<void> {
    this.before = readPlan(this.firm.db)?.plan ?? null
    await changePlan(this.owner, { visitKey: this.visit(title).key, day, half })
  }

  /** Somebody came for a line of work today, for so many hours of all of them. */
  async came(title: string, hours?: number): Promise<void> {
    const { key } = this.visit(title)
    await whoCame(this.owner, { visitKey: key, day: this.owner.today, how: 'came', ...(hours ? { hours } : {}) })
  }

  /** What the firm could count with, or does, by what is over. */
  learned = () => learnedView(this.owner)
  countWith = (key: string, take = true): void => takeLearned(this.owner, { key, take })

  /** Tells the trades of some lines their days. */
  async tell(...titles: readonly string[]): Promise<void> {
    await tellTrades(this.owner, { visitKeys: titles.map((title) => this.visit(title).key) })
  }

  /** Tells every crew of the plan its days. */
  async tellAll(): Promise<void> {
    await tellTrades(this.owner, { visitKeys: readPlan(this.firm.db)!.plan.visits.map(({ key }) => key) })
  }

  /** All that each crew reads on its links, by its name. */
  tradesRead(): Map<string, string> {
    const read = new Map<string, string>()
    for (const { recipient, body } of messagesOf(this.firm, 500))
      for (const [, token] of body.matchAll(/for\/trade\/(\S+)/g))
        read.set(recipient, [read.get(recipient), this.follow(token!)].filter(Boolean).join('\n'))
    return read
  }

  /** Puts somebody on the job who hears of days without coming for them as a trade. */
  party(site: string, name: string, values: Readonly<Record<string, string>>): void {
    this.record(site, 'entry', name, 'written', {
      kind: 'party',
      values: { name, contact: `${this.ids.size}@others.example.com`, ...values },
    })
  }

  /** Tells all of those what they have to hear. */
  async tellOthers(): Promise<void> {
    const { changed, others } = whoToTell(this.owner)
    const ids = [...others, ...changed.filter(({ audience }) => audience === 'other')].map(({ id }) => id)
    await tellOthers(this.owner, { ids })
  }

  /** Tells the client what the plan says.
   * @param added sentences that the lead adds */
  async update(site: string, ...added: readonly string[]): Promise<void> {
    const siteId = this.siteIds.get(site)!
    const { draft } = draftUpdate(this.owner, this.owner.site(siteId))
    await publishUpdate(this.owner, siteId, { ...draft, next: [...draft.next, ...added], photos: [] })
  }

  /** Says something on a walk, as one says it to the phone, and keeps what it is read as; what would let work go on is not
   * tapped. Sheets that lack something are left. */
  say(site: string, place: string, text: string, walk: WalkKind | 'layout' = 'progress'): readonly Proposal[] {
    const { id, units } = this.owner.site(this.siteIds.get(site)!)
    const state = siteState(this.firm.db, this.owner.site(id))
    const narration: Narration = {
      text,
      places: state.places.map(({ name }) => name),
      current: place,
      units,
      today: this.owner.today,
      ...(walk === 'layout' ? {} : { walk }),
    }
    const setting = { state, units, newId: uuid, laysOut: walk === 'scope' || walk === 'layout' }
    const read = proposalsOf(narrate(narration, SPEECH), narration, setting)
    // What the phone asks and nobody answers is kept in its words.
    const facts = read
      .map((one) => (one.guessed ? proposalOf({ ...one.line, kind: 'note' }, setting) : one))
      .flatMap(({ facts }) => facts)
    if (facts.length > 0) recordFacts(this.owner, id, { facts: facts.map((fact) => ({ ...fact })) })
    return read
  }

  /** Says something at a place that stays among us. */
  remark(site: string, place: string, text: string): void {
    this.record(site, 'note', text, 'noted', { text, private: true }, place)
  }

  /** Asks somebody something. */
  ask(site: string, place: string, question: string, owner: string, part: object = {}): void {
    this.record(site, 'decision', question, 'asked', { question, owner, ...part }, place)
  }

  /** The trade of a line answers by the link that it got last. */
  answer(title: string, answer: Readonly<Record<string, string>>): void {
    answerNotice(this.firm, this.tradeToken(title), answer)
  }

  /** Writes something into a register, as it is typed into its sheet. */
  write(site: string, register: string, typed: Readonly<Record<string, string>>, place?: string): void {
    const values = readEntry(kindOf(register), (key) => typed[key] ?? '', 'metric')
    this.record(site, 'entry', Object.values(typed)[0]!, 'written', { kind: register, values }, place)
  }

  /** All that the client reads on the link that they got last, a line a sentence. */
  clientReads(site: string): string {
    const client = messagesOf(this.firm, 500).find(
      ({ siteId, body }) => siteId === this.siteIds.get(site) && body.includes('/for/client/'),
    )!
    const { token: _token, ...page } = clientPage(this.firm, /for\/client\/(\S+)/.exec(client.body)![1]!)
    return [client.subject, ...wordsIn(page)].join('\n')
  }

  /** All that the trade of a line reads on the link of its last notice. */
  tradeReads(title: string): string {
    const { words: _words, token: _token, ...page } = tradePage(this.firm, this.tradeToken(title))
    return wordsIn(page).join('\n')
  }

  /** What a designer, an engineer or an authority is given. */
  paperReads = (site: string, reader: string): string =>
    wordsIn(paperView(this.owner, this.siteIds.get(site)!, reader)).join('\n')

  /** What those next door read: the letter, and what was written to them. */
  neighbourReads(site: string, name: string): string {
    const letter = wordsIn(paperView(this.owner, this.siteIds.get(site)!, 'neighbours'))
    const written = messagesOf(this.firm, 500).filter(({ recipient }) => recipient === name)
    return [...letter, ...written.flatMap(({ subject, body }) => [subject, body])].join('\n')
  }

  /** All that stands in the registers of a site for the office, with what follows from it. */
  recordReads = (site: string): string => wordsIn(recordView(this.owner, this.siteIds.get(site)!)).join('\n')

  /** All that the lead reads on the plan of a site: visits with their days and reasons, alarms, promises. */
  planReads(site: string): string {
    const plan = planView(this.owner, this.siteIds.get(site)!)
    return [plan, ...plan.visits.map(({ key }) => visitView(this.owner, key))].flatMap(wordsIn).join('\n')
  }

  /** What became of a site, for the office. */
  lookBackReads = (site: string): string => wordsIn(lookBackView(this.owner, this.siteIds.get(site)!)).join('\n')

  /** All that the lead reads on Today. */
  todayReads = (): string => wordsIn(todayView(this.owner)).join('\n')

  /** What hangs on the wall of a place, as crew see it. */
  async sheetReads(site: string, place: string): Promise<string> {
    const { sheet, contacts } = await roomSheetView(
      { ...this.owner, seesMoney: false },
      this.siteIds.get(site)!,
      this.placeIds.get(place)!,
    )
    return wordsIn({ sheet, contacts }).join('\n')
  }

  /** Opens the link of a token that a trade was given. */
  follow(token: string): string {
    const { words: _words, token: _token, ...page } = tradePage(this.firm, token)
    return wordsIn(page).join('\n')
  }

  /** The token of the link that the trade of a line got last. */
  tradeToken(title: string): string {
    const visit = this.visit(title)
    const crew = readCrews(this.firm.db).find(({ id }) => id === visit.crewId)!
    const named = visitWords(this.firm.db, visit)
    const messages = messagesOf(this.firm, 500).filter(({ recipient }) => recipient === crew.name)
    // One message may tell of several visits, each with its link below it.
    const told = messages.map(({ body }) => body.split(`${named}\n`)[1]).find((rest) => rest !== undefined)
    return /for\/trade\/(\S+)/.exec(told ?? messages[0]!.body)![1]!
  }

  visit(title: string): PlannedVisit {
    const visit = readPlan(this.firm.db)!.plan.visits.find(({ lineIds }) => lineIds.includes(this.ids.get(title)!))
    if (!visit) throw new Error(`No visit does ${title}`)
    return visit
  }

  /** The days of the visit that does a line of work. */
  days(title: string): string {
    return visitDays(this.visit(title))
  }

  why(title: string): string {
    return this.visit(title).why
  }

  /** What the plan makes of what was promised: what it keeps, then what it cannot. */
  promises(site: string): string[] {
    const { kept, alarms } = planView(this.owner, this.siteIds.get(site)!)
    return [...kept, ...alarms.map(({ words }) => words)]
  }

  finish(site: string): string {
    return dateOnly(parseDay(readPlan(this.firm.db)!.plan.finish[this.siteIds.get(site)!]!))
  }

  /** Everybody whose facts changed, by name, in alphabetical order. */
  toTell(): string[] {
    return whoToTell(this.owner)
      .changed.map(({ who }) => who)
      .sort()
  }

  /** Everybody who is to be asked for a visit of the next weeks. */
  toAsk(): string[] {
    return whoToTell(this.owner)
      .unasked.map(({ who }) => who)
      .sort()
  }

  whatToTell(who: string): string[] {
    return whoToTell(this.owner)
      .changed.filter((one) => one.who === who)
      .flatMap(({ changes }) => changes.map(({ text }) => text))
  }

  /** Crews that lost a day by the plan made last. */
  whoLost(until: string): string[] {
    const names = new Map(readCrews(this.firm.db).map(({ id, name }) => [id, name]))
    return [...lostDays(this.before!, readPlan(this.firm.db)!.plan, parseDay(until)).keys()].map((id) => names.get(id)!)
  }
}

const placeOf = (value: unknown): string | null =>
  typeof value === 'object' && value !== null && 'placeId' in value ? String(value.placeId) : null

/** Every word that a page would show, in the order of its parts. */
const wordsIn = (page: unknown): string[] =>
  typeof page === 'string' || typeof page === 'number'
    ? [String(page)]
    : typeof page === 'object' && page !== null
      ? Object.values(page).flatMap(wordsIn)
      : []
