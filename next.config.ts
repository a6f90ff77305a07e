import type { NextConfig } from 'next'
import { withSerwist } from '@serwist/turbopack'

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  experimental: { authInterrupts: true },
  serverExternalPackages: ['better-sqlite3', 'piscina', '@node-rs/argon2', 'sharp', 'pdfkit'],
  // Warnings from inside Bootstrap's own Sass are not ours to mend.
  sassOptions: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
  distDir: process.env.AFTERMIST_BUILD ?? '.next',
}

export default withSerwist(config)
