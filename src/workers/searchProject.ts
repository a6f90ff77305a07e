import { searchProject, type Found } from '../core/schedule/project/searchProject'
import type { Project } from '../core/schedule/project/project'

export interface SearchTask {
  readonly project: Project
  readonly seed: number
  /** The moment to stop at, in milliseconds since 1970. */
  readonly until: number
}

/** Searches a project on a core of its own. */
export default function searchTask({ project, seed, until }: SearchTask): Found {
  return searchProject(project, { seed, goOn: () => Date.now() < until })
}
