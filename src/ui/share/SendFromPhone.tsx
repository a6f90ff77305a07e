'use client'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Modal from 'react-bootstrap/Modal'

interface Words {
  readonly to: string
  readonly text: string
}

/** The composed words handed to one's own telephone: its messages, or whatever it shares with. Nothing counts as told until
 * one says that it went. */
export function SendFromPhone({
  name,
  disabled = false,
  words,
  onWent,
}: {
  readonly name: string
  readonly disabled?: boolean
  readonly words: () => Promise<Words | null>
  /** Keeps that it went; without it nothing has to be kept. */
  readonly onWent?: () => Promise<void>
}) {
  const [shown, setShown] = useState<Words | null>(null)
  const share = async ({ text }: Words): Promise<void> => {
    await navigator.share({ text }).catch((error: unknown) => {
      // Whoever closes the sheet has shared nothing, and may try again.
      if ((error as Error).name !== 'AbortError') throw error
    })
  }
  return (
    <>
      <Button variant="quiet" disabled={disabled} onClick={() => void words().then(setShown)}>
        Send from my phone
      </Button>
      {shown && (
        <Modal show onHide={() => setShown(null)} aria-labelledby="from-my-phone">
          <Modal.Header closeButton>
            <Modal.Title as="h2" id="from-my-phone">
              To {[name, shown.to].filter(Boolean).join(', ')}
            </Modal.Title>
          </Modal.Header>
          <Modal.Body style={{ whiteSpace: 'pre-line' }}>{shown.text}</Modal.Body>
          <Modal.Footer>
            <Button href={`sms:${shown.to.replace(/[^\d+]/g, '')}?body=${encodeURIComponent(shown.text)}`}>
              Open in messages
            </Button>
            {'share' in navigator && (
              <Button variant="quiet" onClick={() => void share(shown)}>
                Share
              </Button>
            )}
            <Button variant="quiet" onClick={() => void navigator.clipboard.writeText(shown.text)}>
              Copy
            </Button>
            {onWent && (
              <Button variant="quiet" onClick={() => void onWent().then(() => setShown(null))}>
                It went
              </Button>
            )}
          </Modal.Footer>
        </Modal>
      )}
    </>
  )
}
