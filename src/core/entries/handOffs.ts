import { layOut } from '../sequence/stageOrder'
import type { PlacedEntry } from './entryKind'

const told = (value: unknown): string => (typeof value === 'string' ? value.trim() : '')

/** What comes before what at one place, as it was told, laid out in order; or the circle that it runs in, with the way
 * out of it. Two people who wait for each other are found this way: our crown for their patch, their patch for our
 * moulding. */
export function handOffSentences(entries: readonly PlacedEntry[]): string[] {
  const open = entries.filter((entry) => !entry.settled && told(entry.values['first']) && told(entry.values['then']))
  const places = [...new Set(open.map((entry) => entry.placeId))]
  return places.flatMap((placeId) => {
    const here = open.filter((entry) => entry.placeId === placeId)
    const steps = here.map(({ values }) => ({
      before: told(values['first']).toLowerCase(),
      after: told(values['then']).toLowerCase(),
      whose: told(values['whose']),
    }))
    const { order, circle } = layOut(steps)
    if (circle) {
      const theirs = steps.find((one) => circle.includes(one.before) && one.whose !== '' && one.whose !== 'we')
      return [
        `These wait for each other: ${circle.join(', then ')}. ${
          theirs
            ? `Do a part of it twice: let ${theirs.before} be done by ${theirs.whose} as far as it goes, and come back to it.`
            : 'Split one of them in two, or turn one round.'
        }`,
      ]
    }
    return steps.length > 1 ? [`In this order: ${order.join(', then ')}.`] : []
  })
}
