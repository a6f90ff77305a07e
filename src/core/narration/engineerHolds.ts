import { lower } from '../lists/capital'
import { sentencesOf } from './clauses'
import type { Narration } from './line'
import { linesLaid } from './linesLaid'
import type { Proposal } from './spokenFacts'

/** Work that waits for an engineer: what the engineer is asked in the same sentence, or has to agree to. */
export const engineerHolds = (proposals: readonly Proposal[], narration: Narration, newId: () => string): Proposal[] =>
  askedInTurn(proposals, narration).map((one) => agreedFirst(one, newId))

/** 'We take out the wall, and the engineer has to give us the beam': what an engineer is asked holds the work before it until it
 * is answered. */
function askedInTurn(proposals: readonly Proposal[], { text }: Narration): Proposal[] {
  const sentences = sentencesOf(text).map(({ start, end }) => text.slice(start, end))
  return proposals.map((one, i) => {
    const before = proposals[i - 1]
    const together = sentences.some(
      (said) => before && said.includes(before.line.words) && said.includes(one.line.words),
    )
    const [laid] = before ? linesLaid(before.facts) : []
    if (one.line.kind !== 'decide' || !together || !laid) return one
    const facts = one.facts.map((fact) =>
      fact.subject === 'decision' && fact.facet === 'asked' && fact.value.owner === 'engineer' && !fact.value.blocks
        ? { ...fact, value: { ...fact.value, blocks: laid.stage } }
        : fact,
    )
    const held = facts.some((fact, at) => fact !== one.facts[at])
    return held ? { ...one, facts, says: `${one.says}; ${lower(laid.title)} waits for it` } : one
  })
}

const IF_THE_ENGINEER =
  /[,;]?\s*\bif the engineer (?:agrees|says (?:yes|so|it)|approves|allows|signs|is (?:ok|okay|fine|happy))\b.*$/i

/** 'We take the wall out if the engineer agrees': the engineer is asked, and the work waits for the answer. */
function agreedFirst(one: Proposal, newId: () => string): Proposal {
  const { words } = one.line
  const [laid] = linesLaid(one.facts)
  if (!laid || !IF_THE_ENGINEER.test(words)) return one
  const question = `For the engineer to agree: ${lower(words.replace(IF_THE_ENGINEER, ''))}`
  const asked = { question, owner: 'engineer', blocks: laid.stage } as const
  return {
    ...one,
    says: `${one.says}; the engineer is asked, and it waits for the answer`,
    facts: [
      ...one.facts,
      { subject: 'decision', facet: 'asked', subjectId: newId(), placeId: laid.placeId, value: asked },
    ],
  }
}
