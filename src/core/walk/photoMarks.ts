/** A mark on a photo. Points are shares of its width and height, 0 to 1, so that they hold at every size. */
export type PhotoMark =
  | { readonly kind: 'arrow'; readonly from: Point; readonly to: Point }
  | { readonly kind: 'ring'; readonly at: Point; readonly radius: number }
  | { readonly kind: 'point'; readonly at: Point }
  | { readonly kind: 'words'; readonly at: Point; readonly text: string }
  /** A face, a plate or a number that nobody outside may read. */
  | { readonly kind: 'blur'; readonly from: Point; readonly to: Point }

export interface Point {
  readonly x: number
  readonly y: number
}

export const MARK_KINDS = {
  arrow: 'Arrow',
  ring: 'Ring',
  point: 'Point',
  words: 'Words',
  blur: 'Hide',
} as const

const between = (value: number): number => Math.min(1, Math.max(0, value))

/** The mark that a finger drew from one point to another; a tap is a drag of no length. */
export function markOf(kind: PhotoMark['kind'], from: Point, to: Point, text: string): PhotoMark {
  const [a, b] = [from, to].map(({ x, y }) => ({ x: between(x), y: between(y) })) as [Point, Point]
  switch (kind) {
    case 'arrow':
      return { kind, from: a, to: b }
    case 'ring':
      return { kind, at: a, radius: Math.max(0.03, Math.hypot(b.x - a.x, b.y - a.y)) }
    case 'point':
      return { kind, at: b }
    case 'words':
      return { kind, at: b, text }
    case 'blur':
      return {
        kind,
        from: { x: Math.min(a.x, b.x), y: Math.min(a.y, b.y) },
        to: { x: Math.max(a.x, b.x), y: Math.max(a.y, b.y) },
      }
  }
}

/** The parts of a picture to hide, in whole pixels inside it; parts of no size are left out. */
export function hiddenParts(
  marks: readonly PhotoMark[],
  width: number,
  height: number,
): { left: number; top: number; width: number; height: number }[] {
  return marks.flatMap((mark) => {
    if (mark.kind !== 'blur') return []
    const left = Math.floor(between(mark.from.x) * width)
    const top = Math.floor(between(mark.from.y) * height)
    const part = {
      left,
      top,
      width: Math.ceil(between(mark.to.x) * width) - left,
      height: Math.ceil(between(mark.to.y) * height) - top,
    }
    return part.width > 0 && part.height > 0 ? [part] : []
  })
}

/** What was marked on a photo, wherever it stands. */
export const marksOf = (
  photos: readonly { readonly hash: string; readonly marks: readonly PhotoMark[] }[],
  hash: string,
): readonly PhotoMark[] => photos.flatMap((photo) => (photo.hash === hash ? photo.marks : []))
