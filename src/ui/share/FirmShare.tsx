'use client'
import { CalendarFeeds, type LinkView } from './Links'
import { Outbox, type OutboxProps } from './Outbox'
import { ShareBoard } from './ShareBoard'
import type { ReaderView } from './types'

interface FirmShareProps {
  readonly readers: readonly ReaderView[]
  readonly crews: readonly { readonly id: string; readonly name: string }[]
  readonly calendars: readonly LinkView[]
  readonly outbox: OutboxProps
}

/** Who has to know what, over all sites. */
export const FirmShare = ({ readers, crews, calendars, outbox }: FirmShareProps) => (
  <ShareBoard
    site={null}
    readers={readers}
    below={[
      { id: 'outbox', words: 'Outbox: what was sent, and what waits', body: <Outbox {...outbox} /> },
      {
        id: 'calendars',
        words: 'Calendars',
        body: <CalendarFeeds site={null} crews={crews} given={calendars} />,
      },
    ]}
  />
)
