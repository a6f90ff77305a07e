import { v5 } from 'uuid'

const SPACE = '6f1d9a52-3c1e-5b7a-9d0e-2a7c4f8b1e60'
/** The same thing of the demo always has the same id. */
export const demoId = (...parts: readonly string[]): string => v5(parts.join('/'), SPACE)
export const siteIdOf = (key: string): string => demoId('site', key)
export const placeIdOf = (site: string, place: string): string => demoId('place', site, place)
