import { lower } from '../lists/capital'
import type { LineLaid } from '../scope/line'
import type { NewFact } from '../walk/observation'

const IF_THE_ENGINEER =
  /[,;]?\s*\bif the engineer (?:agrees|says (?:yes|so|it)|approves|allows|signs|is (?:ok|okay|fine|happy))\b.*$/i

/** 'We take the wall out if the engineer agrees': the engineer is asked, and the work waits for the answer. */
export const engineersYes = (words: string, laid: LineLaid | undefined, newId: () => string): NewFact[] =>
  laid && IF_THE_ENGINEER.test(words)
    ? [
        {
          subject: 'decision',
          facet: 'asked',
          subjectId: newId(),
          placeId: laid.placeId,
          value: {
            question: `For the engineer to agree: ${lower(words.replace(IF_THE_ENGINEER, ''))}`,
            owner: 'engineer',
            blocks: laid.stage,
          },
        },
      ]
    : []
