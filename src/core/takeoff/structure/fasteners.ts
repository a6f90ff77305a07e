import { calculation, count, optional, output, percent, up, withPercent } from '../calculation'

/** C-20: every hole filled: hangers × fasteners each, with 5 to 10 % more to buy. */
export const fasteners = calculation({
  id: 'C-20',
  title: 'Fasteners of hangers',
  inputs: {
    hangers: count('Hangers'),
    each: count('Fasteners in each'),
    more: percent('More to buy', { default: 5 }),
    box: optional(count('Fasteners in a box')),
    missing: count('Holes seen empty', { default: 0 }),
  },
  outputs: {
    total: output('Fasteners', 'pieces'),
    withMore: output('with what is lost, unrounded', 'pieces'),
    order: output('To buy', 'pieces'),
    boxes: output('Boxes', 'pieces'),
    seen: output('Seen in place', 'pieces'),
  },
  run: ({ hangers, each, more, box, missing }, p) => {
    const total = hangers * each
    const withMore = withPercent(total, more)
    const order = up(withMore)
    return {
      outputs: { total, withMore, order, boxes: box ? up(order / box) : 0, seen: total - missing },
      steps: [
        `${hangers} × ${each} = ${total}; with ${p.num(more)} % ${p.num(withMore, 1)}, so ${order}${box ? `, ${up(order / box)} boxes of ${box}` : ''}.`,
        ...(missing > 0
          ? [`${total - missing} of ${total} are in place: ${missing} to be filled before anything covers them.`]
          : []),
      ],
      warnings: [
        'Every hole is filled with the fastener that the maker names; maker and engineer decide about anything else.',
      ],
    }
  },
})
