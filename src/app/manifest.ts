import type { MetadataRoute } from 'next'

export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Aftermist',
    short_name: 'Aftermist',
    description: 'Walk a site, know what is left, plan who comes when, tell who has to know.',
    start_url: '/today',
    display: 'standalone',
    background_color: '#f3f1ec',
    theme_color: '#16242b',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
  }
}
