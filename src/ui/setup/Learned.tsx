'use client'
import Button from 'react-bootstrap/Button'
import { useRouter } from 'next/navigation'
import type { LearnedRow } from '@/core/learning/learnedRow'
import { Fold } from '../shared/Fold'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

/** What was learned from work that is over: offered in a sentence, with the cases behind it, taken and undone by a person. */
export function Learned({ learned }: { readonly learned: readonly LearnedRow[] }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const tell = async (key: string, take: boolean): Promise<void> => {
    if ((await run('/api/learned', { key, take })) !== null) router.refresh()
  }
  return (
    <section aria-labelledby="learned">
      <h2 id="learned">Learned from your own work</h2>
      {learned.length === 0 ? (
        <p>
          Nothing yet. Say on Today who came, with their hours where you know them; from three comings on it is told
          here where somebody is faster or slower than is counted with.
        </p>
      ) : (
        <ul className="list-unstyled">
          {learned.map(({ key, says, cases, odd, taken }) => (
            <li key={`${key}${taken}`} className="mb-3">
              <p className="mb-1">{says}</p>
              <Button
                size="sm"
                variant={taken ? 'outline-secondary' : 'outline-primary'}
                disabled={busy}
                onClick={() => void tell(key, !taken)}
              >
                {taken ? 'Count with the usual again' : 'Count with it'}
                <span className="visually-hidden">: {says}</span>
              </Button>
              <Fold
                className="mt-1"
                title={
                  <>
                    {cases.length === 1 ? 'The case behind it' : `The ${cases.length} cases behind it`}
                    {odd.length > 0 && `, and ${odd.length} not counted`}
                  </>
                }
              >
                <ul>
                  {cases.map((one) => (
                    <li key={one}>{one}</li>
                  ))}
                  {odd.map((one) => (
                    <li key={one}>{one}: too far off, not counted</li>
                  ))}
                </ul>
              </Fold>
            </li>
          ))}
        </ul>
      )}
      <FormError error={error} />
    </section>
  )
}
