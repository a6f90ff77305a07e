import { INK, pdfOf, SOFT, write, type Pdf } from './document'

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
const PICTURE = { width: 230, height: 175, gap: 22 }

/** The paper as a PDF of A4 pages, made without a browser. */
export const paperPdf = ({ title, under, parts }: PrintedPaper): Promise<Buffer> =>
  pdfOf(title, { margin: MARGIN }, (doc) => {
    doc.fillColor(SOFT)
    write(doc, under, 10, 400)
    doc.fillColor(INK)
    write(doc, title, 22, 700)
    for (const part of parts) writePart(doc, part)
  })

function writePart(doc: Pdf, { title, sentences, pictures = [] }: PaperPart): void {
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
function writePictures(doc: Pdf, pictures: NonNullable<PaperPart['pictures']>): void {
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
