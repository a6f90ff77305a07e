import { strToU8, zipSync } from 'fflate'
import { longDay } from '../../core/calendar/day'
import { composeHandOver } from '../../core/share/handOver'
import { handOverOnPaper } from '../../core/share/printedPaper'
import { handOverHtml, picturesOf } from '../../core/share/handOverHtml'
import { readFirm } from '../../data/firm'
import type { Context } from '../context'
import { fileAnswer, fileName } from '../http/fileAnswer'
import { outsidePhotos } from '../photos/photos'
import { recordOf } from '../siteStates'
import { paperPdf } from '../paper/paperPdf'

/** The hand-over pack as one file: a page, the same as a PDF, and its pictures, with what was marked to be hidden hidden in them. */
export async function handOverFile(context: Context, siteId: string): Promise<Response> {
  context.requireLead()
  const site = context.site(siteId)
  const state = recordOf('client', context.db, site)
  const pack = composeHandOver(state, site.units)
  const files: Record<string, Uint8Array> = {
    'index.html': strToU8(handOverHtml(site.name, longDay(context.today), pack)),
  }
  const pictures = await outsidePhotos(context.firm, state.photos, picturesOf(pack))
  for (const [hash, bytes] of pictures) files[`photos/${hash}.jpg`] = bytes
  const printed = handOverOnPaper(site.name, readFirm(context.db)?.name ?? '', longDay(context.today), pack)
  files['hand-over.pdf'] = await paperPdf(printed, pictures)
  // Pictures are packed already; the file is put together without trying again.
  return fileAnswer(zipSync(files, { level: 0 }), 'application/zip', `${fileName(site.name)}-hand-over.zip`)
}
