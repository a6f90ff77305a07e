import Button from 'react-bootstrap/Button'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { SelectionRow } from '@/core/selections/selectionRow'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

/** Asks the supplier's desk when an order arrives; the simulated one says that it is. */
export function AskSupplier({ row }: { readonly row: SelectionRow }) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ words: string }>()
  const [words, setWords] = useState('')
  const ask = async (): Promise<void> => {
    const answer = await run(`/api/sites/${row.siteId}/selections/${row.id}/ask`, {})
    if (!answer) return
    setWords(answer.words)
    router.refresh()
  }
  return (
    <div>
      <Button variant="quiet" disabled={busy} onClick={() => void ask()}>
        Ask the supplier (simulated)
      </Button>
      <p aria-live="polite">{words}</p>
      <FormError error={error} />
    </div>
  )
}
