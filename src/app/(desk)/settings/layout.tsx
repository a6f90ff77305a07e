import type { ReactNode } from 'react'
import { deskPage } from '@/server/http/pages'
import { SettingsTabs } from '@/ui/setup/SettingsTabs'

export default async function SettingsLayout({ children }: { children: ReactNode }) {
  const { person } = await deskPage()
  return (
    <div className="page page-narrow">
      <SettingsTabs role={person.role} />
      {children}
    </div>
  )
}
