import type { Metadata } from 'next'
import { WalkApp } from '@/ui/walk/WalkApp'

export const metadata: Metadata = { title: 'Walk' }

/** The shell of the walk: the same for everybody, so that a phone can keep it; whose site it shows is in the phone. */
export default function WalkPage() {
  return <WalkApp />
}
