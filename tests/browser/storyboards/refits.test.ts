import { WICKERFOLD } from './wickerfold'
import { FENNICK } from './fennick'
import { SALLOWMERE } from './sallowmere'
import { BRINDLECOTE } from './brindlecote'
import { walkStories } from './walkStories'

walkStories([FENNICK, BRINDLECOTE, WICKERFOLD, SALLOWMERE])
