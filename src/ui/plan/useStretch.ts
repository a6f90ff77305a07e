import { useEffect, useState, type RefObject } from 'react'

/** What is drawn before the window is known. */
const AT_FIRST = 2400
/** The stretch moves by steps, so that scrolling draws anew only now and then. */
const STEP = 400

/** The stretch of a wide picture that is in sight within the box that scrolls it, with a window's width to either side,
 * in pixels, and the width of that box, 0 until it is known: of years of visits only those near are drawn. */
export function useStretch(picture: RefObject<HTMLElement | null>): readonly [from: number, to: number, wide: number] {
  const [stretch, setStretch] = useState<readonly [number, number, number]>([0, AT_FIRST, 0])
  useEffect(() => {
    const box = picture.current?.parentElement
    if (!box) return
    const look = (): void => {
      const at = Math.floor(box.scrollLeft / STEP) * STEP
      const wide = Math.ceil(box.clientWidth / STEP) * STEP
      setStretch((known) =>
        known[0] === at - wide && known[2] === box.clientWidth ? known : [at - wide, at + 2 * wide, box.clientWidth],
      )
    }
    look()
    const resized = new ResizeObserver(look)
    resized.observe(box)
    box.addEventListener('scroll', look, { passive: true })
    return () => {
      box.removeEventListener('scroll', look)
      resized.disconnect()
    }
  }, [picture])
  return stretch
}
