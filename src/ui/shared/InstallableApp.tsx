'use client'
import { useEffect } from 'react'

/** Registers the service worker that serves the walk without a network. Plain http cannot have one; the walk says so. */
export function InstallableApp() {
  useEffect(() => {
    if (!('serviceWorker' in navigator) || window.location.pathname.startsWith('/for/')) return
    void navigator.serviceWorker.register('/serwist/sw.js', { scope: '/', type: 'module' })
  }, [])
  return null
}
