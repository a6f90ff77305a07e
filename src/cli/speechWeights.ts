import { join } from 'node:path'

/** Where the weights of speech lie, from the project's folder; the app serves them to phones under the same name. */
export const WEIGHTS = join('public', 'speech.bin')
