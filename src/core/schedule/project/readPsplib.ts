import { ImpossibleRequest } from '../../errors/impossibleRequest'
import { inOrder, type Project } from './project'

/** Reads a project in the published `.sm` layout: precedence relations, requests and durations, availabilities.
 * @throws ImpossibleRequest `psplib` saying which part is missing or does not fit */
export function readPsplib(text: string): Project {
  const rows = text.split(/\r?\n/)
  const section = (title: string): number => {
    const at = rows.findIndex((row) => row.startsWith(title))
    if (at < 0) throw wrong(`there is no part "${title}"`)
    return at
  }
  const numbers = (row: string | undefined): number[] => (row ?? '').trim().split(/\s+/).filter(Boolean).map(Number)
  const count = Number(/jobs.*:\s*(\d+)/.exec(text)?.[1])
  if (!(count > 1)) throw wrong('the number of jobs is not told')
  const relations = section('PRECEDENCE RELATIONS') + 2
  const requests = section('REQUESTS/DURATIONS') + 3
  const successors: number[][] = []
  const durations: number[] = []
  const used: number[][] = []
  for (let job = 0; job < count; job++) {
    const [number, modes, following, ...after] = numbers(rows[relations + job])
    if (number !== job + 1 || after.length !== following) throw wrong(`the relations of job ${job + 1} cannot be read`)
    if (modes !== 1) throw wrong(`job ${job + 1} has ${modes} modes; one is read`)
    successors.push(after.map((one) => one - 1))
    const [same, , duration, ...needs] = numbers(rows[requests + job])
    if (same !== job + 1 || duration === undefined) throw wrong(`the requests of job ${job + 1} cannot be read`)
    durations.push(duration)
    used.push(needs)
  }
  const capacities = numbers(rows[section('RESOURCEAVAILABILITIES') + 2])
  const project = { durations, successors, requests: used, capacities }
  if (used.some((needs) => needs.length !== capacities.length))
    throw wrong('jobs and availabilities tell different resources')
  if (used.some((needs) => needs.some((need, i) => need > capacities[i]!)))
    throw wrong('a job needs more of a resource than there is')
  if (inOrder(project).length !== count) throw wrong('jobs follow each other in a ring')
  return project
}

const wrong = (what: string): ImpossibleRequest => new ImpossibleRequest('psplib', `Project: ${what}.`, 'file')
