import { createSerwistRoute } from '@serwist/turbopack'

const build = process.env.AFTERMIST_REVISION ?? 'dev'

export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  additionalPrecacheEntries: [{ url: '/walk', revision: build }],
  swSrc: 'src/app/sw.ts',
  useNativeEsbuild: true,
})
