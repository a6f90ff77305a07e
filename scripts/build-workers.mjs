import { build } from 'esbuild'

await build({
  entryPoints: ['src/workers/solve.ts'],
  outdir: 'dist-workers',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
})
