import { TOLD_JOBS } from './toldJobs'
import { walkStories } from './walkStories'

walkStories(TOLD_JOBS)
