import { ImpossibleRequest } from '@/core/errors/impossibleRequest'

/** Longest side of a drawing made from a page, in pixels: enough to read its figures when it is drawn up large. */
const SIDE = 2400

/** Draws one page of a PDF file as a picture.
 * @param page from 1
 * @throws ImpossibleRequest where the file is no PDF, is locked, or has no such page */
export async function pdfPage(file: Blob, page: number): Promise<Blob> {
  const pdf = await import('pdfjs-dist')
  // Built by scripts/build-workers.mjs, so that nothing is fetched from elsewhere.
  pdf.GlobalWorkerOptions.workerSrc = '/pdf-worker.mjs'
  const data = await file.arrayBuffer().catch(() => {
    throw new ImpossibleRequest('file-gone', 'Drawing: the file has changed or gone since. Choose it again.', 'file')
  })
  const loading = pdf.getDocument({ data })
  try {
    const document = await loading.promise.catch(() => {
      throw new ImpossibleRequest('pdf', 'Drawing: this PDF cannot be read. Is it damaged, or locked?', 'file')
    })
    if (page > document.numPages)
      throw new ImpossibleRequest(
        'pdf-page',
        `Page: the file has ${document.numPages}, so 1 to ${document.numPages}.`,
        'page',
      )
    const sheet = await document.getPage(page)
    const natural = sheet.getViewport({ scale: 1 })
    const viewport = sheet.getViewport({ scale: SIDE / Math.max(natural.width, natural.height) })
    const canvas = window.document.createElement('canvas')
    canvas.width = Math.round(viewport.width)
    canvas.height = Math.round(viewport.height)
    await sheet.render({ canvas, viewport, background: '#fff' }).promise
    return await new Promise<Blob>((done) => canvas.toBlob((blob) => done(blob!), 'image/png'))
  } finally {
    await loading.destroy()
  }
}
