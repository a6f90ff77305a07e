/** An amount in whole minor units (cents, pence). */
export type Minor = number & { readonly __unit: 'minor' }

export const minor = (value: number): Minor => Math.round(value) as Minor

/** Prints an amount with its two decimals and thousands apart: `1 958.45`. */
export function printMoney(amount: Minor): string {
  const [whole, cents] = (Math.abs(amount) / 100).toFixed(2).split('.') as [string, string]
  const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, ' ')
  return `${amount < 0 ? '−' : ''}${grouped}.${cents}`
}
