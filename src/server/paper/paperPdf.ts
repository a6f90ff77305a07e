import type { PaperPart, PrintedPaper } from '../../core/share/printedPaper'
import type { PaperPicture } from '../../core/share/sharedPhotos'
import type { Sketch } from '../../core/sketches/sketch'
import { INK, pdfOf, SOFT, write, type Pdf } from './document'

const MARGIN = 56
const PICTURE = { width: 230, height: 175, gap: 22 }
const CODE = 74
const SKETCH = { width: 483, height: 260 }

/** The paper as a PDF of A4 pages, made without a browser.
 * @param pictures the bytes of its pictures by their hash */
export const paperPdf = (
  { title, under, code, parts }: PrintedPaper,
  pictures: ReadonlyMap<string, Uint8Array> = new Map(),
): Promise<Buffer> =>
  pdfOf(title, { margin: MARGIN }, (doc) => {
    if (code) doc.image(code, doc.page.width - MARGIN - CODE, MARGIN - 12, { width: CODE })
    doc.fillColor(SOFT)
    write(doc, under, 10, 400)
    doc.fillColor(INK)
    write(doc, title, 22, 700)
    for (const part of parts) writePart(doc, part, pictures)
  })

function writePart(
  doc: Pdf,
  { title, sentences, pictures = [], sketch }: PaperPart,
  bytes: ReadonlyMap<string, Uint8Array>,
): void {
  if (sentences.length + pictures.length === 0 && !sketch) return
  if (doc.y > doc.page.height - MARGIN - (sketch ? SKETCH.height + 40 : 90)) doc.addPage()
  doc.moveDown(0.9)
  write(doc, title, 14, 700)
  doc.moveDown(0.2)
  if (sketch) drawSketch(doc, sketch)
  for (const sentence of sentences) {
    write(doc, sentence, 11, 400)
    doc.moveDown(0.25)
  }
  writePictures(doc, pictures, bytes)
}

/** Two pictures a row, each over its words. */
function writePictures(doc: Pdf, pictures: readonly PaperPicture[], bytes: ReadonlyMap<string, Uint8Array>): void {
  for (let at = 0; at < pictures.length; at += 2) {
    if (doc.y > doc.page.height - MARGIN - PICTURE.height - 40) doc.addPage()
    const top = doc.y + 6
    const bottoms = pictures.slice(at, at + 2).map(({ hash, words }, column) => {
      const left = MARGIN + column * (PICTURE.width + PICTURE.gap)
      doc.image(Buffer.from(bytes.get(hash)!), left, top, { fit: [PICTURE.width, PICTURE.height] })
      doc.x = left
      doc.y = top + PICTURE.height + 4
      write(doc, words, 9, 400, PICTURE.width)
      return doc.y
    })
    doc.x = MARGIN
    doc.y = Math.max(...bottoms) + 8
  }
}

/** A sketch as large as its room allows. */
function drawSketch(doc: Pdf, { width, height, shapes }: Sketch): void {
  const scale = Math.min(SKETCH.width / width, SKETCH.height / height)
  const [left, top] = [MARGIN, doc.y + 4]
  const x = (mm: number): number => left + mm * scale
  const y = (mm: number): number => top + mm * scale
  doc.lineWidth(0.8).strokeColor(INK)
  for (const shape of shapes) {
    if ('tone' in shape && shape.tone === 'level') doc.dash(3, { space: 2 })
    switch (shape.kind) {
      case 'line':
        doc.moveTo(x(shape.from.x), y(shape.from.y)).lineTo(x(shape.to.x), y(shape.to.y)).stroke()
        break
      case 'box':
        doc.rect(x(shape.at.x), y(shape.at.y), shape.width * scale, shape.height * scale).stroke()
        break
      case 'outline':
        doc.polygon(...shape.points.map((at): [number, number] => [x(at.x), y(at.y)])).stroke()
        break
      case 'label': {
        doc.fontSize(8).font('latin 400')
        const wide = doc.widthOfString(shape.text)
        const shift = { start: 0, middle: wide / 2, end: wide }[shape.align ?? 'middle']
        doc.text(shape.text, x(shape.at.x) - shift, y(shape.at.y) - 4, { lineBreak: false })
      }
    }
    doc.undash()
  }
  doc.x = MARGIN
  doc.y = top + height * scale + 10
}
