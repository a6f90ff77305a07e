/** What is wrong with a field of a form, or with the first of a list that is wrong. */
export const wrongWith = (errors: unknown): string | undefined =>
  ((Array.isArray(errors) ? errors : [errors]) as ({ readonly message?: string } | undefined)[]).find(
    (one) => one?.message,
  )?.message
