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

// The reader of PDF pages, fetched by the browser only where somebody adds a drawing.
await build({
  entryPoints: { 'pdf-worker': 'pdfjs-dist/build/pdf.worker.mjs' },
  outdir: 'public',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  minify: true,
  platform: 'browser',
  format: 'esm',
})

// What a move would do, tried in the browser while it is made.
await build({
  entryPoints: { 'what-if-worker': 'src/workers/whatIf.ts' },
  outdir: 'public',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  minify: true,
  platform: 'browser',
  format: 'esm',
})
