import { STAYS, type Instance } from './instance'

/** Checks a schedule slot by slot, sharing no code with the solver. Returns the violations in words; none means it holds. */
export function checkSchedule(
  instance: Instance,
  { start, mode }: { readonly start: ArrayLike<number>; readonly mode: ArrayLike<number> },
): string[] {
  const problems: string[] = []
  const worked = instance.activities.map((activity, index) => {
    const { duration } = activity.modes[mode[index]!]!
    const slots: number[] = []
    const open = instance.calendars[activity.calendar]!
    const begin = start[index]!
    for (let slot = begin; slots.length < duration && slot < instance.horizon; slot++) if (open[slot]) slots.push(slot)
    if (begin < activity.release) problems.push(`activity ${index} starts before its release`)
    const mayBegin = activity.starts === undefined || instance.calendars[activity.starts]![begin] === 1
    if (slots.length > 0 && !mayBegin && begin !== activity.fixed)
      problems.push(`activity ${index} starts in a slot in which it may not begin`)
    if (slots.length < duration) problems.push(`activity ${index} does not fit before the horizon`)
    if (slots.length > 0 && slots[0] !== begin) problems.push(`activity ${index} starts in a closed slot`)
    return slots
  })
  const end = (index: number): number => (worked[index]!.length === 0 ? start[index]! : worked[index]!.at(-1)! + 1)
  instance.activities.forEach((activity, index) => {
    if (!activity.modes[mode[index]!]!.follows) return
    const begun = instance.activities.some(
      ({ site, team }, other) =>
        other !== index &&
        site === activity.site &&
        team === activity.team &&
        start[other]! < start[index]! &&
        start[index]! <= end(other) + STAYS,
    )
    if (!begun) problems.push(`activity ${index} follows nothing of its team on its site`)
  })
  for (const { from, to, lag } of instance.precedences) {
    if (start[to]! < end(from) + lag)
      problems.push(`activity ${to} starts before ${from} has finished and waited ${lag}`)
  }
  instance.resources.forEach((resource, r) => {
    const load = new Map<number, number>()
    instance.activities.forEach((activity, index) => {
      const units = activity.modes[mode[index]!]!.demands.filter((d) => d.resource === r).reduce(
        (total, d) => total + d.units,
        0,
      )
      if (units > 0) for (const slot of worked[index]!) load.set(slot, (load.get(slot) ?? 0) + units)
    })
    for (const [slot, units] of load) {
      const there = typeof resource.capacity === 'number' ? resource.capacity : (resource.capacity[slot] ?? 0)
      if (units > there) problems.push(`resource ${r} is asked for ${units} of ${there} in slot ${slot}`)
    }
  })
  return problems
}
