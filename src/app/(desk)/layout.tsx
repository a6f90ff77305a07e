import type { ReactNode } from 'react'
import { deskPage } from '@/server/http/pages'
import { Shell } from '@/ui/shared/Shell'

export default async function DeskLayout({ children }: { children: ReactNode }) {
  const context = await deskPage()
  const sites = context.sites().map(({ id, name }) => ({ id, name }))
  return (
    <Shell
      sites={sites}
      person={context.person.name}
      role={context.person.role}
      demo={context.firmName.demo}
      who={context.who}
    >
      {children}
    </Shell>
  )
}
