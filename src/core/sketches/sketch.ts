/** A drawing made from figures: shapes in millimetres, y downwards, for whoever draws them. */
export interface Sketch {
  /** What it shows, for people who cannot see it. */
  readonly title: string
  readonly width: number
  readonly height: number
  readonly shapes: readonly Shape[]
}

export type Shape =
  | { readonly kind: 'line'; readonly from: Spot; readonly to: Spot; readonly tone?: Tone }
  | {
      readonly kind: 'box'
      readonly at: Spot
      readonly width: number
      readonly height: number
      readonly tone?: Tone
    }
  | { readonly kind: 'outline'; readonly points: readonly Spot[]; readonly tone?: Tone }
  | { readonly kind: 'label'; readonly at: Spot; readonly text: string; readonly align?: 'start' | 'middle' | 'end' }

/** What a shape is: there already, to be made, in the way, or only a level. */
export type Tone = 'old' | 'new' | 'obstacle' | 'level'

export interface Spot {
  readonly x: number
  readonly y: number
}

export const spot = (x: number, y: number): Spot => ({ x, y })
export const line = (from: Spot, to: Spot, tone?: Tone): Shape => ({
  kind: 'line',
  from,
  to,
  ...(tone ? { tone } : {}),
})
export const box = (at: Spot, width: number, height: number, tone?: Tone): Shape => ({
  kind: 'box',
  at,
  width,
  height,
  ...(tone ? { tone } : {}),
})
export const outline = (points: readonly Spot[], tone?: Tone): Shape => ({
  kind: 'outline',
  points,
  ...(tone ? { tone } : {}),
})
export const label = (at: Spot, text: string, align: 'start' | 'middle' | 'end' = 'middle'): Shape => ({
  kind: 'label',
  at,
  text,
  align,
})
