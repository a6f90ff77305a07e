import PDFDocument from 'pdfkit'
import { fontFile } from './fontFile'

export type Pdf = PDFKit.PDFDocument

export const INK = '#16242b'
export const SOFT = '#4f6168'

/** Letters that the first of the two font files has; all others are in the second. */
const LATIN = '\\u0000-\\u00ff\\u2000-\\u206f\\u20ac\\u2122\\u2191\\u2193\\u2212\\u2215'
const RUNS = new RegExp(`[${LATIN}]+|[^${LATIN}]+`, 'gu')
const IS_LATIN = new RegExp(`^[${LATIN}]`, 'u')

/** A PDF of A4 pages, drawn without a browser. */
export function pdfOf(
  title: string,
  layout: { readonly margin: number; readonly wide?: boolean },
  draw: (doc: Pdf) => void,
): Promise<Buffer> {
  const doc = new PDFDocument({
    size: 'A4',
    layout: layout.wide ? 'landscape' : 'portrait',
    margin: layout.margin,
    lang: 'en',
    displayTitle: true,
    info: { Title: title, Producer: 'Aftermist', Creator: 'Aftermist' },
  })
  const made = new Promise<Buffer>((done, failed) => {
    const chunks: Buffer[] = []
    doc.on('data', (chunk: Buffer) => chunks.push(chunk))
    doc.on('end', () => done(Buffer.concat(chunks)))
    doc.on('error', failed)
  })
  for (const weight of [400, 700] as const)
    for (const subset of ['latin', 'latin-ext'] as const)
      doc.registerFont(`${subset} ${weight}`, fontFile(subset, weight))
  doc.fillColor(INK)
  draw(doc)
  doc.end()
  return made
}

/** Writes a text where the page stands, word by word into lines, on a new page where the old is full. */
export function write(doc: Pdf, text: string, size: number, weight: 400 | 700, width?: number): void {
  const { margins } = doc.page
  const most = width ?? doc.page.width - margins.left - margins.right
  const left = doc.x
  const height = size * LINE
  let line = ''
  const end = (): void => {
    if (doc.y + height > doc.page.height - margins.bottom) doc.addPage()
    drawRuns(doc, line, left, doc.y, size, weight)
    doc.x = left
    doc.y += height
  }
  for (const word of text.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`
    if (line !== '' && widthOf(doc, longer, size, weight) > most) {
      end()
      line = word
    } else line = longer
  }
  end()
}

/** Height of a line over the size of its letters. */
const LINE = 1.22

/** The runs of a text, each with the font that has its letters. */
const runsOf = (text: string, weight: 400 | 700): { run: string; font: string }[] =>
  (text.match(RUNS) ?? []).map((run) => ({ run, font: `${IS_LATIN.test(run) ? 'latin' : 'latin-ext'} ${weight}` }))

const widthOf = (doc: Pdf, text: string, size: number, weight: 400 | 700): number =>
  runsOf(text, weight).reduce((sum, { run, font }) => sum + doc.fontSize(size).font(font).widthOfString(run), 0)

function drawRuns(doc: Pdf, text: string, x: number, y: number, size: number, weight: 400 | 700): void {
  let at = x
  for (const { run, font } of runsOf(text, weight)) {
    doc.fontSize(size).font(font).text(run, at, y, { lineBreak: false })
    at += doc.widthOfString(run)
  }
}

/** Writes as much of a text as a line of some width holds, at a point. */
export function writeLine(
  doc: Pdf,
  text: string,
  at: { readonly x: number; readonly y: number; readonly width: number },
  size: number,
  weight: 400 | 700 = 400,
): void {
  let fits = text
  while (fits && widthOf(doc, fits === text ? text : `${fits}…`, size, weight) > at.width) fits = fits.slice(0, -1)
  if (fits) drawRuns(doc, fits === text ? text : `${fits}…`, at.x, at.y, size, weight)
}
