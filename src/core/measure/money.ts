import { written } from '../habits/habits'

/** An amount in whole minor units (cents, pence): hundredths of the firm's currency. */
export type Minor = number & { readonly __unit: 'minor' }

export const minor = (value: number): Minor => Math.round(value) as Minor

const inCurrency = (): Intl.NumberFormat =>
  new Intl.NumberFormat('en', { style: 'currency', currency: written().currency, currencyDisplay: 'narrowSymbol' })

/** Prints an amount with the firm's currency: `€1,958.45`. */
export const printMoney = (amount: Minor): string => inCurrency().format(amount / 100)

/** The sign of the firm's currency, for a field that takes an amount: `€`. */
export const currencySign = (): string =>
  inCurrency()
    .formatToParts(0)
    .find(({ type }) => type === 'currency')!.value

/** An amount as people type it, with or without its currency and with thousands apart: `€1,958.45`, `1 958,45`. The last of
 * points and commas that stands before one or two digits parts the cents.
 * @returns null where it is no amount */
export function readAmount(text: string): number | null {
  if (/\p{L}{4,}/u.test(text)) return null
  const digits = text.replace(/[\p{L}\p{Sc}\s'’]/gu, '')
  const parts = /^(\d{1,3}(?:[.,]\d{3})+|\d+)(?:[.,](\d{1,2}))?$/.exec(digits)
  return parts ? Number(`${parts[1]!.replace(/[.,]/g, '')}.${parts[2] ?? '0'}`) : null
}
