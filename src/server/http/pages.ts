import { forbidden, notFound, redirect } from 'next/navigation'
import { cache } from 'react'
import { written, type Written } from '../../core/habits/habits'
import { readFirm, type Firm } from '../../data/firm'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { runningFirm } from '../runningFirm'
import { contextOrNull, firmOnRecord } from './session'

/** How days and money are printed here. */
export async function writtenHere(): Promise<Written> {
  await runningFirm()
  return written()
}

/** The context of a page at the desk; whoever is signed out is sent to sign in. */
export const deskPage = cache(async (): Promise<Context & { readonly firmName: Firm }> => {
  const context = await contextOrNull()
  if (!context) redirect((await firmOnRecord()) ? '/sign-in' : '/welcome')
  return { ...context, firmName: readFirm(context.db)! }
})

/** Runs a page's reading; a refusal becomes the page that says so. */
export async function read<T>(reading: () => T | Promise<T>): Promise<T> {
  try {
    return await reading()
  } catch (error) {
    if (error instanceof Refusal && error.status === 404) notFound()
    if (error instanceof Refusal && error.status === 403) forbidden()
    throw error
  }
}
