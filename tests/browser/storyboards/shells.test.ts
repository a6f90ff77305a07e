import { TAWNYHURST } from './tawnyhurst'
import { GANNETROW } from './gannetrow'
import { LARKMALLOW } from './larkmallow'
import { walkStories } from './walkStories'

walkStories([TAWNYHURST, GANNETROW, LARKMALLOW])
