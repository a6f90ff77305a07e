import { useMemo } from 'react'
import { useAsked } from './useAsked'

/** A list of which the page brought the first part: all of it as soon as the rest is here, and how many are still on their way.
 * What the page brought counts before what was fetched.
 * @param url where the rest is asked for, anew when the page brings another first part
 * @param later how many the page did not bring */
export function useWhole<T extends { readonly id: string } | { readonly key: string }>(
  url: string,
  first: readonly T[],
  later: number,
): { readonly all: readonly T[]; readonly awaited: number } {
  const asked = useAsked<{ readonly rest: readonly T[] }>(later > 0 ? url : null, first)
  const rest = asked?.data.rest
  return useMemo(() => {
    if (later === 0 || !rest) return { all: first, awaited: later }
    const known = new Set(first.map(keyOf))
    return { all: [...first, ...rest.filter((one) => !known.has(keyOf(one)))], awaited: 0 }
  }, [first, later, rest])
}

const keyOf = (one: { readonly id: string } | { readonly key: string }): string => ('id' in one ? one.id : one.key)
