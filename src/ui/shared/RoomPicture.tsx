import type { RoomPlan } from '@/core/sketches/roomPieces'
import { SketchPicture } from './SketchPicture'

/** A room from above, and in words what cannot be in it at once. */
export function RoomPicture({ plan: { sketch, clashes } }: { readonly plan: RoomPlan }) {
  return (
    <figure>
      <SketchPicture sketch={sketch} />
      {clashes.length > 0 && <figcaption className="late">{clashes.join(' ')}</figcaption>}
    </figure>
  )
}
