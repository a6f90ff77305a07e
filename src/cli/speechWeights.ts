import { join } from 'node:path'

/** Where the weights of speech lie, from the project's folder; what is built of it serves them to phones. */
export const WEIGHTS = join('training', 'speech.bin')
