import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

/** Puts something away, or brings it back. */
export function PutAway({
  url,
  name,
  away,
  onMoved,
}: {
  readonly url: string
  readonly name: string
  /** Whether it is put away now. */
  readonly away: boolean
  readonly onMoved?: () => void
}) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const move = async (): Promise<void> => {
    if ((await run(url, { away: !away })) === null) return
    router.refresh()
    onMoved?.()
  }
  return (
    <div className="mb-2">
      <Button variant="quiet" disabled={busy} onClick={() => void move()}>
        {away ? `Bring ${name} back` : `Put ${name} away`}
      </Button>
      <FormError error={error} />
    </div>
  )
}
