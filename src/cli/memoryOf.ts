import { readFileSync } from 'node:fs'

/** Resident memory of a process in megabytes. */
export function memoryOf(pid: number): number {
  const line = readFileSync(`/proc/${pid}/status`, 'utf8').match(/VmRSS:\s+(\d+) kB/)
  return line ? Number(line[1]) / 1000 : Number.NaN
}
