import { saysSomething } from '@/core/entries/field'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'

/** What stands in the fields of a form, by name. */
export type Typed = Readonly<Record<string, unknown>>

/** The words of a field; '' where nothing stands, and 'on' for a tick. */
export const wordsIn =
  (typed: Typed) =>
  (name: string): string => {
    const value = typed[name]
    return value === true ? 'on' : typeof value === 'string' || typeof value === 'number' ? String(value).trim() : ''
  }

/** The words of a field that have to say something.
 * @throws ImpossibleRequest naming the field where they say nothing */
export function saidIn(typed: Typed, name: string, what: string): string {
  const words = wordsIn(typed)(name)
  if (!saysSomething(words)) throw new ImpossibleRequest('empty', `${what}: write it in a few words.`, name)
  return words
}

/** Which of several ticks are set, each a field `name.id`. */
export const ticked = (typed: Typed, name: string): string[] =>
  Object.entries((typed[name] as Readonly<Record<string, boolean>> | undefined) ?? {}).flatMap(([id, set]) =>
    set ? [id] : [],
  )

/** The files of a field that hold something. */
export const filesIn = (typed: Typed, name: string): File[] =>
  [...((typed[name] as FileList | undefined) ?? [])].filter(({ size }) => size > 0)
