/** Hours in which nobody is written to: from the evening to the morning. */
export const QUIET_FROM = 20
export const QUIET_UNTIL = 7
/** From when our own people, who asked for it, are written to in the morning. */
export const MORNING_FROM = 6

/** @param hour of the day where the firm is, 0 to 23
 * @param early whether it is for one of our own, who asked for it in the morning */
export const isQuiet = (hour: number, early = false): boolean =>
  hour >= QUIET_FROM || hour < (early ? MORNING_FROM : QUIET_UNTIL)

const MOST_MINUTES = 360

/** Minutes until a message is tried again: one, two, four and so on, at most six hours.
 * @param failed how often it failed before */
export const minutesToWait = (failed: number): number => Math.min(MOST_MINUTES, 2 ** failed)

/** How a message goes out: to a number as a text message, to everything else as mail. */
export const channelOf = (address: string): 'mail' | 'text' =>
  !address.includes('@') && address.replace(/\D/g, '').length >= 5 ? 'text' : 'mail'

/** What a telephone is sent: what it is about, and the links in it.
 * @param body as it would be mailed */
export const textOf = (subject: string, body: string): string =>
  [subject, ...(body.match(/https?:\/\/\S+/g) ?? [])].join('\n')
