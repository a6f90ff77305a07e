import { build } from 'esbuild'
import { copyFileSync, mkdirSync, writeFileSync } from 'node:fs'
import { compile } from 'sass'

await build({
  entryPoints: [
    'src/workers/solve.ts',
    'src/workers/finishRisk.ts',
    'src/workers/pullIn.ts',
    'src/workers/searchProject.ts',
  ],
  outdir: 'dist',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
})

// The command line, in one piece: it starts in a third of the time that reading it file by file takes.
await build({
  entryPoints: { aftermist: 'src/cli/main.ts' },
  outdir: 'dist',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  splitting: true,
  packages: 'external',
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
})

// For the browser: the reader of PDF pages, fetched only where somebody adds a drawing, and the one that tries a move
// while it is made.
await build({
  entryPoints: { 'pdf-worker': 'pdfjs-dist/build/pdf.worker.mjs', 'what-if-worker': 'src/workers/whatIf.ts' },
  outdir: 'public',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  minify: true,
  platform: 'browser',
  format: 'esm',
})

// What was learned of speech, for phones to fetch.
mkdirSync('public', { recursive: true })
copyFileSync('training/speech.bin', 'public/speech.bin')

// For the pages behind links, which carry no script: their style and their two fonts.
const fonts = {
  text: 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal',
  heading: 'bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal',
}
mkdirSync('public/fonts', { recursive: true })
for (const [name, file] of Object.entries(fonts))
  copyFileSync(`node_modules/@fontsource-variable/${file}.woff2`, `public/fonts/${name}.woff2`)
const { css } = compile('src/ui/theme/link-page.scss', {
  style: 'compressed',
  loadPaths: ['node_modules'],
  // Warnings from inside Bootstrap's own Sass are not ours to mend.
  quietDeps: true,
  silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'],
})
writeFileSync('public/link-page.css', css)
