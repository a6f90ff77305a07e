import { setTimeout as pause } from 'node:timers/promises'
import { Command } from 'commander'
import { v7 as uuid } from 'uuid'
import { PASSWORD } from './benchFirm'
import { freePort } from './freePort'
import { memoryOf } from './memoryOf'
import { serve } from './serve'

const DESKS = 20
const PHONES = 10
const PAGE_EVERY = 5000
const SYNC_EVERY = 10_000
const OBSERVATIONS = 20

interface Asked {
  readonly what: string
  readonly took: number
  readonly failed: boolean
}

/** Desks, phones and plannings at once on one server: how long each waits, what fails, and what the server holds after it. */
export const benchLoadCommand = (): Command =>
  new Command('load')
    .description(
      'Serve a folder made by `bench firm` to 20 desks and 10 phones at once, with two plannings among them.',
    )
    .requiredOption('--data <dir>', 'the folder')
    .option('--seconds <n>', 'how long', '120')
    .action(async ({ data, seconds }: { data: string; seconds: string }) => {
      const port = String(await freePort())
      const server = await serve({ data, port, host: '127.0.0.1' })
      try {
        console.table(await loadFigures(`http://127.0.0.1:${port}`, Number(seconds) * 1000, server.pid!))
      } finally {
        server.kill('SIGTERM')
      }
    })

async function loadFigures(origin: string, lasts: number, pid: number): Promise<Record<string, string>> {
  const entered = await fetch(`${origin}/api/sign-in`, {
    method: 'POST',
    body: JSON.stringify({ login: 'ada', password: PASSWORD }),
    headers: { origin, 'content-type': 'application/json' },
  })
  const headers = {
    origin,
    cookie: entered.headers.get('set-cookie')!.split(';')[0]!,
    'content-type': 'application/json',
  }
  const asked: Asked[] = []
  const ask = async (what: string, path: string, body?: unknown): Promise<string> => {
    const begun = performance.now()
    try {
      const answer = await fetch(
        origin + path,
        body ? { method: 'POST', body: JSON.stringify(body), headers } : { headers },
      )
      const text = await answer.text()
      asked.push({ what, took: performance.now() - begun, failed: !answer.ok })
      return text
    } catch {
      asked.push({ what, took: performance.now() - begun, failed: true })
      return ''
    }
  }
  const { sites: known } = JSON.parse(await ask('first', '/api/sites')) as { sites: { id: string }[] }
  const sites = known.map(({ id }) => id)
  for (const path of ['/today', '/plan', '/selections', '/share']) await ask('first', path)
  const until = performance.now() + lasts
  const over = (): boolean => performance.now() >= until
  const desk = async (n: number): Promise<void> => {
    const site = sites[n % sites.length]!
    const pages = [
      '/today',
      '/plan',
      '/selections',
      '/share',
      ...['scope', 'plan', 'share'].map((one) => `/sites/${site}/${one}`),
    ]
    await pause((PAGE_EVERY * n) / DESKS)
    for (let i = n; !over(); i++) {
      await ask('a page', pages[i % pages.length]!)
      await pause(PAGE_EVERY)
    }
  }
  const phone = async (n: number): Promise<void> => {
    const site = sites[(n * 3) % sites.length]!
    await pause((SYNC_EVERY * n) / PHONES)
    while (!over()) {
      await ask('20 observations', `/api/sites/${site}/observations`, { observations: notes() })
      await pause(SYNC_EVERY)
    }
  }
  const planning = async (at: number): Promise<void> => {
    await pause(lasts * at)
    await ask('a planning', '/api/plan', { reason: 'bench' })
  }
  await Promise.all([
    ...Array.from({ length: DESKS }, (_, n) => desk(n)),
    ...Array.from({ length: PHONES }, (_, n) => phone(n)),
    planning(0.2),
    planning(0.6),
  ])
  return figuresOf(asked, pid)
}

const notes = () =>
  Array.from({ length: OBSERVATIONS }, (_, i) => ({
    id: uuid(),
    walkId: null,
    placeId: null,
    subject: 'note',
    subjectId: uuid(),
    facet: 'noted',
    value: { text: `Note ${i}`, private: false },
    seenAt: new Date().toISOString(),
  }))

function figuresOf(asked: readonly Asked[], pid: number): Record<string, string> {
  const of = (what: string): number[] =>
    asked.flatMap((one) => (one.what === what ? [one.took] : [])).sort((a, b) => a - b)
  const at = (times: readonly number[], share: number): string =>
    `${times[Math.min(times.length - 1, Math.floor(times.length * share))]?.toFixed(0) ?? ''} ms`
  const rows = ['a page', '20 observations', 'a planning'].flatMap((what): [string, string][] => {
    const times = of(what)
    return [
      [
        `${what}, ${times.length} times: median, 99 of 100, slowest`,
        [0.5, 0.99, 1].map((one) => at(times, one)).join(', '),
      ],
    ]
  })
  return {
    ...Object.fromEntries(rows),
    failed: String(asked.filter(({ failed }) => failed).length),
    'memory after it': `${memoryOf(pid).toFixed(0)} MB`,
  }
}
