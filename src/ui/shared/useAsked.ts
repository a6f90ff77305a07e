import { useEffect, useState } from 'react'

/** What an address answers, asked anew when it changes, or what it is asked for does; the last answer stands until then, with
 * the address that it is of.
 * @param url null where nothing is asked */
export function useAsked<T>(url: string | null, about?: unknown): { readonly url: string; readonly data: T } | null {
  const [answer, setAnswer] = useState<{ readonly url: string; readonly data: T } | null>(null)
  useEffect(() => {
    const stop = new AbortController()
    const ask = async (): Promise<void> => {
      if (url === null) return setAnswer(null)
      const response = await fetch(url, { signal: stop.signal })
      if (response.ok) setAnswer({ url, data: (await response.json()) as T })
    }
    ask().catch((error: unknown) => {
      if (!stop.signal.aborted) throw error
    })
    return () => stop.abort()
  }, [url, about])
  return answer
}
