import { forbidden, notFound, redirect } from 'next/navigation'
import { cache } from 'react'
import { readFirm } from '../../data/firm'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { runningFirm } from '../runningFirm'
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

/** Reads a page behind a link; a refused link becomes its sentence. */
export async function readLinkPage<T>(reading: (firm: FirmFolder) => T): Promise<{ view: T } | { refused: string }> {
  try {
    return { view: reading(await runningFirm()) }
  } catch (error) {
    if (error instanceof Refusal) return { refused: error.message }
    throw error
  }
}
