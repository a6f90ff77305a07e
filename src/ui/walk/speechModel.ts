import { decodeModel, type SpeechModel } from '@/core/narration/learned/model'

let fetched: Promise<SpeechModel | undefined> | null = null

/** What was learned of how people speak, fetched when it is first needed and kept by the phone for when there is no network.
 * Where it cannot be had, words are read by the rules alone. */
export const speechModel = (): Promise<SpeechModel | undefined> => {
  fetched ??= fetch('/speech.bin')
    .then(async (answer) => (answer.ok ? decodeModel(new Uint8Array(await answer.arrayBuffer())) : undefined))
    .catch(() => undefined)
    .then((model) => {
      // Another try may find it.
      if (!model) fetched = null
      return model
    })
  return fetched
}
