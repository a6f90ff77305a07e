'use client'
import ListGroup from 'react-bootstrap/ListGroup'
import type { Extras } from '@/core/scope/extras'
import { PAPER_READERS } from '@/core/share/paper'
import { ExtrasList } from './ExtrasList'
import { CalendarFeeds, type LinkView } from './Links'
import { ShareBoard } from './ShareBoard'
import type { ReaderView } from './types'
import { UpdateEditor, type UpdateDraft, type UpdateEditorProps } from './UpdateEditor'

interface SiteShareProps extends Omit<UpdateEditorProps, 'siteId'> {
  readonly site: { readonly id: string; readonly name: string }
  readonly draft: UpdateDraft
  readonly readers: readonly ReaderView[]
  readonly places: readonly { readonly id: string; readonly name: string }[]
  readonly calendars: readonly LinkView[]
  readonly extras: Extras
}

/** Who has to know what at one site. */
export function SiteShare({ site, readers, places, calendars, extras, ...update }: SiteShareProps) {
  const papers = [
    { href: `/sites/${site.id}/completion`, words: 'What is left, and who has to answer' },
    { href: `/sites/${site.id}/handover`, words: 'The hand-over pack' },
    { href: `/sites/${site.id}/report`, words: 'One report of several visits' },
    { href: `/sites/${site.id}/neighbours`, words: 'A letter to the neighbours' },
    ...Object.entries(PAPER_READERS).map(([reader, name]) => ({
      href: `/sites/${site.id}/papers/${reader}`,
      words: `A paper for the ${name}`,
    })),
  ]
  return (
    <ShareBoard
      site={site}
      readers={readers}
      update={
        <>
          <UpdateEditor {...update} siteId={site.id} />
          <ExtrasList siteId={site.id} extras={extras} />
        </>
      }
      below={[
        {
          id: 'sheets',
          words: 'Room sheets for the crew',
          body: (
            <Addresses of={places.map(({ id, name }) => ({ href: `/sites/${site.id}/sheets/${id}`, words: name }))} />
          ),
        },
        { id: 'papers', words: 'Papers', body: <Addresses of={papers} /> },
        {
          id: 'calendars',
          words: 'Calendars',
          body: <CalendarFeeds site={site} crews={[]} given={calendars} />,
        },
      ]}
    />
  )
}

const Addresses = ({ of }: { readonly of: readonly { readonly href: string; readonly words: string }[] }) => (
  <ListGroup variant="flush" as="div">
    {of.map(({ href, words }) => (
      <ListGroup.Item key={href} action href={href}>
        {words}
      </ListGroup.Item>
    ))}
  </ListGroup>
)
