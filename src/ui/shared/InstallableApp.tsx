'use client'
import { useEffect } from 'react'

const LOOK_AGAIN_MS = 1000

/** Registers the service worker that serves the walk without a network. Plain http cannot have one; the walk says so.
 * When a newer version has taken over, the page is opened again as soon as nobody is in the middle of typing; what is
 * held lies in the phone's own store and is not touched. */
export function InstallableApp() {
  useEffect(() => {
    if (!('serviceWorker' in navigator) || window.location.pathname.startsWith('/for/')) return
    const { serviceWorker } = navigator
    void serviceWorker.register('/serwist/sw.js', { scope: '/', type: 'module' })
    void serviceWorker.ready.then(({ active }) => {
      if (serviceWorker.controller === null) active?.postMessage('claim')
    })
    const controlled = serviceWorker.controller !== null
    const updated = (): void => {
      if (controlled) openAgainWhenFree()
    }
    serviceWorker.addEventListener('controllerchange', updated)
    return () => serviceWorker.removeEventListener('controllerchange', updated)
  }, [])
  return null
}

function openAgainWhenFree(): void {
  const typing = document.activeElement?.matches('input, textarea, select') ?? false
  if (!typing && document.querySelector('dialog[open]') === null) return window.location.reload()
  window.setTimeout(openAgainWhenFree, LOOK_AGAIN_MS)
}
