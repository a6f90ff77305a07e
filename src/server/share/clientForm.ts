import { ValidationError } from 'yup'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { answerAsk, askQuestion } from './clientAnswers'
import { clientPage } from './clientUpdates'

/** Takes what a client said by the form of their page: the button that was pressed names what is answered and how.
 * @param typed the fields by name: `say` of the button, `name`, `question`, and `text` with the id of what is asked
 * @returns what is wrong with it, in a sentence; null where it was taken */
export function sayByForm(firm: FirmFolder, token: string, typed: Readonly<Record<string, string>>): string | null {
  const name = typed.name ?? ''
  const [kind = '', id = '', reply = '', option] = (typed.say ?? '').split(' ')
  try {
    if (kind === 'question') askQuestion(firm, token, { text: typed.question ?? '', name })
    else if (kind === '') return 'Tap the answer that you mean.'
    else
      answerAsk(firm, token, {
        kind,
        id,
        reply: option === undefined ? reply : 'choose',
        text: option === undefined ? (typed[`text ${id}`] ?? '') : optionOf(firm, token, id, Number(option)),
        name,
      })
    return null
  } catch (error) {
    if (error instanceof ValidationError) return error.errors[0] ?? error.message
    if (error instanceof Refusal && error.status !== 410 && error.status !== 404) return error.message
    throw error
  }
}

/** The way to choose that a button stands for. */
const optionOf = (firm: FirmFolder, token: string, id: string, option: number): string =>
  clientPage(firm, token).asks.find((ask) => ask.id === id)?.options[option] ?? ''
