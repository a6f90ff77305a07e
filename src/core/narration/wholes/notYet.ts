import { capital } from '../../lists/capital'
import { lineOfKind } from '../learned/forced'
import { workOf } from '../spokenWork'
import { stemsOf } from '../stems'
import { asNote, openLines, type Whole } from './whole'

const NOT_YET =
  /(?:^|, |\band |\bbut )(?:the |our |all )?([^,]{3,60}?) (?:is not|are not|isn['’]t|aren['’]t|hasn['’]t been|haven['’]t been|has not been|have not been) ((?!finished|started|ordered|delivered|signed|paid|decided|answered|approved|granted|inspected|passed|needed|asked)[a-z]+ed|rebuilt|built|hung|cut|laid|set|dug|put (?:up|in|back)) yet[.!\s]*$/i

/** 'The base plates aren't grouted yet': what has to be done and stands in no line is work. What a line tells already is a
 * word about that line. */
export const notYetDone: Whole = (told) => {
  const { words, place, state, rates, newId, narration } = told
  const found = NOT_YET.exec(words.trim())
  if (!found || !place) return null
  const [clause, what, done] = found as unknown as [string, string, string]
  const known = openLines(state).some(({ placeId, title }) => {
    const named = new Set(stemsOf(title))
    return placeId === place.id && stemsOf(what).every((one) => named.has(one))
  })
  if (known) return null
  const title = `${capital(what)}: to be ${done.toLowerCase()}`
  const laid = workOf({ ...lineOfKind('work', narration, title, null), words: title }, place, rates)
  return {
    kind: 'work',
    says: `Work to do: ${title}`,
    facts: [
      { subject: 'line', subjectId: newId(), placeId: place.id, facet: 'laid', value: laid },
      ...(clause.length + 2 < words.trim().length ? asNote(told) : []),
    ],
  }
}
