import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import Button from 'react-bootstrap/Button'
import { useState } from 'react'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { Fold } from '../shared/Fold'
import { phone } from './phoneStore'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** What is held can leave the phone as a file, and come in from another one: for a phone that will not reach the server. */
export function HeldFileSheet({ site }: { readonly site: SiteWalk }) {
  const [said, setSaid] = useState<string | null>(null)
  const save = async (): Promise<void> => {
    const { heldFile } = await import('./heldFile')
    const url = URL.createObjectURL(
      new Blob([await heldFile(phone, site.snapshot.site.id)], { type: 'application/json' }),
    )
    const link = document.createElement('a')
    link.href = url
    link.download = `held-${site.snapshot.today}.json`
    link.click()
    URL.revokeObjectURL(url)
  }
  const take = async (file: File): Promise<void> => {
    const { takeHeldFile } = await import('./heldFile')
    try {
      const { siteId, fresh } = await takeHeldFile(phone, await file.text())
      setSaid(
        siteId === site.snapshot.site.id
          ? `${fresh} taken in. They are sent with what is held here.`
          : `${fresh} taken in for another site; open that site to send them.`,
      )
      await site.refresh()
    } catch (error) {
      if (!(error instanceof ImpossibleRequest)) throw error
      setSaid(error.message)
    }
  }
  return (
    <Fold className={styles.pad} title="A phone that cannot reach the server">
      <p>
        <Button bsPrefix="tap" className={styles.small} onClick={() => void save()}>
          Save what is held as a file
        </Button>
      </p>
      <FormLabel>
        Take in what another phone saved
        <FormControl
          type="file"
          accept="application/json,.json"
          onChange={(event) => {
            const file = (event.target as HTMLInputElement).files?.[0]
            if (file) void take(file)
          }}
        />
      </FormLabel>
      <p aria-live="polite">{said}</p>
    </Fold>
  )
}
