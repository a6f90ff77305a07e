import type { FirmFolder } from '../firmFolder'
import { answerAsk, askQuestion } from './clientAnswers'
import { clientPage } from './clientUpdates'
import { Refusal } from '../refusal'
import { wrongWith } from './receipts'

/** Takes what a client said by the form of their page: the button that was pressed names what is answered and how.
 * @param typed the fields by name: `say` of the button, `name`, `question`, and `text` with the id of what is asked
 * @returns what is wrong with it, in a sentence; null where it was taken */
export function sayByForm(
  firm: FirmFolder,
  token: string,
  typed: Readonly<Record<string, string>>,
): Promise<string | null> {
  const name = typed.name ?? ''
  const [kind = '', id = '', reply = '', option] = (typed.say ?? '').split(' ')
  return wrongWith(() => {
    if (kind === 'question') askQuestion(firm, token, { text: typed.question ?? '', name })
    else if (kind === '') throw new Refusal(422, 'Tap the answer that you mean.')
    else
      answerAsk(firm, token, {
        kind,
        id,
        reply: option === undefined ? reply : 'choose',
        text: option === undefined ? (typed[`text ${id}`] ?? '') : optionOf(firm, token, id, Number(option)),
        name,
      })
  })
}

/** The way to choose that a button stands for. */
const optionOf = (firm: FirmFolder, token: string, id: string, option: number): string =>
  clientPage(firm, token).asks.find((ask) => ask.id === id)?.options[option] ?? ''
