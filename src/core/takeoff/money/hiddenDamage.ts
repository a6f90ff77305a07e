import { calculation, choice, money, number, optional, output, percent } from '../calculation'

/** C-44: what is allowed for stands in the price; what is found beyond it costs the unit price; above a share, or where it is
 * structural, one talks before covering. */
export const hiddenDamage = calculation({
  id: 'C-44',
  title: 'Hidden damage',
  inputs: {
    allowance: number('Allowed for', { default: 0, zero: true }),
    found: optional(number('Found', { zero: true })),
    unitPrice: optional(money('Unit price', { zero: true })),
    structural: choice('Structural', ['yes', 'no'], 'no'),
    trigger: percent('Talk from, over the allowance', { default: 25 }),
  },
  outputs: {
    priced: output('In the price', 'money'),
    beyond: output('Beyond the allowance'),
    extra: output('Extra', 'money'),
    talk: output('Talk before covering'),
  },
  run: ({ allowance, found, unitPrice, structural, trigger }, p) => {
    const priced = allowance * (unitPrice ?? 0)
    if (found === undefined)
      return {
        outputs: { priced, beyond: 0, extra: 0, talk: 'no' },
        steps: [
          unitPrice === undefined
            ? `${p.num(allowance)} allowed for, nothing found yet.`
            : `${p.num(allowance)} × ${p.num(unitPrice)} = ${p.num(priced)} in the price; ${p.num(unitPrice)} for each beyond. Nothing is found yet.`,
        ],
      }
    const beyond = Math.max(0, found - allowance)
    const talk = structural === 'yes' || beyond > (allowance * trigger) / 100 ? 'yes' : 'no'
    return {
      outputs: { priced, beyond, extra: beyond * (unitPrice ?? 0), talk },
      steps: [
        unitPrice === undefined
          ? `${p.num(found)} − ${p.num(allowance)} = ${p.num(beyond)} beyond what was allowed.`
          : `(${p.num(found)} − ${p.num(allowance)}) × ${p.num(unitPrice)} = ${p.num(beyond * unitPrice)}.`,
        talk === 'yes'
          ? 'Talk before it is covered: photo, consent, and whoever may judge it.'
          : 'Within what was agreed.',
      ],
    }
  },
})
