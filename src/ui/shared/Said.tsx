'use client'
import Button from 'react-bootstrap/Button'
import Toast from 'react-bootstrap/Toast'
import ToastContainer from 'react-bootstrap/ToastContainer'

/** What just happened, in one sentence, and the way back. It stays until it is closed or something else happens. */
export function Said({
  words,
  undo,
  onClose,
}: {
  readonly words: string
  readonly undo?: { readonly word: string; readonly run: () => void } | undefined
  readonly onClose: () => void
}) {
  return (
    <ToastContainer position="bottom-start" containerPosition="fixed" className="p-3 no-print" aria-live="polite">
      <Toast show={words !== ''} onClose={onClose} role="status">
        <Toast.Body className="d-flex gap-3 align-items-center">
          <span className="me-auto">{words}</span>
          {undo && (
            <Button size="sm" variant="quiet" onClick={undo.run}>
              {undo.word}
            </Button>
          )}
          <Button size="sm" variant="quiet" onClick={onClose}>
            Close<span className="visually-hidden"> what was said</span>
          </Button>
        </Toast.Body>
      </Toast>
    </ToastContainer>
  )
}
