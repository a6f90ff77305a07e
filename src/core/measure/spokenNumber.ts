/** The numbers below twenty, each a word of its own. */
export const SMALL_NUMBERS: Readonly<Record<string, number>> = {
  zero: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
}
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
}
const PARTS: Readonly<Record<string, number>> = {
  half: 2,
  halves: 2,
  third: 3,
  thirds: 3,
  quarter: 4,
  quarters: 4,
  fifth: 5,
  fifths: 5,
  eighth: 8,
  eighths: 8,
  sixteenth: 16,
  sixteenths: 16,
}

export interface ReadNumber {
  readonly value: number
  /** Index of the token after it. */
  readonly next: number
  /** Whether it was told with a fraction, which makes a bare number a size. */
  readonly fraction: boolean
}

/** Reads a number said in words or digits from tokens: `nine`, `sixty five`, `11 and 7/8`, `three eighths`,
 * `twenty four hundred`, `two hundred and sixty`, `1,450`, `a grand and a half`, `two and a quarter`.
 * @returns null where no number begins at `at` */
export function readNumber(tokens: readonly string[], at: number): ReadNumber | null {
  const part = readPart(tokens, at)
  if (part) return part
  const whole = readWhole(tokens, at)
  if (!whole) return null
  const tail = readTail(tokens, whole.next)
  return tail
    ? { value: whole.value + tail.value * whole.scale, next: tail.next, fraction: whole.scale === 1 }
    : { value: whole.value, next: whole.next, fraction: whole.decimal }
}

/** `three eighths`, `5/16`, `a quarter` standing alone before 'inch'. */
function readPart(tokens: readonly string[], at: number): ReadNumber | null {
  const slash = /^(\d+)\/(\d+)$/.exec(tokens[at] ?? '')
  if (slash) return { value: Number(slash[1]) / Number(slash[2]), next: at + 1, fraction: true }
  if (tokens[at] === 'quarter' && tokens[at + 1] === 'inch') return { value: 0.25, next: at + 1, fraction: true }
  const count = SMALL_NUMBERS[tokens[at] ?? '']
  const part = PARTS[tokens[at + 1] ?? '']
  if (count !== undefined && part && part > 2) return { value: count / part, next: at + 2, fraction: true }
  if (tokens[at] === 'half' && tokens[at + 1] === 'a' && /^(?:metre|meter|foot|yard)$/.test(tokens[at + 2] ?? ''))
    return { value: 0.5, next: at + 2, fraction: true }
  if (
    (tokens[at] === 'half' && (tokens[at + 1] === 'an' || tokens[at + 1] === 'inch')) ||
    (tokens[at] === 'a' && tokens[at + 1] === 'half' && tokens[at + 2] === 'inch')
  ) {
    return { value: 0.5, next: tokens[at] === 'a' ? at + 2 : tokens[at + 1] === 'an' ? at + 2 : at + 1, fraction: true }
  }
  return null
}

interface Whole {
  readonly value: number
  readonly next: number
  readonly decimal: boolean
  /** What 'and a half' is a half of: 1, or 1000 after 'a grand'. */
  readonly scale: number
}

function readWhole(tokens: readonly string[], at: number): Whole | null {
  const digits = /^\d{1,3}(?:,\d{3})+(?:\.\d+)?$|^\d*\.?\d+$/.exec(tokens[at] ?? '')
  if (digits) {
    const value = Number(digits[0].replaceAll(',', ''))
    if (tokens[at + 1] === 'grand' || tokens[at + 1] === 'thousand')
      return { value: value * 1000, next: at + 2, decimal: false, scale: 1000 }
    if (tokens[at + 1] === 'hundred') return { value: value * 100, next: at + 2, decimal: false, scale: 1 }
    return { value, next: at + 1, decimal: digits[0].includes('.'), scale: 1 }
  }
  if (tokens[at] === 'a' && (tokens[at + 1] === 'grand' || tokens[at + 1] === 'thousand'))
    return { value: 1000, next: at + 2, decimal: false, scale: 1000 }
  if (tokens[at] === 'hundred') return addRest(tokens, at + 1, 100)
  if (tokens[at] === 'a' && tokens[at + 1] === 'hundred') return addRest(tokens, at + 2, 100)
  if (tokens[at] === 'a' && tokens[at + 1] === 'dozen') return { value: 12, next: at + 2, decimal: false, scale: 1 }
  const tens = readTens(tokens, at)
  if (!tens) return null
  const word = tokens[tens.next]
  if (word === 'hundred') return addRest(tokens, tens.next + 1, tens.value * 100)
  if (word === 'thousand' || word === 'grand') {
    const rest = readWhole(tokens, tens.next + 1)
    const value = tens.value * 1000
    return rest && rest.value < 1000 && tokens[tens.next + 1] !== 'a'
      ? { ...rest, value: value + rest.value }
      : { value, next: tens.next + 1, decimal: false, scale: 1000 }
  }
  if (word === 'dozen') return { value: tens.value * 12, next: tens.next + 1, decimal: false, scale: 1 }
  if (word === 'point' && tokens[tens.next + 1] !== undefined) {
    const after = readTens(tokens, tens.next + 1)
    if (after) return { value: Number(`${tens.value}.${after.value}`), next: after.next, decimal: true, scale: 1 }
  }
  // 'six fifty', 'fourteen fifty': said the way of prices.
  const pair = tens.value >= 1 && tens.value < 100 ? readTens(tokens, tens.next) : null
  if (pair && pair.value >= 10 && TENS[tokens[tens.next] ?? ''] && !(TENS[tokens[at] ?? ''] && tens.next === at + 1))
    return { value: tens.value * 100 + pair.value, next: pair.next, decimal: false, scale: 1 }
  return { ...tens, decimal: false, scale: 1 }
}

function addRest(tokens: readonly string[], at: number, hundreds: number): Whole {
  const from = tokens[at] === 'and' ? at + 1 : at
  const rest = readTens(tokens, from)
  const fits = rest && !(tokens[at] === 'and' && tokens[from] === 'a')
  return fits
    ? { value: hundreds + rest.value, next: rest.next, decimal: false, scale: 1 }
    : { value: hundreds, next: at, decimal: false, scale: 1 }
}

function readTens(tokens: readonly string[], at: number): { value: number; next: number } | null {
  const word = tokens[at] ?? ''
  const tens = TENS[word]
  if (tens !== undefined) {
    const one = SMALL_NUMBERS[tokens[at + 1] ?? '']
    return one !== undefined && one > 0 && one < 10
      ? { value: tens + one, next: at + 2 }
      : { value: tens, next: at + 1 }
  }
  const small = SMALL_NUMBERS[word]
  return small === undefined ? null : { value: small, next: at + 1 }
}

/** `and a half`, `and three quarters`, `and 7/8`, `1/2` after a whole number. */
function readTail(tokens: readonly string[], at: number): { value: number; next: number } | null {
  const from = tokens[at] === 'and' ? at + 1 : at
  const slash = /^(\d+)\/(\d+)$/.exec(tokens[from] ?? '')
  if (slash) return { value: Number(slash[1]) / Number(slash[2]), next: from + 1 }
  if (tokens[at] !== 'and') return null
  const count = tokens[from] === 'a' || tokens[from] === 'an' ? 1 : SMALL_NUMBERS[tokens[from] ?? '']
  const part = PARTS[tokens[from + 1] ?? '']
  return count !== undefined && part ? { value: count / part, next: from + 2 } : null
}
