import { PAPER_READERS } from '@/core/share/paper'
import type { Extras } from '@/core/scope/extras'
import { ExtrasList } from './ExtrasList'
import { CalendarFeeds, Links, type LinkView } from './Links'
import { Receipts } from './Receipts'
import { TellList, type TellProps } from './ShareDesk'
import styles from './ShareDesk.module.css'
import { UpdateEditor, type UpdateDraft, type UpdateEditorProps } from './UpdateEditor'

interface SiteShareProps {
  readonly site: { readonly id: string; readonly name: string }
  readonly draft: UpdateDraft
  readonly edits: UpdateEditorProps['edits']
  readonly sent: UpdateEditorProps['sent']
  readonly asks: UpdateEditorProps['asks']
  readonly receipts: readonly { readonly id: string; readonly words: string; readonly answer: string | null }[]
  readonly since: string | null
  readonly photos: readonly {
    readonly hash: string
    readonly caption: string
    readonly place: string
    readonly on: string
    readonly before: string | null
  }[]
  readonly tell: TellProps
  readonly places: readonly { readonly id: string; readonly name: string }[]
  readonly links: readonly LinkView[]
  readonly extras: Extras
}

/** Who has to know what at one site. */
export function SiteShare({
  site,
  draft,
  edits,
  sent,
  asks,
  receipts,
  since,
  photos,
  tell,
  places,
  links,
  extras,
}: SiteShareProps) {
  return (
    <div className="page">
      <h1>Share {site.name}</h1>
      <div className={styles.columns}>
        <div>
          <UpdateEditor {...{ draft, edits, sent, asks, since, photos }} siteId={site.id} />
        </div>
        <aside>
          <TellList {...tell} />
          <Receipts receipts={receipts.map((one) => ({ ...one, siteId: site.id }))} />
          <ExtrasList siteId={site.id} extras={extras} />
          <section aria-labelledby="completion">
            <h2 id="completion">Papers</h2>
            <ul className={styles.list}>
              <li>
                <a href={`/sites/${site.id}/completion`}>What is left, and who has to answer</a>
              </li>
              <li>
                <a href={`/sites/${site.id}/handover`}>The hand-over pack</a>
              </li>
              <li>
                <a href={`/sites/${site.id}/neighbours`}>A letter to the neighbours</a>
              </li>
              {Object.entries(PAPER_READERS).map(([reader, name]) => (
                <li key={reader}>
                  <a href={`/sites/${site.id}/papers/${reader}`}>A paper for the {name}</a>
                </li>
              ))}
            </ul>
          </section>
          <section aria-labelledby="sheets">
            <h2 id="sheets">Room sheets for the crew</h2>
            <ul className={styles.list}>
              {places.map((place) => (
                <li key={place.id}>
                  <a href={`/sites/${site.id}/sheets/${place.id}`}>{place.name}</a>
                </li>
              ))}
            </ul>
          </section>
          <CalendarFeeds site={site} crews={[]} />
          <Links links={links} />
        </aside>
      </div>
    </div>
  )
}
