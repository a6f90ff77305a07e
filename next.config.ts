import { existsSync } from 'node:fs'
import type { NextConfig } from 'next'
import { PHASE_PRODUCTION_SERVER } from 'next/constants'

/** Routes that answer in JSON alone, and at length. The type that a route sets itself is not seen by what packs answers; one that
 * stands here is. */
const LONG_ANSWERS = ['/api/plan/later', '/api/selections/later', '/api/sites/:site/walk']

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // A page is never without its title: it comes with the head, not after it.
  htmlLimitedBots: /.*/,
  // Types are a check of their own (bin/test); whoever starts the app need not wait for them.
  typescript: { ignoreBuildErrors: true },
  // A page is read when it is first opened: a start takes a second less, and a small machine holds less. What the server
  // runs stays as it reads, so that its log names what failed; a first build writes nothing down for a second one.
  experimental: {
    authInterrupts: true,
    preloadEntriesOnStart: false,
    serverMinification: false,
    turbopackSourceMaps: false,
    turbopackInputSourceMaps: false,
    turbopackFileSystemCacheForBuild: existsSync('.next/BUILD_ID'),
  },
  serverExternalPackages: ['better-sqlite3', 'piscina', '@node-rs/argon2', 'sharp', 'pdfkit', 'yauzl'],
  // Warnings from inside Bootstrap's own Sass are not ours to mend.
  sassOptions: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
  // Where a proxy in front speaks https, browsers may insist on it; our own door says so itself, by its certificate.
  headers: () =>
    Promise.resolve([
      {
        source: '/:path*',
        has: [{ type: 'header', key: 'x-forwarded-proto', value: 'https' }],
        missing: [{ type: 'header', key: 'x-aftermist-door' }],
        headers: [{ key: 'strict-transport-security', value: 'max-age=15552000' }],
      },
      ...LONG_ANSWERS.map((source) => ({ source, headers: [{ key: 'content-type', value: 'application/json' }] })),
    ]),
  distDir: process.env.AFTERMIST_BUILD ?? '.next',
}

/** What makes the walk's store is asked for where the app is built; a server that is started need not read it. */
export default async (phase: string): Promise<NextConfig> =>
  phase === PHASE_PRODUCTION_SERVER ? config : (await import('@serwist/turbopack')).withSerwist(config)
