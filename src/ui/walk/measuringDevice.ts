import { mm, type Tenths } from '@/core/measure/length'

/** Something that measures and hands the length over: a laser held against the wall, or what stands in for one. */
export interface MeasuringDevice {
  readonly simulated: boolean
  read(): Promise<Tenths>
}

/** Stands in for a laser: gives the same run of room-sized lengths every time. */
export function simulatedLaser(): MeasuringDevice {
  let count = 0
  return {
    simulated: true,
    read: () => {
      count++
      return Promise.resolve(mm(1800 + ((count * 7919) % 3700)))
    },
  }
}
