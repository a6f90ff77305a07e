import { v7 as uuid } from 'uuid'
import { mattersAt } from '@/core/walk/mattersAt'
import type { Place } from '@/core/walk/siteState'
import { Fold } from '../shared/Fold'
import { Drawings } from '../shared/Drawings'
import { drawingUrl, keptDrawing } from './keepDrawings'
import { phone } from './phoneStore'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** The drawings of a place on the phone, whether or not the server has them yet. */
export function WalkDrawings({ site, place }: { readonly site: SiteWalk; readonly place: Place }) {
  const { state } = site
  const drawings = state.photos.flatMap((one) =>
    one.sheet && (one.placeId === place.id || one.placeId === null)
      ? [{ hash: one.hash, title: one.caption, sort: one.sheet }]
      : [],
  )
  const pins = state.pins.filter((pin) => drawings.some((one) => one.hash === pin.sheet))
  return (
    <Fold className={styles.pad} title={<>Drawings ({drawings.length})</>}>
      <Drawings
        drawings={drawings}
        pins={pins}
        matters={mattersAt(state, place.id)}
        srcOf={pictureOnPhone}
        onDrawing={async ({ file, title, sort, everywhere }) => {
          const hash = await site.keepFile(file, 'photo')
          const value = { hash, caption: title, sheet: sort }
          const placeId = everywhere ? null : place.id
          await site.record([{ subject: 'photo', subjectId: uuid(), facet: 'taken', placeId, value }])
        }}
        onPin={(pin) =>
          site.record([{ subject: 'pin', subjectId: uuid(), facet: 'put', placeId: place.id, value: pin }])
        }
        onRemovePin={(id) =>
          site.record([{ subject: 'pin', subjectId: id, facet: 'removed', placeId: place.id, value: true }])
        }
      />
    </Fold>
  )
}

/** A picture that is held or was fetched ahead is shown from the phone itself, any other from the server. */
async function pictureOnPhone(hash: string): Promise<string> {
  const held = (await (await phone.db()).get('photos', hash))?.blob ?? (await keptDrawing(hash))
  return held ? URL.createObjectURL(held) : drawingUrl(hash)
}
