import type { ReactNode } from 'react'

/** A page behind a link that carries no script: small, quick, and readable with whatever the reader has. */
export function LinkDocument({
  title,
  language,
  children,
}: {
  readonly title: string
  readonly language: string
  readonly children: ReactNode
}) {
  return (
    <html lang={language}>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover" />
        <meta name="theme-color" content="#16242b" />
        <meta name="robots" content="noindex, nofollow" />
        <title>{title}</title>
        <link rel="icon" href="/icon.svg" />
        <link rel="stylesheet" href="/link-page.css" />
      </head>
      <body>{children}</body>
    </html>
  )
}
