import { WICKERFOLD } from './wickerfold'
import { FENNICK } from './fennick'
import { SALLOWMERE } from './sallowmere'
import { BRINDLECOTE } from './brindlecote'
import { TAWNYHURST } from './tawnyhurst'
import { GANNETROW } from './gannetrow'
import { LARKMALLOW } from './larkmallow'
import type { Story } from './story'

/** Jobs as they are walked: each with what was seen, said and done, and what the phone must then show. */
export const STORIES: readonly Story[] = [
  WICKERFOLD,
  FENNICK,
  SALLOWMERE,
  BRINDLECOTE,
  TAWNYHURST,
  GANNETROW,
  LARKMALLOW,
]
