import type { PhotoMark } from '@/core/walk/photoMarks'
import styles from './MarkedPhoto.module.css'

/** A photo with what was drawn on it: arrows, rings, points and words. What is to be hidden outside is only framed. */
export function MarkedPhoto({
  src,
  alt,
  marks,
}: {
  readonly src: string
  readonly alt: string
  readonly marks: readonly PhotoMark[]
}) {
  return (
    <span className={styles.photo}>
      <img src={src} alt={alt} loading="lazy" />
      {marks.length > 0 && (
        <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
          <defs>
            <marker id="arrowhead" viewBox="0 0 10 10" refX="8" refY="5" markerWidth="5" markerHeight="5" orient="auto">
              <path d="M0 0 L10 5 L0 10 z" />
            </marker>
          </defs>
          {marks.map((mark, i) => (
            <Mark key={i} mark={mark} />
          ))}
        </svg>
      )}
      {marks.map(
        (mark, i) =>
          mark.kind === 'words' && (
            <span key={i} className={styles.words} style={{ left: `${mark.at.x * 100}%`, top: `${mark.at.y * 100}%` }}>
              {mark.text}
            </span>
          ),
      )}
    </span>
  )
}

function Mark({ mark }: { readonly mark: PhotoMark }) {
  switch (mark.kind) {
    case 'arrow':
      return (
        <line
          x1={mark.from.x * 100}
          y1={mark.from.y * 100}
          x2={mark.to.x * 100}
          y2={mark.to.y * 100}
          markerEnd="url(#arrowhead)"
        />
      )
    case 'ring':
      return <ellipse cx={mark.at.x * 100} cy={mark.at.y * 100} rx={mark.radius * 100} ry={mark.radius * 100} />
    case 'point':
      return <ellipse className={styles.point} cx={mark.at.x * 100} cy={mark.at.y * 100} rx="1.6" ry="1.6" />
    case 'blur':
      return (
        <rect
          className={styles.hidden}
          x={mark.from.x * 100}
          y={mark.from.y * 100}
          width={(mark.to.x - mark.from.x) * 100}
          height={(mark.to.y - mark.from.y) * 100}
        />
      )
    case 'words':
      return null
  }
}
