import type { ReactNode } from 'react'
import { PAGE_HEADERS } from '@/server/http/linkRoute'
import { LinkDocument } from '@/ui/links/LinkDocument'

/** A page without scripts is made here, once, as text. */
export async function linkPage(title: string, body: ReactNode, status = 200, language = 'en'): Promise<Response> {
  const { renderToStaticMarkup } = await import('react-dom/server')
  const html = renderToStaticMarkup(
    <LinkDocument title={title} language={language}>
      {body}
    </LinkDocument>,
  )
  return new Response(`<!doctype html>${html}`, { status, headers: PAGE_HEADERS })
}

/** A link that leads nowhere any more says so in one sentence. */
export const refusedLink = (status: number, message: string): Promise<Response> =>
  linkPage(
    'Nothing to see here',
    <main className="page">
      <div className="body">
        <h1>Nothing to see here</h1>
        <p>{message}</p>
      </div>
    </main>,
    status,
  )
