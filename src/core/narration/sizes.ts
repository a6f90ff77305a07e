import { readNumber } from '../measure/spokenNumber'

/** What the numbers of a clause are: sizes in millimetres, how many, how far, how much money. */
export interface Numbers {
  readonly dims: readonly number[]
  readonly quantity: number | null
  readonly percent: number | null
  /** Minor units, only where a coin was named. */
  readonly amount: number | null
  /** A number that was given no meaning; money where the clause tells an extra. */
  readonly bare: number | null
}

const MILLIMETRES: Readonly<Record<string, number>> = {
  mm: 1,
  mil: 1,
  mils: 1,
  millimetre: 1,
  millimetres: 1,
  millimeter: 1,
  millimeters: 1,
  mill: 1,
  cm: 10,
  centimetre: 10,
  centimetres: 10,
  centimeter: 10,
  centimeters: 10,
  m: 1000,
  metre: 1000,
  metres: 1000,
  meter: 1000,
  meters: 1000,
  foot: 304.8,
  feet: 304.8,
  ft: 304.8,
  inch: 25.4,
  inches: 25.4,
  yard: 914.4,
  yards: 914.4,
}
const FEET = new Set(['foot', 'feet', 'ft'])
const COINS = new Set(['quid', 'pounds', 'pound', 'dollars', 'dollar', 'bucks', 'euros', 'euro', 'grand'])
const NOT_SIZES =
  /^(?:percent|hours?|hour|bar|days?|weeks?|months?|minutes?|mins?|years?|oclock|gallons?|litres?|amps?|amp|volts?|psi|degrees?|am|pm|fortnights?|times|coats?|kilowatts?|kw|watts?|kilos?|kg|tonnes?|tons?|lbs?|nd|st|th|square|man|person|people|lads|guys|thirds?|quarters?|halves|ply|pm|st|percent)$/
const DESCRIBED =
  /^(?:wide|deep|long|high|tall|thick|across|clear|exposure|centres|centers|diameter|round|off|proud|square|up|above|below|clearance|overhang|rise|run|reach|projection|apart)$/
const POINTING =
  /^(?:that|this|the|top|other|bottom|new|old|which|another|next|right|left|last|first|middle|good|bad|same|no|any|every|each|wrong|big|small|long|short)$/
const ROUND_GOODS = /^(?:ducts?|pipes?|drains?|vents?|flues?|holes?|waste|wastes|hose|conduit|soil|extractor|fan)$/

interface Chain {
  value: number
  unit: string | null
  /** Inches said after feet, or what follows a metre, in millimetres. */
  plus: number
}

/** Reads all the numbers of a clause. Bare sizes are inches on imperial sites; on metric ones metres under 20, millimetres from 20. */
export function readNumbers(tokens: readonly string[], units: 'imperial' | 'metric'): Numbers {
  const dims: number[] = []
  let quantity: number | null = null
  let percent: number | null = null
  let amount: number | null = null
  let bare: number | null = null
  for (let i = 0; i < tokens.length;) {
    const counted = countWord(tokens, i)
    if (counted) {
      quantity ??= counted.value
      i = counted.next
      continue
    }
    const single = singleUnit(tokens, i)
    if (single) {
      dims.push(single.size)
      i = single.next
      continue
    }
    const number = readNumber(tokens, i)
    if (!number || (tokens[i] === 'one' && POINTING.test(tokens[i - 1] ?? ''))) {
      i++
      continue
    }
    const part = number.fraction && tokens[number.next] === 'of' ? singleUnit(tokens, number.next + 1) : null
    if (part) {
      dims.push(Math.round(part.size * number.value))
      i = part.next
      continue
    }
    const after = tokens[number.next] ?? ''
    const of =
      after === 'of' || (after === 'out' && tokens[number.next + 1] === 'of')
        ? readNumber(
            tokens,
            number.next + (after === 'of' ? 1 : 2) + (tokens[number.next + (after === 'of' ? 1 : 2)] === 'the' ? 1 : 0),
          )
        : null
    if (after === 'percent') percent = Math.round(number.value)
    else if (of && of.value >= number.value) percent = Math.round((100 * number.value) / of.value)
    else if (shareOf(tokens, number.next, number.value)) percent = shareOf(tokens, number.next, number.value)
    else if (COINS.has(after)) {
      const cents = readNumber(tokens, number.next + 1)
      const pence =
        cents && cents.value < 100 && !tokens[cents.next]?.match(/^(?:percent|mm|inch|foot)$/) ? cents.value : 0
      amount = Math.round((after === 'grand' ? number.value * 1000 : number.value) * 100 + pence)
      i = number.next + 1 + (pence ? cents!.next - number.next - 1 : 0)
      continue
    } else {
      const chain = readChain(tokens, i, units)
      if (chain) {
        // 'about sixty feet, maybe sixty five': the last guess counts, in the unit of the first.
        dims.push(...chain.sizes)
        i = chain.next
        continue
      }
      const asked =
        /^(?:needs?|wants?)$/.test(tokens[i - 1] ?? '') &&
        number.next === tokens.length &&
        Number.isInteger(number.value)
      if (asked || isCount(tokens, number.next, number.value)) quantity ??= number.value
      else if (!NOT_SIZES.test(after) && !isClock(tokens, i)) bare = number.value
    }
    i = of ? of.next : number.next
  }
  return { dims, quantity, percent, amount, bare }
}

/** 'Two walls of four', at the end of what is said. */
function shareOf(tokens: readonly string[], next: number, value: number): number | null {
  const all = tokens[next + 1] === 'of' && tokens[next] !== 'instead' ? readNumber(tokens, next + 2) : null
  return all && all.next === tokens.length && all.value > value ? Math.round((100 * value) / all.value) : null
}

function countWord(tokens: readonly string[], at: number): { value: number; next: number } | null {
  const two = `${tokens[at] ?? ''} ${tokens[at + 1] ?? ''}`
  if (two === 'a pair' || two === 'a couple' || two === 'the pair') return { value: 2, next: at + 2 }
  if (tokens[at] === 'pair' || tokens[at] === 'couple')
    return tokens[at + 1] === 'of' ? { value: 2, next: at + 2 } : null
  if (two === 'a dozen' && tokens[at + 2] !== undefined) return { value: 12, next: at + 2 }
  if (tokens[at] === 'both') return { value: 2, next: at + 1 }
  const all = tokens[at] === 'all' ? readNumber(tokens, at + 1) : null
  if (all && Number.isInteger(all.value) && all.value > 1 && isCountEnd(tokens[all.next]))
    return { value: all.value, next: all.next }
  return null
}

/** 'Sister all three', 'all four of them': after the number nothing that it could measure. */
const isCountEnd = (after: string | undefined): boolean =>
  after === undefined || /^(?:of|are|were|have|need)$/.test(after)

/** Whether things are counted: 'three radiators', 'four new steel posts', 'two of them', 'one to stay', 'one course'. */
function isCount(tokens: readonly string[], next: number, value: number): boolean {
  const after = tokens[next] ?? ''
  if (value === 1 && next === 1 && /^(?:is|has|needs|was)$/.test(after)) return true
  if (value >= 2 && value < 100 && /^(?:are|were|have|need|came)$/.test(after)) return Number.isInteger(value)
  const goods = /^(?:bricks?|tiles?|slates?|boards?|sheets?|blocks?|nails|screws|shingles|pavers|pavings)$/.test(after)
  if (!Number.isInteger(value) || (value > 200 && !goods)) return false
  if (NOT_SIZES.test(after) || MILLIMETRES[after]) return false
  if (after === 'of') return true
  if (after === 'more' && NOT_SIZES.test(tokens[next + 1] ?? '')) return false
  if (after === 'more' || after === 'to')
    return after === 'more' || value === 1 || /^(?:go|stay|come)$/.test(tokens[next + 1] ?? '')
  if (value === 1)
    return (
      /^[a-z]+$/.test(after) &&
      !/^(?:is|are|was|has|in|on|at|by|and|or|that|thing|side|end|day|way|more|here|there|says?)$/.test(after)
    )
  for (let look = next; look < next + 4; look++) {
    const word = tokens[look] ?? ''
    if (!/^[a-z]+$/.test(word) || /^(?:is|are|was|in|on|at|by|and|to|for|from|with|or)$/.test(word)) return false
    if (
      /(?:[^s]s|feet|shelves|people|lads)$/.test(word) &&
      !NOT_SIZES.test(word) &&
      !/^(?:this|plus|its|gas|cross|us|as|was|has|his|loss|glass)$/.test(word)
    )
      return true
  }
  return false
}

const PART_OF_ONE: Readonly<Record<string, number>> = {
  half: 0.5,
  quarter: 0.25,
  quarters: 0.75,
  third: 1 / 3,
  eighth: 0.125,
}
const SHEET_GOODS = /^(?:foam|board|ply|plywood|thick|copper|pipe|pvc|rigid|hose|insulation|planks?)$/

/** `an inch`, `a foot and a half`, `a metre and a quarter`, `a metre eighty`, `an eighth off`, `inch foam board`. */
function singleUnit(tokens: readonly string[], at: number): { size: number; next: number } | null {
  const before = tokens[at - 1]
  // 'Forty kilos a metre' is a rate.
  if (/^(?:kilos?|kg|pounds?|lbs?|quid|hours?|bags?)$/.test(before ?? '')) return null
  const article = /^an?$/.test(tokens[at] ?? '')
  const from = article ? at + 1 : at
  const unit = tokens[from] ?? ''
  if (article && /^(?:eighth|sixteenth)$/.test(unit))
    return { size: unit === 'eighth' ? 3 : 2, next: from + (tokens[from + 1] === 'inch' ? 2 : 1) }
  if (!/^(?:inch|foot|metre|meter|yard)$/.test(unit)) return null
  const one = MILLIMETRES[unit]!
  const more = tokens[from + 1] === 'and' && /^(?:an?|three)$/.test(tokens[from + 2] ?? '')
  const part = more ? PART_OF_ONE[tokens[from + 3] ?? ''] : undefined
  if (!article) {
    // 'Put inch foam board under it'.
    const sheet =
      /^(?:put|with|in|of|and|is|are|new|use)$/.test(before ?? 'put') && SHEET_GOODS.test(tokens[from + 1] ?? '')
    if (unit === 'inch' && sheet) return { size: Math.round(one), next: from + 1 }
    // 'Knobs are brass, inch and a quarter'.
    if (!part || !/^(?:is|are)$/.test(before ?? 'is')) return null
  }
  const hundredths = part ? null : hundredthsOf(unit, tokens, from + 1)
  if (hundredths) return { size: one + hundredths.size, next: hundredths.next }
  return { size: Math.round(one * (1 + (part ?? 0))), next: part ? from + 4 : from + 1 }
}

/** 'One metre twelve' is 1.12 m: what a bare number after a metre adds, in millimetres. */
function hundredthsOf(unit: string, tokens: readonly string[], at: number): { size: number; next: number } | null {
  const number = /^met(?:re|er)s?$/.test(unit) ? readNumber(tokens, at) : null
  if (!number || !Number.isInteger(number.value) || number.value < 10 || number.value >= 100) return null
  return MILLIMETRES[tokens[number.next] ?? ''] ? null : { size: number.value * 10, next: number.next }
}

const isClock = (tokens: readonly string[], at: number): boolean =>
  tokens[at - 1] === 'at' && !(Number(tokens[at]) >= 20) && !tokens.slice(at).some((word) => MILLIMETRES[word])

/** A size or a chain of sizes: `900 by 1200`, `22 foot 6 by 18 inches`, `11 and 7/8 deep`, `nine foot four long`, `a 125 duct`. */
function readChain(
  tokens: readonly string[],
  at: number,
  units: 'imperial' | 'metric',
): { sizes: number[]; next: number } | null {
  const links: Chain[] = []
  let next = at
  let described = isMeasured(tokens, at)
  let fraction = false
  for (;;) {
    const number = readNumber(tokens, next)
    if (!number) break
    fraction ||= number.fraction
    next = number.next
    let unit: string | null = null
    let plus = 0
    const word = tokens[next] ?? ''
    if (MILLIMETRES[word]) {
      unit = word
      next++
      const hundredths = hundredthsOf(word, tokens, next)
      if (hundredths) {
        plus = hundredths.size
        next = hundredths.next
      }
      if (FEET.has(word)) {
        const from = tokens[next] === 'and' ? next + 1 : next
        const inches = readNumber(tokens, from)
        const follows = tokens[inches?.next ?? -1] ?? ''
        if (
          inches &&
          inches.value < 12 &&
          !FEET.has(follows) &&
          !(tokens[next] === 'and' && follows !== 'inches' && follows !== 'inch') &&
          !NOT_SIZES.test(follows)
        ) {
          plus = inches.value * 25.4
          next = inches.next + (follows === 'inch' || follows === 'inches' ? 1 : 0)
        }
      }
    }
    // 'Eight foot by six ten'.
    const feetBefore = unit === null && links.length > 0 && FEET.has(links.at(-1)!.unit ?? '')
    const inches = feetBefore ? readNumber(tokens, next) : null
    if (inches && Number.isInteger(inches.value) && inches.value < 12 && !MILLIMETRES[tokens[inches.next] ?? '']) {
      unit = 'foot'
      plus = inches.value * 25.4
      next = inches.next
    }
    links.push({ value: number.value, unit, plus })
    if (tokens[next] === 'square' && MILLIMETRES[tokens[next + 1] ?? '']) return null
    if (DESCRIBED.test(tokens[next] ?? '')) {
      const vague =
        (tokens[next] === 'square' && units === 'imperial' && number.value <= 40) ||
        tokens[next] === 'off' ||
        tokens[next] === 'up' ||
        (tokens[next] === 'round' && number.value < 20)
      described ||= !vague
      next++
    }
    if (tokens[next] === 'each' || tokens[next] === 'nominal') next++
    if (tokens[next] !== 'by' && tokens[next] !== 'x' && tokens[next] !== 'times') break
    if (!readNumber(tokens, next + 1)) break
    next++
  }
  if (links.length === 0) return null
  const named = links.some((link) => link.unit)
  const goods =
    links.length === 1 &&
    !named &&
    ROUND_GOODS.test(tokens[next] ?? '') &&
    links[0]!.value >= 3 &&
    (tokens[at - 1] === 'a' || tokens[at - 1] === 'new' || tokens[at - 1] === 'the')
  if (!named && links.length === 1 && !described && !fraction && !goods) return null
  // 'A three quarter line'.
  const bore =
    links.length === 1 &&
    !named &&
    links[0]!.value < 2 &&
    units === 'imperial' &&
    /^(?:line|pipe|copper|supply|feed|ply|plywood|hose|valve|pex|board|drywall|osb|backer|sheathing)$/.test(
      tokens[next] ?? '',
    )
  if (!named && links.length === 1 && links[0]!.value < 1 && units === 'imperial' && !described && !bore) return null
  if (
    !named &&
    links.length === 1 &&
    links[0]!.value < 1 &&
    !described &&
    !bore &&
    /^(?:done|of|up|in|there|finished|complete|way|on|out|down|laid|through|along|hung|fitted|run|set|painted|tiled|boarded|cleared|built)?$/.test(
      tokens[next] ?? '',
    )
  )
    return null
  if (!named && links.length === 1 && !bore && NOT_SIZES.test(tokens[next] ?? '')) return null
  // Timber is named in inches everywhere: 'eight by two at sixteen centres'.
  const inches =
    !named &&
    links.every(({ value }) => Number.isInteger(value) && value <= 24) &&
    (/^cent(?:re|er)s?$/.test(tokens[next - 1] ?? '') ||
      /^cent(?:re|er)s?$/.test(tokens[next] ?? '') ||
      (links.length === 2 && tokens.some((word) => TIMBER.test(word))))
  return { sizes: links.map((link, i) => millimetres(link, neighbour(links, i), inches ? 'imperial' : units)), next }
}

const TIMBER = /^(?:joists?|studs?|rafters?|timbers?|purlins?|headers?|lintels?|plates?|trimmers?|noggins?)$/

/** `height is 42`, `sockets are at 450`: the words before a bare number make it a size. */
function isMeasured(tokens: readonly string[], at: number): boolean {
  const before = tokens.slice(Math.max(0, at - 5), at).join(' ')
  // 'Maybe 400 of it'.
  if (Number(tokens[at]) >= 100 && /^of it\b/.test(tokens.slice(at + 1, at + 3).join(' '))) return true
  // 'The hob is 750'.
  const bare = Number(tokens[at]) >= 100 && at === tokens.length - 1 && at > 1
  if (
    bare &&
    /\b(?:is|are)$/.test(before) &&
    !/\b(?:price|quote|cost|bill|total|unit|room|number|deposit|invoice)\b/.test(before)
  )
    return true
  return (
    /\b(?:height|width|depth|length|thickness|headroom|drop|gap|rise|(?:floor|wall|end|side|corner|face) to (?:ceiling|wall|end|side|corner|face))(?: (?:is|of|at|about))*$/.test(
      before,
    ) ||
    (/\b(?:bowed|sags?|sagging|dipped|dropped|settled|sunk|proud|leans|leaning|off by|out by)(?: by| about)*$/.test(
      before,
    ) &&
      (before.endsWith('by') || Number(tokens[at]) >= 20)) ||
    (/\b(?:wrong|out|off|short|over|under|misses|missed|place|line)(?: \w+)? by(?: about| around| roughly)?$/.test(
      before,
    ) &&
      Number(tokens[at]) >= 20) ||
    (/\b(?:mov(?:e|es|ed|ing)|shift(?:s|ed|ing)?|rais(?:e|ed|ing)|lower(?:ed|ing)?|widen|enlarge|extend|narrow)(?: (?:it|to|them|that|about|around|roughly|by|over|up|down|left|right|another))*$/.test(
      before,
    ) &&
      Number(tokens[at]) >= 20) ||
    (/\b(?:is|are|sits?|set|mounted|hung|in|above|below|over|up|down|there|here) at$/.test(before) &&
      Number(tokens[at]) >= 20) ||
    (Number(tokens[at]) >= 20 &&
      /^(?:off|above|from|below) the (?:floor|slab|deck|ground|sill|counter|worktop|ceiling|hob|tray|bath)\b/.test(
        tokens.slice(at + 1, at + 4).join(' '),
      )) ||
    (Number(tokens[at]) >= 20 &&
      /^to the (?!skip|shop|client|owner|site|yard|tip)/.test(tokens.slice(at + 1, at + 4).join(' '))) ||
    /^(?:(?:to the )?(?:left|right)|higher|lower|over (?:the|its) (?:room|length|width|run|wall|door))\b/.test(
      tokens.slice(at + 1, at + 4).join(' '),
    )
  )
}

const neighbour = (links: readonly Chain[], at: number): string | null =>
  links[at + 1]?.unit ??
  links
    .slice(0, at)
    .reverse()
    .find((link) => link.unit)?.unit ??
  links.find((link) => link.unit)?.unit ??
  null

function millimetres(link: Chain, neighbourUnit: string | null, units: 'imperial' | 'metric'): number {
  // '12 metres by 600 deep': nobody digs 600 metres.
  const unit =
    link.unit ?? (link.value >= 100 && /^(?:m|met(?:re|er)s?)$/.test(neighbourUnit ?? '') ? 'mm' : neighbourUnit)
  const factor = unit ? MILLIMETRES[unit]! : units === 'imperial' ? 25.4 : link.value < 20 ? 1000 : 1
  return Math.round(link.value * factor + link.plus)
}
