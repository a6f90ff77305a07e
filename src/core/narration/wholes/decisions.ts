import { answersWords } from '../../walk/answersWords'
import { capital, lower } from '../../lists/capital'
import type { NewFact } from '../../walk/observation'
import { shortDay } from '../../calendar/day'
import { plain } from '../clauses'
import { tradesNamed } from '../mentions'
import { dayIn, openLines, type Whole } from './whole'

const UNSIGNED =
  /\b(client|owner|designer|engineer)s? (?:(?:has|have) not|hasn['’]?t|haven['’]?t|did not|didn['’]?t) (?:yet )?(?:signed|approved|answered|decided|sign|approve|answer|decide)\b/i
const ABOUT = [
  /\b(?:approved|signed|chose|picked|wants?|likes?) (?:the |a |an )?([a-z][a-z ]{2,40}?)(?:,|$| but)/i,
  /(?:signed|approved|answered|decided|sign|approve|answer|decide) (?:on |for )?(?:the |a |an )?([a-z][a-z ]{2,40}?)(?: yet)?(?:[,.]|$)/i,
]

/** 'The designer approved the colour pair, the client hasn't signed yet': somebody still has to answer, and is asked. */
export const unsigned: Whole = ({ words, place, newId }) => {
  const owner = UNSIGNED.exec(words)?.[1]?.toLowerCase()
  const about = ABOUT.map((one) => one.exec(words)?.[1]).find((one) => one && one !== 'yet')
  if (!owner || !about) return null
  const asked = owner === 'owner' ? 'client' : (owner as 'client' | 'designer' | 'engineer')
  return {
    kind: 'decide',
    says: `To decide, ${answersWords(asked)}: ${about}`,
    facts: [
      {
        subject: 'decision',
        facet: 'asked',
        subjectId: newId(),
        placeId: place?.id ?? null,
        value: { question: `${capital(about)}: to be signed`, owner: asked },
      },
    ],
  }
}

const CLIENT_DOES =
  /^(?:and |so |then )?(?:the )?(?:owners?|clients?|household|homeowners?) (?:(?:has|have|needs?|is|are) to |will |must |should )?(?:(?:themselves|herself|himself) )?(calls?|rings?|books?|arranges?|organi[sz]es?|brings? in|hires?|empt(?:y|ies)|clears?|moves?|provides?|suppl(?:y|ies)) (?:in )?((?:the|a|an|their|his|her|all|some|every)\b[^,;]{2,80})/i

const DOES_ITSELF =
  /^(?:the )?(?:owners?|clients?|household|homeowners?) (gets?|does|do|fetch(?:es)?|paints?|fits?|lays?|buys?|tiles?) ((?:the|a|an|their|his|her|all)\b[^,;]{2,80}?) (?:himself|herself|themselves)\b/i

/** 'The owners call the mason': what the household does, asked of it as a thing to do; the work that its own people do is
 * theirs, and waits for that. */
export const clientDoes: Whole = (told) => {
  const { words, place, state, newId } = told
  const found = CLIENT_DOES.exec(words.trim()) ?? DOES_ITSELF.exec(words.trim())
  if (!found) return null
  const by = dayIn(told)
  const what = found[2]!.replace(/[.!\s]+$/, '').replace(/ (?:by|on|before|until) (?:\w+day|the \d+|\d+).*$/i, '')
  const verb = found[1]!.replace(/ies$/i, 'y').replace(/(?<!s)s(?= in$|$)/i, '')
  const trades = tradesNamed(plain(what))
  const theirs = openLines(state).filter((line) => trades.includes(line.trade))
  const here = theirs.filter((line) => line.placeId === place?.id)
  const [line] = here.length > 0 ? here : theirs
  const question = `${capital(verb)} ${what}`
  const ofTheirs: NewFact[] = line
    ? [{ subject: 'line', facet: 'responsible', subjectId: line.id, placeId: line.placeId, value: 'client' }]
    : []
  return {
    kind: 'decide',
    says: `For the client to do${by ? ` by ${shortDay(by)}` : ''}: ${lower(question)}${line ? `; ${lower(line.title)} is theirs and waits for it` : ''}`,
    facts: [
      {
        subject: 'decision',
        facet: 'asked',
        subjectId: newId(),
        placeId: line?.placeId ?? place?.id ?? null,
        value: { question, owner: 'client', ...(by ? { by } : {}), ...(line ? { blocks: line.stage } : {}) },
      },
      ...ofTheirs,
    ],
  }
}

const ON_PURPOSE =
  /^(.{8,}?),? (?:(?:and|which) )?(?:(?:is|was|that(?:'s| is)|it(?:'s| is)) )?(?:on purpose|deliberate(?:ly)?|by choice|on (?:their|the owner(?:'s|s)?|the client(?:'s|s)?) instruction)\b\s*([:,.-]*)\s*(.*)$/i

/** 'No desk in here and that is agreed'. */
const AGREED = /^(no .{3,}?),? (?:and )?that(?:'s| is) (?:agreed|settled|decided)\b\s*([:,.-]*)\s*(.*)$/i

/** 'One generous room and one tiny, on purpose: teachers share rent': a decision that was taken, with its reason, so that
 * nobody takes it for a mistake. */
export const onPurpose: Whole = ({ words, place, newId }) => {
  const found = ON_PURPOSE.exec(words.trim()) ?? AGREED.exec(words.trim())
  if (!found) return null
  const [, said, stop, rest] = found
  // 'On purpose, do not touch it up' gives no reason, and is told with what was decided.
  const tellsWhy = stop === ':' || /^(?:because|since|as|so) /i.test(rest!)
  const what = tellsWhy || !rest ? said! : `${said!}: ${rest.replace(/[.\s]+$/, '')}`
  const why = tellsWhy ? rest : ''
  const at = { subject: 'decision' as const, subjectId: newId(), placeId: place?.id ?? null }
  const reason = why!.replace(/^(?:because|since|as|so) /i, '').replace(/[.\s]+$/, '')
  const reasons = { answer: 'on purpose', ...(reason ? { why: reason } : {}) }
  return {
    kind: 'decide',
    says: reason ? `Decided, because ${reason}` : 'Decided: on purpose',
    facts: [
      { ...at, facet: 'asked', value: { question: capital(what), owner: 'client' } },
      { ...at, facet: 'answered', value: 'on purpose' },
      { ...at, facet: 'reasons', value: reasons },
    ],
  }
}
