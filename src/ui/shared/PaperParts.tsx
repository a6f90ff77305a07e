import type { PaperPart } from '@/core/share/printedPaper'

/** The parts of a paper, on a page.
 * @param picture where a picture is found by its hash
 * @param pictures the class of a group of pictures */
export function PaperParts({
  parts,
  picture,
  pictures: className,
}: {
  readonly parts: readonly PaperPart[]
  readonly picture: (hash: string) => string
  readonly pictures: string
}) {
  return parts
    .filter(({ sentences, pictures = [] }) => sentences.length + pictures.length > 0)
    .map(({ title, sentences, pictures = [] }) => (
      <section key={title}>
        <h2>{title}</h2>
        {sentences.length > 0 && (
          <ul>
            {sentences.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        )}
        {pictures.length > 0 && (
          <div className={className}>
            {pictures.map(({ hash, words }) => (
              <figure key={hash}>
                <img src={picture(hash)} alt={words} loading="lazy" />
                <figcaption>{words}</figcaption>
              </figure>
            ))}
          </div>
        )}
      </section>
    ))
}
