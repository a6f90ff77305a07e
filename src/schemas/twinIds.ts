import { v5, v7 } from 'uuid'
import type { Ids } from '../core/walk/units'

const TWINS = '5b0a7f6e-3a1c-5c43-9d0b-2f8f6f1d7a10'

/** Ids as phone and desk make them, so that what both take over into a copy is one thing. */
export const twinIds: Ids = { fresh: () => v7(), twin: (id, copyId) => v5(`${id} ${copyId}`, TWINS) }
