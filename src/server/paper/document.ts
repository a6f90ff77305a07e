import { resolve } from 'node:path'
import PDFDocument from 'pdfkit'

export type Pdf = PDFKit.PDFDocument

export const INK = '#16242b'
export const SOFT = '#4f6168'

/** Letters that the first of the two font files has; all others are in the second. */
const LATIN = '\\u0000-\\u00ff\\u2000-\\u206f\\u20ac\\u2122\\u2191\\u2193\\u2212\\u2215'
const RUNS = new RegExp(`[${LATIN}]+|[^${LATIN}]+`, 'gu')
const IS_LATIN = new RegExp(`^[${LATIN}]`, 'u')

const fontFile = (subset: 'latin' | 'latin-ext', weight: 400 | 700): string =>
  resolve(
    /* turbopackIgnore: true */ process.cwd(),
    `node_modules/@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-${subset}-${weight}-normal.woff`,
  )

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

/** Writes a text where the page stands, letter by letter in the font that has it. */
export function write(doc: Pdf, text: string, size: number, weight: 400 | 700, width?: number): void {
  const runs = text.match(RUNS) ?? []
  doc.fontSize(size)
  runs.forEach((run, i) => {
    doc.font(`${IS_LATIN.test(run) ? 'latin' : 'latin-ext'} ${weight}`)
    doc.text(run, { continued: i < runs.length - 1, ...(width ? { width } : {}) })
  })
}

/** Writes as much of a text as a line of some width holds, at a point. Returns the width that was written. */
export function writeLine(
  doc: Pdf,
  text: string,
  at: { readonly x: number; readonly y: number; readonly width: number },
  size: number,
  weight: 400 | 700 = 400,
): number {
  doc.fontSize(size)
  let written = 0
  for (const run of text.match(RUNS) ?? []) {
    doc.font(`${IS_LATIN.test(run) ? 'latin' : 'latin-ext'} ${weight}`)
    const fits = fitting(doc, run, at.width - written)
    if (fits) doc.text(fits, at.x + written, at.y, { lineBreak: false })
    written += doc.widthOfString(fits)
    if (fits !== run) break
  }
  return written
}

function fitting(doc: Pdf, text: string, width: number): string {
  if (doc.widthOfString(text) <= width) return text
  let fits = text
  while (fits && doc.widthOfString(`${fits}…`) > width) fits = fits.slice(0, -1)
  return fits ? `${fits}…` : ''
}
