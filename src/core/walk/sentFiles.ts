/** The files that a phone sends, and the most bytes that are taken of each. */
export const MAX_FILE_BYTES = { photo: 30_000_000, memo: 10_000_000, film: 60_000_000 } as const
export type FileSort = keyof typeof MAX_FILE_BYTES
