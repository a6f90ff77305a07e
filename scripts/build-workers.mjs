import { build } from 'esbuild'

await build({
  entryPoints: ['src/workers/solve.ts', 'src/workers/pullIn.ts', 'src/workers/searchProject.ts'],
  outdir: 'dist-workers',
  outExtension: { '.js': '.mjs' },
  bundle: true,
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
