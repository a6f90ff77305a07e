import { longDay } from '../../core/calendar/day'
import { aheadBy, aheadOnPaper, sheetOnPaper, updateOnPaper, type PrintedPaper } from '../../core/share/printedPaper'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { fileAnswer } from '../http/fileAnswer'
import { outsidePhotos } from '../photos/photos'
import { publishedUpdate } from '../share/clientUpdates'
import { lookAheadView } from '../views/lookAhead'
import { paperView } from '../views/paper'
import { visitReportView } from '../views/visitReport'
import { roomSheetView } from '../views/roomSheet'
import { paperPdf } from './paperPdf'

/** A paper of a site as a PDF: the letter to the neighbours, what a designer, an engineer, the authority or an association
 * is given, or the update that the client was given last. */
export async function paperFile(context: Context, siteId: string, reader: string): Promise<Response> {
  const site = context.site(siteId)
  const printed = reader === 'client' ? clientPaper(context, site) : paperView(context, siteId, reader).printed
  return pdfAnswer(context, site, printed, reader)
}

function clientPaper(context: Context, site: Site): PrintedPaper {
  context.requireLead()
  return updateOnPaper(publishedUpdate(context.firm, site))
}

/** Several visits as one report, as a PDF. */
export const visitReportFile = (context: Context, siteId: string, walks: readonly string[]): Promise<Response> =>
  pdfAnswer(context, context.site(siteId), visitReportView(context, siteId, walks).printed, 'report')

/** The sheet of a room as a PDF, in the language that it is wanted in. */
export async function sheetFile(
  context: Context,
  siteId: string,
  placeId: string,
  language?: string,
): Promise<Response> {
  const { sheet, site, printedOn, words, contacts, code } = await roomSheetView(context, siteId, placeId, language)
  const people = contacts.map(
    ({ name, trade, contact }) => `${name}, ${trade.toLowerCase()}${contact ? `, ${contact}` : ''}`,
  )
  return pdfAnswer(context, context.site(siteId), sheetOnPaper(site, printedOn, sheet, words, people, code), 'sheet')
}

/** What starts in the next weeks as a PDF, crew by crew or place by place. */
export async function aheadFile(
  context: Context,
  siteId: string | null,
  weeks: 2 | 3,
  by: 'trade' | 'place',
): Promise<Response> {
  const { site, rows, until, ready } = lookAheadView(context, siteId, weeks)
  const title = `The next ${weeks === 2 ? 'two' : 'three'} weeks${site ? `, ${site.name}` : ''}`
  const summary = rows.length === 0 ? [`Nothing starts until ${until}.`] : ready
  return fileAnswer(
    await paperPdf(aheadOnPaper(title, longDay(context.today), summary, aheadBy(by, rows))),
    'application/pdf',
    'next-weeks.pdf',
  )
}

/** A paper with its pictures, in which whatever was marked to be hidden cannot be read. */
async function pdfAnswer(context: Context, site: Site, printed: PrintedPaper, name: string): Promise<Response> {
  const { photos } = context.record(site)
  const hashes = printed.parts.flatMap(({ pictures = [] }) => pictures.map(({ hash }) => hash))
  const pictures = await outsidePhotos(context.firm, photos, hashes)
  return fileAnswer(await paperPdf(printed, pictures), 'application/pdf', `${name}.pdf`)
}
