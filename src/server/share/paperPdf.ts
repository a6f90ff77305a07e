import { resolve } from 'node:path'
import PDFDocument from 'pdfkit'

/** A paper to be printed or kept: a heading, then parts of sentences and pictures. */
export interface PrintedPaper {
  readonly title: string
  /** Who gives it, and when. */
  readonly under: string
  readonly parts: readonly PaperPart[]
}
export interface PaperPart {
  readonly title: string
  readonly sentences: readonly string[]
  readonly pictures?: readonly { readonly bytes: Uint8Array; readonly words: string }[]
}

const MARGIN = 56
const INK = '#16242b'
const SOFT = '#4f6168'
const PICTURE = { width: 230, height: 175, gap: 22 }
/** Letters that the first of the two font files has; all others are in the second. */
const LATIN = '\\u0000-\\u00ff\\u2000-\\u206f\\u20ac\\u2122\\u2191\\u2193\\u2212\\u2215'
const RUNS = new RegExp(`[${LATIN}]+|[^${LATIN}]+`, 'gu')
const IS_LATIN = new RegExp(`^[${LATIN}]`, 'u')

const fontFile = (subset: 'latin' | 'latin-ext', weight: 400 | 700): string =>
  resolve(
    /* turbopackIgnore: true */ process.cwd(),
    `node_modules/@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-${subset}-${weight}-normal.woff`,
  )

/** The paper as a PDF of A4 pages, made without a browser. */
export function paperPdf({ title, under, parts }: PrintedPaper): Promise<Buffer> {
  const doc = new PDFDocument({
    size: 'A4',
    margin: MARGIN,
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
  doc.fillColor(SOFT)
  write(doc, under, 10, 400)
  doc.fillColor(INK)
  write(doc, title, 22, 700)
  for (const part of parts) writePart(doc, part)
  doc.end()
  return made
}

function writePart(doc: PDFKit.PDFDocument, { title, sentences, pictures = [] }: PaperPart): void {
  if (sentences.length + pictures.length === 0) return
  if (doc.y > doc.page.height - MARGIN - 90) doc.addPage()
  doc.moveDown(0.9)
  write(doc, title, 14, 700)
  doc.moveDown(0.2)
  for (const sentence of sentences) {
    write(doc, sentence, 11, 400)
    doc.moveDown(0.25)
  }
  writePictures(doc, pictures)
}

/** Two pictures a row, each over its words. */
function writePictures(doc: PDFKit.PDFDocument, pictures: NonNullable<PaperPart['pictures']>): void {
  for (let at = 0; at < pictures.length; at += 2) {
    if (doc.y > doc.page.height - MARGIN - PICTURE.height - 40) doc.addPage()
    const top = doc.y + 6
    const bottoms = pictures.slice(at, at + 2).map(({ bytes, words }, column) => {
      const left = MARGIN + column * (PICTURE.width + PICTURE.gap)
      doc.image(Buffer.from(bytes), left, top, { fit: [PICTURE.width, PICTURE.height] })
      doc.x = left
      doc.y = top + PICTURE.height + 4
      write(doc, words, 9, 400, PICTURE.width)
      return doc.y
    })
    doc.x = MARGIN
    doc.y = Math.max(...bottoms) + 8
  }
}

/** Writes a text, letter by letter in the font that has it. */
function write(doc: PDFKit.PDFDocument, text: string, size: number, weight: 400 | 700, width?: number): void {
  const runs = text.match(RUNS) ?? []
  doc.fontSize(size)
  runs.forEach((run, i) => {
    doc.font(`${IS_LATIN.test(run) ? 'latin' : 'latin-ext'} ${weight}`)
    doc.text(run, { continued: i < runs.length - 1, ...(width ? { width } : {}) })
  })
}
