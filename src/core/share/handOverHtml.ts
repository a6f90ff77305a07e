import { dateOnly } from '../calendar/day'
import type { AtlasPhoto, HandOver } from './handOver'

/** The hand-over pack as one page that opens anywhere, for years: no script, nothing from elsewhere, pictures beside it in
 * `photos`. Everything that somebody typed is escaped. */
export function handOverHtml(site: string, on: string, pack: HandOver): string {
  const parts = [
    section('What was agreed', list(pack.contract)),
    section(
      'What was built',
      pack.built
        .map(
          ({ place, work, chosen }) =>
            `<h3>${escaped(place)}</h3>${list(work)}${chosen.length > 0 ? `<p>Chosen:</p>${list(chosen)}` : ''}`,
        )
        .join(''),
    ),
    ...pack.items.map(({ sort, things }) => section(sort, list(things))),
    section('What must stay reachable', list(pack.reachable)),
    section('Only there for a time', list(pack.temporary)),
    section('What is behind the walls', pack.atlas.map((photo) => figure(photo, photo.place)).join('')),
    section(
      'Before and after',
      pack.album
        .map(({ place, before, after }) => figure(before, `${place}, before`) + figure(after, `${place}, after`))
        .join(''),
    ),
  ]
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex">
<title>${escaped(site)}: hand-over</title>
<style>
body { font: 1rem/1.5 system-ui, sans-serif; max-width: 48rem; margin: 0 auto; padding: 1.5rem; color: #17252c; }
figure { display: inline-block; width: 48%; margin: 0 1% 1rem 0; vertical-align: top; break-inside: avoid; }
img { width: 100%; }
figcaption { font-size: 0.9rem; }
</style>
</head>
<body>
<h1>${escaped(site)}: hand-over</h1>
<p>${escaped(on)}</p>
${parts.join('\n')}
<p>${escaped(pack.publicUse)}</p>
</body>
</html>
`
}

/** Every picture of a pack, each once. */
export const picturesOf = ({ atlas, album }: HandOver): readonly string[] => [
  ...new Set([...atlas, ...album.flatMap(({ before, after }) => [before, after])].map(({ hash }) => hash)),
]

const section = (title: string, inner: string): string =>
  inner === '' ? '' : `<section><h2>${escaped(title)}</h2>${inner}</section>`

const list = (items: readonly string[]): string =>
  items.length === 0 ? '' : `<ul>${items.map((item) => `<li>${escaped(item)}</li>`).join('')}</ul>`

const figure = ({ hash, caption, on }: AtlasPhoto, title: string): string =>
  `<figure><img src="photos/${hash}.jpg" alt="${escaped(`${title}. ${caption}`)}"><figcaption>${escaped(
    [title, caption, dateOnly(on)].filter(Boolean).join(', '),
  )}</figcaption></figure>`

const ENTITIES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
}
const escaped = (text: string): string => text.replace(/[&<>"']/g, (letter) => ENTITIES[letter]!)
