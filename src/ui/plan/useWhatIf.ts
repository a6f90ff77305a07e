import { useEffect, useRef, useState } from 'react'
import { daysBetween, daysWords, shortDay, type Day } from '@/core/calendar/day'
import { dayOfSlot, isMorning, slotOfDay } from '@/core/calendar/slots'
import type { Question, TriedMove } from '@/core/schedule/whatIf'

/** What a move would do, told while the bar is still in the hand: tried in a worker of the browser, one move at a time,
 * the latest next. The dialog after it asks the server and is what counts.
 * @param siteName names a site that is shown */
export function useWhatIf(siteName: (id: string) => string | undefined): {
  readonly told: string | null
  ask(key: string, day: Day, half: 0 | 1): void
  forget(): void
} {
  const [told, setTold] = useState<string | null>(null)
  const origin = useRef<Day | null>(null)
  const worker = useRef<Promise<Worker> | null>(null)
  const busy = useRef(false)
  const next = useRef<{ key: string; day: Day; half: 0 | 1 } | null>(null)

  const open = async (): Promise<Worker> => {
    const answer = await fetch('/api/plan/question')
    if (!answer.ok) throw new Error(`The plan’s question could not be read: ${answer.status}`)
    const question = (await answer.json()) as Question
    origin.current = question.origin
    const opened = new Worker('/what-if-worker.mjs', { type: 'module' })
    opened.onmessage = ({ data }: MessageEvent<TriedMove>) => {
      busy.current = false
      if (next.current) void send(opened)
      else setTold(inWords(data, question.origin, siteName))
    }
    opened.postMessage({ question })
    return opened
  }
  const send = (to: Worker): void => {
    const { key, day, half } = next.current!
    next.current = null
    busy.current = true
    to.postMessage({ key, slot: slotOfDay(origin.current!, day) + half })
  }
  useEffect(() => () => void worker.current?.then((opened) => opened.terminate()), [])

  return {
    told,
    ask: (key, day, half) => {
      next.current = { key, day, half }
      worker.current ??= open()
      void worker.current.then((opened) => !busy.current && next.current && send(opened))
    },
    forget: () => {
      next.current = null
      setTold(null)
    },
  }
}

/** `Wed 1 Apr, morning: 3 other visits move. Bakehouse Lane ends Thu 7 May, 2 days later.` */
function inWords(
  { slot, start, moved, ends }: TriedMove,
  origin: Day,
  siteName: (id: string) => string | undefined,
): string {
  const when = (at: number): string => `${shortDay(dayOfSlot(origin, at))}, ${isMorning(at) ? 'morning' : 'afternoon'}`
  const first = start === slot ? when(slot) : `Not before ${when(start)}`
  const others =
    moved.length === 0
      ? 'nobody else moves'
      : moved.length === 1
        ? '1 other visit moves'
        : `${moved.length} other visits move`
  const sites = ends.flatMap(({ siteId, before, after }) => {
    const name = siteName(siteId)
    const [was, is] = [dayOfSlot(origin, before), dayOfSlot(origin, after)]
    const days = daysBetween(was, is)
    return name === undefined || days === 0
      ? []
      : [` ${name} ends ${shortDay(is)}, ${daysWords(Math.abs(days))} ${days > 0 ? 'later' : 'earlier'}.`]
  })
  return `${first}: ${others}.${sites.join('')}`
}
