import { strToU8, zipSync } from 'fflate'
import { longDay, shortDay } from '../../core/calendar/day'
import { composeHandOver, type AtlasPhoto, type HandOver } from '../../core/share/handOver'
import { handOverHtml, picturesOf } from '../../core/share/handOverHtml'
import { readFirm } from '../../data/firm'
import { marksOf } from '../../core/walk/photoMarks'
import type { Context } from '../context'
import { fileAnswer, fileName } from '../http/fileAnswer'
import { outsidePhoto } from '../photos/photos'
import { siteState } from '../siteStates'
import { paperPdf, type PaperPart } from '../paper/paperPdf'

/** The hand-over pack as one file: a page, the same as a PDF, and its pictures, with what was marked to be hidden hidden in them. */
export async function handOverFile(context: Context, siteId: string): Promise<Response> {
  context.requireLead()
  const site = context.site(siteId)
  const state = siteState(context.db, site)
  const pack = composeHandOver(state, site.units)
  const files: Record<string, Uint8Array> = {
    'index.html': strToU8(handOverHtml(site.name, longDay(context.today), pack)),
  }
  const pictures = new Map<string, Uint8Array>()
  for (const hash of picturesOf(pack)) {
    pictures.set(hash, await outsidePhoto(context.firm, hash, marksOf(state.photos, hash)))
    files[`photos/${hash}.jpg`] = pictures.get(hash)!
  }
  files['hand-over.pdf'] = await paperPdf({
    title: `${site.name}: hand-over`,
    under: `${readFirm(context.db)?.name ?? ''}, ${longDay(context.today)}`,
    parts: handOverParts(pack, pictures),
  })
  // Pictures are packed already; the file is put together without trying again.
  return fileAnswer(zipSync(files, { level: 0 }), 'application/zip', `${fileName(site.name)}-hand-over.zip`)
}

/** The pack as the parts of a paper. */
function handOverParts(pack: HandOver, pictures: ReadonlyMap<string, Uint8Array>): PaperPart[] {
  const shown = ({ hash, caption, on }: AtlasPhoto, place: string) => ({
    bytes: pictures.get(hash)!,
    words: `${[place, caption].filter(Boolean).join(': ')}, ${shortDay(on)}`,
  })
  return [
    { title: 'What was agreed', sentences: pack.contract },
    ...pack.built.map(({ place, work, chosen }) => ({
      title: place,
      sentences: [...work, ...chosen.map((one) => `Chosen: ${one}`)],
    })),
    ...pack.items.map(({ sort, things }) => ({ title: sort, sentences: things })),
    { title: 'What must stay reachable', sentences: pack.reachable },
    { title: 'Only there for a time', sentences: pack.temporary },
    {
      title: 'What is behind the walls',
      sentences: [],
      pictures: pack.atlas.map((photo) => shown(photo, photo.place)),
    },
    {
      title: 'Before and after',
      sentences: [],
      pictures: pack.album.flatMap(({ place, before, after }) => [
        shown(before, `${place}, before`),
        shown(after, `${place}, after`),
      ]),
    },
    { title: 'Pictures in public', sentences: [pack.publicUse] },
  ]
}
