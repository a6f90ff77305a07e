'use client'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

/** Takes a site in that was taken out of another firm as a file. */
export function BringSite() {
  const { busy, error, run } = useSend<{ siteId: string }>()
  const bring = async (file: FormDataEntryValue | null): Promise<void> => {
    if (!(file instanceof File) || file.size === 0) return
    const taken = await run('/api/bundles', file)
    if (taken) window.location.assign(`/sites/${taken.siteId}/scope`)
  }
  return (
    <div className="page page-narrow">
      <h1>Bring a site from a file</h1>
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          void bring(new FormData(event.currentTarget).get('file'))
        }}
      >
        <Form.Group controlId="bundle" className="mb-2">
          <Form.Label>The file, as Site settings gives it</Form.Label>
          <Form.Control type="file" name="file" accept=".zip,application/zip" required />
        </Form.Group>
        <FormError error={error} />
        <Button type="submit" variant="primary" disabled={busy}>
          Bring it in
        </Button>
      </Form>
    </div>
  )
}
