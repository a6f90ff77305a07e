/** Packs pieces on the fewest sticks of a stock length (C-01). Stick after stick is filled with the longest piece that is
 * left and every set of others that leaves no room for one more, the fullest first; exact for the few dozen pieces of a
 * site; where that looks for too long the best found by then stands, and for hundreds of pieces longest-first does.
 *
 * @param pieces lengths, each at most the stock; @param kerf lost at every cut; all in one unit
 * @returns the sticks, each with the pieces that are cut from it */
export function packSticks(pieces: readonly number[], stock: number, kerf: number): number[][] {
  const lengths = [...new Set(pieces)].sort((a, b) => b - a)
  const counts = lengths.map((length) => pieces.filter((piece) => piece === length).length)
  // Every piece takes its kerf with it, and the last of a stick needs none.
  const room = stock + kerf + 1e-6
  const takes = lengths.map((length) => length + kerf)
  let best = longestFirst(pieces, stock, kerf)
  if (pieces.length > MOST_SEARCHED) return best
  const budget = { left: MOST_TRIED }
  const seen = new Map<string, number>()
  let looked = 0

  const search = (left: readonly number[], sticks: readonly number[][]): void => {
    const rest = left.reduce((sum, count, i) => sum + count * takes[i]!, 0)
    if (rest === 0) {
      if (sticks.length < best.length) best = sticks.map((stick) => [...stick])
      return
    }
    if (sticks.length + Math.ceil(rest / room - 1e-9) >= best.length || ++looked > MOST_LOOKED) return
    const key = left.join()
    if ((seen.get(key) ?? Number.POSITIVE_INFINITY) <= sticks.length) return
    seen.set(key, sticks.length)
    for (const taken of fillings(left, takes, room, budget))
      search(
        left.map((count, i) => count - taken[i]!),
        [...sticks, taken.flatMap((count, i) => Array<number>(count).fill(lengths[i]!))],
      )
  }
  search(counts, [])
  return best
}

const MOST_LOOKED = 20_000
const MOST_TRIED = 2_000_000
const MOST_SEARCHED = 200

/** Every set of pieces that begins with the longest left and has no room for another, the fullest first. */
function fillings(
  left: readonly number[],
  takes: readonly number[],
  room: number,
  budget: { left: number },
): number[][] {
  const first = left.findIndex((count) => count > 0)
  const found: { taken: number[]; free: number }[] = []
  const choose = (at: number, taken: number[], free: number): void => {
    if (--budget.left < 0) return
    if (at === left.length) {
      const more = left.some((count, i) => count > taken[i]! && takes[i]! <= free)
      if (!more) found.push({ taken: [...taken], free })
      return
    }
    const most = Math.min(left[at]!, Math.floor(free / takes[at]!))
    for (let count = most; count >= (at === first ? 1 : 0); count--) {
      taken[at] = count
      choose(at + 1, taken, free - count * takes[at]!)
    }
    taken[at] = 0
  }
  choose(
    first,
    left.map(() => 0),
    room,
  )
  return found.sort((a, b) => a.free - b.free).map(({ taken }) => taken)
}

/** Each piece, the longest first, on the first stick that has room for it. */
export function longestFirst(pieces: readonly number[], stock: number, kerf: number): number[][] {
  const sticks: { pieces: number[]; room: number }[] = []
  for (const piece of [...pieces].sort((a, b) => b - a)) {
    const stick = sticks.find(({ room }) => room + 1e-6 >= piece)
    if (stick) {
      stick.pieces.push(piece)
      stick.room -= piece + kerf
    } else sticks.push({ pieces: [piece], room: stock - piece - kerf })
  }
  return sticks.map(({ pieces: cut }) => cut)
}
