import { forbidden, notFound, redirect } from 'next/navigation'
import { cache } from 'react'
import { readFirm } from '../../data/firm'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { contextOrNull, firmOnRecord } from './session'

/** The context of a page at the desk; whoever is signed out is sent to sign in. */
export const deskPage = cache(
  async (): Promise<Context & { readonly firmName: { readonly name: string; readonly demo: boolean } }> => {
    const context = await contextOrNull()
    if (!context) redirect((await firmOnRecord()) ? '/sign-in' : '/welcome')
    return { ...context, firmName: readFirm(context.db)! }
  },
)

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
