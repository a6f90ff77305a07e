import type { EntryKind } from './entryKind'
import { ENTRY_KINDS } from './entryKinds'
import { fieldsOf } from './sums'

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '')

/** Whether every word that is sought begins a word of the text. Nothing sought is found in everything. */
export function saysAll(text: string, sought: string): boolean {
  const words = wordsOf(text)
  return wordsOf(sought).every((one) => words.some((word) => word.startsWith(one)))
}

/** The registers that are called by the words sought, or ask for them; those called so come first. */
export function soughtRegisters(sought: string): readonly EntryKind[] {
  const called = ENTRY_KINDS.filter(({ one, register }) => saysAll(`${one} ${register}`, sought))
  const asking = ENTRY_KINDS.filter(
    (kind) =>
      !called.includes(kind) &&
      saysAll([kind.one, kind.register, ...fieldsOf(kind).map(({ label }) => label)].join(' '), sought),
  )
  return [...called, ...asking]
}
