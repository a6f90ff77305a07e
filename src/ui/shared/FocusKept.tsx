'use client'
import { useEffect } from 'react'

/** Nobody who works by keys or by ear is thrown back to the top of a page: what had the focus gets it back once it can be
 * used again after something was sent; where it is gone, what it stood in has the focus, and Tab goes on from there. A sheet
 * that is shut gives it back to what opened it. */
export function FocusKept() {
  useEffect(() => {
    /** What had the focus last, and what it stood in, from the inside out. */
    let line: HTMLElement[] = []
    let sheet: Element | null = null
    let opener: HTMLElement | undefined
    const came = ({ target }: FocusEvent): void => {
      const next = (target as HTMLElement).closest('dialog, [role=dialog]')
      if (next !== sheet) opener = line[0]
      sheet = next
      line = []
      for (let one = target as HTMLElement | null; one; one = one.parentElement) line.push(one)
    }
    const went = (): void => {
      const last = line[0]
      // Whoever left it on purpose has left it; what was shut or taken away was not left.
      window.setTimeout(() => {
        if (last && line[0] === last && usable(last) && document.activeElement !== last) line = []
      })
    }
    const changed = (): void => {
      const last = line[0]
      if (!last || document.activeElement !== document.body) return
      if (usable(last)) return last.focus({ preventScroll: true })
      if (last.isConnected) return
      if (sheet && !sheet.isConnected && opener && usable(opener)) return opener.focus({ preventScroll: true })
      const place = line.find((one) => one.isConnected)!
      const stand =
        place === document.body || place === document.documentElement ? document.querySelector('main') : place
      if (!stand) return
      stand.tabIndex = -1
      stand.focus({ preventScroll: true })
    }
    const page = new MutationObserver(changed)
    page.observe(document.body, { subtree: true, childList: true, attributes: true, attributeFilter: ['disabled'] })
    document.addEventListener('focusin', came)
    document.addEventListener('focusout', went)
    return () => {
      page.disconnect()
      document.removeEventListener('focusin', came)
      document.removeEventListener('focusout', went)
    }
  }, [])
  return null
}

const usable = (one: HTMLElement): boolean => one.isConnected && !one.matches(':disabled')
