import { string } from 'yup'

/** Words without the blanks around them. Lists and objects are refused in words, where yup's own trim would fail. */
export const trimmed = () =>
  string()
    .transform((value: unknown) => (typeof value === 'string' ? value.trim() : value))
    .typeError(({ path }: { path: string }) => `${path || 'Text'}: write words.`)
