import { strToU8, zipSync } from 'fflate'
import { longDay } from '../../core/calendar/day'
import { composeHandOver } from '../../core/share/handOver'
import { handOverHtml, picturesOf } from '../../core/share/handOverHtml'
import type { Context } from '../context'
import { outsidePhoto } from '../photos/photos'
import { siteState } from '../siteStates'

/** The hand-over pack as one file: a page and its pictures, with what was marked to be hidden hidden in them. */
export async function handOverFile(context: Context, siteId: string): Promise<Response> {
  context.requireLead()
  const site = context.site(siteId)
  const state = siteState(context.db, site)
  const pack = composeHandOver(state, site.units)
  const files: Record<string, Uint8Array> = {
    'index.html': strToU8(handOverHtml(site.name, longDay(context.today), pack)),
  }
  for (const hash of picturesOf(pack)) {
    const marks = state.photos.flatMap((photo) => (photo.hash === hash ? photo.marks : []))
    files[`photos/${hash}.jpg`] = await outsidePhoto(context.firm, hash, marks)
  }
  const name = site.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')
  // Pictures are packed already; the file is put together without trying again.
  return new Response(new Uint8Array(zipSync(files, { level: 0 })), {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename="${name}-hand-over.zip"`,
      'cache-control': 'no-store',
    },
  })
}
