import type { SendError } from './useSend'

/** The sentence of a refused write, told to screen readers at once. */
export function FormError({ error }: { error: SendError | null }) {
  return <div aria-live="assertive">{error && <p className="notice notice-error">{error.message}</p>}</div>
}
