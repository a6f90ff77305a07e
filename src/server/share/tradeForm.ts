import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { answerNotice } from './notices'
import { wrongWith } from './receipts'
import { photoByTrade, sayByTrade } from './tradeWords'

/** How late, by what the button says. */
const LATE: Readonly<Record<string, string>> = { hour: 'an hour', halfDay: 'half a day', day: 'a day' }

/** Takes what a trade said by a form of their page: the button that was pressed says what.
 * @param typed the fields by name: `say` of the button, `reason`, `freeFrom`, `text`
 * @returns what is wrong with it, in a sentence; null where it was taken */
export function sayByTradeForm(
  firm: FirmFolder,
  token: string,
  typed: Readonly<Record<string, string>>,
  photo?: Buffer,
): Promise<string | null> {
  const [kind = '', how = ''] = (typed.say ?? '').split(' ')
  return wrongWith(async () => {
    if (kind === 'confirm') answerNotice(firm, token, { answer: 'confirm' })
    else if (kind === 'decline')
      answerNotice(firm, token, {
        answer: 'decline',
        reason: typed.reason ?? '',
        freeFrom: typed.freeFrom ?? '',
      })
    else if (kind === 'late') sayByTrade(firm, token, { kind, text: LATE[how] ?? '' })
    else if (kind === 'done') {
      if (photo) await photoByTrade(firm, token, photo)
      sayByTrade(firm, token, { kind, text: typed.text ?? '' })
    } else if (kind === 'question') sayByTrade(firm, token, { kind, text: typed.text ?? '' })
    else throw new Refusal(422, 'Tap the answer that you mean.')
  })
}
