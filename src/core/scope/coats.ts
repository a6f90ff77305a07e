const COATS = ['one', 'two', 'three', 'four']

/** How many coats some words tell, and how they tell it: 'two coats'. */
export function coatsIn(words: string): { readonly count: number; readonly said: string } | null {
  const [said, number] = /\b(one|two|three|four|\d) coats?\b/i.exec(words) ?? []
  return said && number
    ? { count: COATS.indexOf(number.toLowerCase()) + 1 || Number(number), said: said.toLowerCase() }
    : null
}
