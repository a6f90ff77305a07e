/** How likely something is that cannot be known yet, in words and as a share. */
export const CHANCES = { unlikely: 0.2, 'as likely as not': 0.5, likely: 0.8 } as const
