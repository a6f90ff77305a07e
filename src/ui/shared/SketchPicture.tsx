import type { Shape, Sketch } from '@/core/sketches/sketch'
import styles from './SketchPicture.module.css'

/** A sketch made from figures, as large as its place allows; it prints as it is. */
export function SketchPicture({ sketch }: { readonly sketch: Sketch }) {
  const size = Math.max(sketch.width, sketch.height * 1.6) / 30
  return (
    <svg
      className={styles.sketch}
      viewBox={`0 0 ${sketch.width} ${sketch.height}`}
      role="img"
      aria-label={sketch.title}
      style={{ fontSize: size }}
    >
      {sketch.shapes.map((shape, i) => (
        <Drawn key={i} shape={shape} />
      ))}
    </svg>
  )
}

function Drawn({ shape }: { readonly shape: Shape }) {
  const tone = 'tone' in shape && shape.tone ? styles[shape.tone] : undefined
  switch (shape.kind) {
    case 'line':
      return <line className={tone} x1={shape.from.x} y1={shape.from.y} x2={shape.to.x} y2={shape.to.y} />
    case 'box':
      return <rect className={tone} x={shape.at.x} y={shape.at.y} width={shape.width} height={shape.height} />
    case 'outline':
      return <polyline className={tone} points={shape.points.map(({ x, y }) => `${x},${y}`).join(' ')} />
    case 'label':
      return (
        <text x={shape.at.x} y={shape.at.y} textAnchor={shape.align ?? 'middle'} dominantBaseline="middle">
          {shape.text}
        </text>
      )
  }
}
