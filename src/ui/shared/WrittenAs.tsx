'use client'
import type { ReactNode } from 'react'
import { writeAs, type Written } from '@/core/habits/habits'

/** Everything in it prints days and money as the firm writes them, from its first drawing on. */
export function WrittenAs({ children, ...form }: Written & { readonly children: ReactNode }) {
  writeAs(form)
  return children
}
