'use client'
import { useEffect } from 'react'
import { enter, type Who } from './whoIsHere'

/** Opens what this browser keeps to whoever is signed in, on every page at the desk. */
export function EnterAs({ who }: { readonly who: Who }) {
  useEffect(() => void enter(who), [who])
  return null
}
