/** A text message as a telephone gets it. */
export interface TextMessage {
  readonly to: string
  readonly text: string
}

/** Hands text messages over. There is only a stand-in: nothing reaches a telephone. */
export interface TextTransport {
  readonly simulated: boolean
  send(message: TextMessage): Promise<void>
}

/** What a text message holds at most. */
const MOST_LETTERS = 480

/** Takes text messages and keeps them to itself; like the real thing it refuses what is no number or too long. */
export function simulatedText(): TextTransport {
  return {
    simulated: true,
    send: ({ to, text }) => {
      if (to.replace(/\D/g, '').length < 5) return Promise.reject(new Error(`"${to}" is no telephone number.`))
      if (text.length > MOST_LETTERS)
        return Promise.reject(new Error(`Too long for a text message: ${text.length} of ${MOST_LETTERS} letters.`))
      return Promise.resolve()
    },
  }
}
