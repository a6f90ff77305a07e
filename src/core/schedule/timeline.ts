import { capacityAt, type Activity, type Instance, type Mode } from './instance'

/** What is still free of each resource, slot by slot. */
export class Timeline {
  private readonly used: Int16Array[]

  constructor(private readonly instance: Instance) {
    this.used = instance.resources.map(() => new Int16Array(instance.horizon))
  }

  /** First start, not before `earliest`, at which the activity's working slots are open and everything it needs is free.
   * @returns the start slot, or -1 where the horizon is too short */
  firstStart(activity: Activity, mode: Mode, earliest: number): number {
    const open = this.instance.calendars[activity.calendar]!
    if (mode.duration === 0) return earliest
    for (let start = earliest; start < open.length; start++) {
      if (open[start] === 0) continue
      const blocked = this.blockedAt(open, mode, start)
      if (blocked === -1) return start
      if (blocked === -2) return -1
      start = blocked
    }
    return -1
  }

  /** Last start at which the activity still ends by `limit` and finds what it needs, or -1. */
  lastStart(activity: Activity, mode: Mode, limit: number, notBefore: number): number {
    if (mode.duration === 0) return limit
    for (let start = limit - 1; start >= notBefore; start--) {
      if (this.endOf(activity, mode, start) <= limit && this.fits(activity, mode, start)) return start
    }
    return -1
  }

  private endOf(activity: Activity, mode: Mode, start: number): number {
    const open = this.instance.calendars[activity.calendar]!
    let left = mode.duration
    let slot = start
    for (; left > 0 && slot < open.length; slot++) if (open[slot] === 1) left--
    return left > 0 ? Number.POSITIVE_INFINITY : slot
  }

  fits(activity: Activity, mode: Mode, start: number): boolean {
    const open = this.instance.calendars[activity.calendar]!
    return mode.duration === 0 || (open[start] === 1 && this.blockedAt(open, mode, start) === -1)
  }

  /** First slot where the activity would not fit, -1 where it fits, -2 past the horizon. */
  private blockedAt(open: Uint8Array, mode: Mode, start: number): number {
    let left = mode.duration
    for (let slot = start; left > 0; slot++) {
      if (slot >= open.length) return -2
      if (open[slot] === 0) continue
      for (const { resource, units } of mode.demands) {
        if (this.used[resource]![slot]! + units > capacityAt(this.instance.resources[resource]!, slot)) return slot
      }
      left--
    }
    return -1
  }

  /** Takes (sign 1) or gives back (sign -1) what the activity uses. Returns the slot after its last working slot. */
  take(activity: Activity, mode: Mode, start: number, sign: 1 | -1): number {
    const open = this.instance.calendars[activity.calendar]!
    let left = mode.duration
    let slot = start
    for (; left > 0 && slot < open.length; slot++) {
      if (open[slot] === 0) continue
      for (const { resource, units } of mode.demands) this.used[resource]![slot]! += sign * units
      left--
    }
    return slot
  }
}
