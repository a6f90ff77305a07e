import { useEffect, useState } from 'react'
import type { VisitDetails, VisitView } from './types'

/** What there is to say of a chosen visit, asked for when it is chosen and again when the plan changed; null until it is
 * there. */
export function useVisitDetails(visit: VisitView): VisitDetails | null {
  const [told, setTold] = useState<{ readonly of: VisitView; readonly details: VisitDetails } | null>(null)
  useEffect(() => {
    const stop = new AbortController()
    const ask = async (): Promise<void> => {
      const answer = await fetch(`/api/plan/visit?key=${encodeURIComponent(visit.key)}`, { signal: stop.signal })
      if (answer.ok) setTold({ of: visit, details: (await answer.json()) as VisitDetails })
    }
    ask().catch((error: unknown) => {
      if (!stop.signal.aborted) throw error
    })
    return () => stop.abort()
  }, [visit])
  return told?.of.key === visit.key ? told.details : null
}
