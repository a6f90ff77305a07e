import { useRouter } from 'next/navigation'
import { v7 as uuid } from 'uuid'
import { Drawings, type Drawing, type NewDrawing } from '../shared/Drawings'
import { sendPicture } from '../shared/sendPicture'
import type { RecordFacts, RowView, ScopeProps } from './types'

interface PlaceDrawingsProps {
  readonly siteId: string
  readonly row: RowView
  readonly drawings: readonly Drawing[]
  readonly pins: ScopeProps['open']['pins']
  readonly mayEdit: boolean
  readonly record: RecordFacts
}

/** The drawings of a place at the desk. */
export function PlaceDrawings({ siteId, row, drawings, pins, mayEdit, record }: PlaceDrawingsProps) {
  const router = useRouter()
  const add = async ({ file, title, sort, everywhere }: NewDrawing): Promise<void> => {
    const value = { hash: await sendPicture(siteId, file, 'file'), caption: title, sheet: sort }
    const placeId = everywhere ? null : row.placeId
    await record([{ subject: 'photo', subjectId: uuid(), facet: 'taken', placeId, value }], 'The drawing is kept.', [])
    router.refresh()
  }
  const pin = (id: string, facet: string, value: unknown, words: string) =>
    record([{ subject: 'pin', subjectId: id, facet, placeId: row.placeId, value }], words, [])
  return (
    <Drawings
      drawings={drawings}
      pins={pins}
      matters={row.matters}
      srcOf={sharedPicture}
      onDrawing={mayEdit ? add : null}
      onPin={mayEdit ? async (put) => void (await pin(uuid(), 'put', put, 'The pin is put.')) : null}
      onRemovePin={mayEdit ? async (id) => void (await pin(id, 'removed', true, 'The pin is off.')) : null}
    />
  )
}

const sharedPicture = (hash: string): Promise<string> => Promise.resolve(`/api/photos/${hash}?size=shared`)
