import type { Metadata, Viewport } from 'next'
import { headers } from 'next/headers'
import type { ReactNode } from 'react'
import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/atkinson-hyperlegible-mono'
import '@fontsource-variable/bricolage-grotesque'
import '@/ui/theme/theme.scss'
import { writtenHere } from '@/server/http/pages'
import { FocusKept } from '@/ui/shared/FocusKept'
import { InstallableApp } from '@/ui/shared/InstallableApp'
import { WrittenAs } from '@/ui/shared/WrittenAs'

export const metadata: Metadata = {
  title: { default: 'Aftermist', template: '%s · Aftermist' },
  applicationName: 'Aftermist',
}
export const viewport: Viewport = {
  themeColor: '#16242b',
  width: 'device-width',
  initialScale: 1,
  viewportFit: 'cover',
}

export default async function Layout({ children }: { children: ReactNode }) {
  // Reading the headers makes every page a fresh one, so that each carries its own nonce.
  await headers()
  return (
    <html lang="en">
      <body>
        <WrittenAs {...await writtenHere()}>{children}</WrittenAs>
        <InstallableApp />
        <FocusKept />
      </body>
    </html>
  )
}
