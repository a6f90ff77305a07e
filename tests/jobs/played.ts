import { readFileSync } from 'node:fs'
import { LICENSED_TRADES, TRADES, type Trade } from '../../src/core/scope/vocabulary'
import { PAPER_READERS } from '../../src/core/share/paper'
import type { Units } from '../../src/core/measure/length'
import type { PlaceKind } from '../../src/core/places/place'
import { PlannedJob } from './planned'

/** A job that was said from end to end on its day, planned and told, with what every reader of it reads by the name of
 * their page: 'record', 'today', 'plan', 'client', 'sheet Hall', 'paper engineer', 'trade Painter'. */
export interface Played {
  readonly job: PlannedJob
  readonly site: string
  readonly today: string
  readonly reads: ReadonlyMap<string, string>
}

type Walk = Parameters<PlannedJob['say']>[3] | 'before-cover'

/** Nobody of those comes as a crew of the firm. */
const NO_CREW: readonly Trade[] = ['client', 'supplier', 'waste', 'designer', 'engineer', 'inspector']
const CREWS = (Object.keys(TRADES) as Trade[])
  .filter((trade) => !NO_CREW.includes(trade) || (LICENSED_TRADES.includes(trade) && trade === 'inspector'))
  .map((trade) => ({ name: TRADES[trade], trade }))

/** Says a job of tests/fixtures/saidInFull.txt, sentence by sentence, as it is said to the phone.
 * @param id `J-13` */
export async function play(id: string): Promise<Played> {
  const [heading, ...rows] = readFileSync('tests/fixtures/saidInFull.txt', 'utf8')
    .split(`== ${id} | `)[1]!
    .split('\n== ')[0]!
    .trim()
    .split('\n')
  const [site, units, walk, days, built, named] = heading!.split(' | ') as [string, Units, Walk, string, string, string]
  const [today, startsOn = today] = days.split(' starts ') as [string, string?]
  const places = named.split(', ').map((one) => {
    const [name, kind = 'room'] = one.split(':') as [string, PlaceKind?]
    return { name, kind, size: units === 'metric' ? '4 x 3 x 2.6' : "12' x 10' x 8'" }
  })
  const job = await PlannedJob.of(today, CREWS, [{ name: site, startsOn, units, built, places, work: [] }])
  for (const row of rows) {
    const [at, words] = row.split(' | ') as [string, string]
    job.say(site, at, words, walk === 'before-cover' ? 'before cover' : walk)
  }
  await job.plan()
  await job.update(site)
  await job.tellAll()
  return { job, site, today, reads: new Map(await pagesOf(job, site, places)) }
}

async function pagesOf(
  job: PlannedJob,
  site: string,
  places: readonly { readonly name: string }[],
): Promise<(readonly [string, string])[]> {
  const sheets = places.map(async ({ name }) => [`sheet ${name}`, await job.sheetReads(site, name)] as const)
  return [
    ['record', job.recordReads(site)],
    ['today', job.todayReads()],
    ['plan', job.planReads(site)],
    ['client', job.clientReads(site)],
    ...['neighbours', ...Object.keys(PAPER_READERS)].map(
      (reader) => [`paper ${reader}`, job.paperReads(site, reader)] as const,
    ),
    ...[...job.tradesRead()].map(([crew, words]) => [`trade ${crew}`, words] as const),
    ...(await Promise.all(sheets)),
  ]
}
