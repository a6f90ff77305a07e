/** `The kitchen` for `the kitchen`. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** `the kitchen` for `The kitchen`. */
export const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
