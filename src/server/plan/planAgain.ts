import { ImpossibleRequest } from '../../core/errors/impossibleRequest'
import type { Context } from '../context'
import { planFirm } from './planFirm'

/** Plans again and tells how far it is, one line of JSON at a time; whoever hangs up stops it and the old plan stands. */
export function planAgain(context: Context, signal: AbortSignal): Response {
  context.requireLead()
  const text = new TextEncoder()
  const stop = new AbortController()
  signal.addEventListener('abort', () => stop.abort())
  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = (message: unknown): void => {
        if (!stop.signal.aborted) controller.enqueue(text.encode(`${JSON.stringify(message)}\n`))
      }
      try {
        await planFirm(context, 'Planned again', { signal: stop.signal, onProgress: (done) => say({ done }) })
        say({ planned: true })
      } catch (error) {
        if (!(error instanceof ImpossibleRequest) && !stop.signal.aborted) console.error(error)
        say({
          error: error instanceof ImpossibleRequest ? error.message : 'The plan could not be made. The old one stands.',
        })
      }
      if (!stop.signal.aborted) controller.close()
    },
    cancel: () => stop.abort(),
  })
  return new Response(body, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } })
}
