import { useEffect, useState, type RefObject } from 'react'

/** What is drawn before the window is known. */
const AT_FIRST = 2400
/** The stretch moves by steps, so that scrolling draws anew only now and then. */
const STEP = 400

/** The stretch of a wide picture that is in sight within the box that scrolls it, with a window's width to either side,
 * in pixels: of years of visits only those near are drawn. */
export function useStretch(picture: RefObject<HTMLElement | null>): readonly [from: number, to: number] {
  const [stretch, setStretch] = useState<readonly [number, number]>([0, AT_FIRST])
  useEffect(() => {
    const box = picture.current?.parentElement
    if (!box) return
    const look = (): void => {
      const at = Math.floor(box.scrollLeft / STEP) * STEP
      const wide = Math.ceil(box.clientWidth / STEP) * STEP
      setStretch(([from, to]) => (from === at - wide && to === at + 2 * wide ? [from, to] : [at - wide, at + 2 * wide]))
    }
    look()
    box.addEventListener('scroll', look, { passive: true })
    window.addEventListener('resize', look)
    return () => {
      box.removeEventListener('scroll', look)
      window.removeEventListener('resize', look)
    }
  }, [picture])
  return stretch
}
