'use client'
import Button from 'react-bootstrap/Button'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { FormError } from '../shared/FormError'
import { ReadWords } from '../shared/ReadFields'
import { ReadForm } from '../shared/ReadForm'
import { filesIn, type Typed } from '../shared/typed'
import { useSend } from '../shared/useSend'

/** Takes a site in that was taken out of another firm as a file. */
export function BringSite() {
  const { busy, error, run } = useSend<{ siteId: string }>()
  const bring = async (file: File): Promise<void> => {
    const taken = await run('/api/bundles', file)
    if (taken) window.location.assign(`/sites/${taken.siteId}/scope`)
  }
  return (
    <div className="page page-narrow">
      <h1>Bring a site from a file</h1>
      <ReadForm read={fileIn} onRead={bring}>
        <ReadWords name="file" label="The file, as Site settings gives it" type="file" accept=".zip,application/zip" />
        <FormError error={error} />
        <Button type="submit" variant="primary" className="mt-2" disabled={busy}>
          Bring it in
        </Button>
      </ReadForm>
    </div>
  )
}

/** The file of a form.
 * @throws ImpossibleRequest where none is chosen */
function fileIn(typed: Typed): File {
  const [file] = filesIn(typed, 'file')
  if (!file) throw new ImpossibleRequest('empty', 'File: choose one.', 'file')
  return file
}
