import { TAWNYHURST } from './tawnyhurst'
import { GANNETROW } from './gannetrow'
import { LARKMALLOW } from './larkmallow'
import { TOLD_JOBS } from './toldJobs'
import { walkStories } from './walkStories'

walkStories([...TOLD_JOBS, TAWNYHURST, GANNETROW, LARKMALLOW])
