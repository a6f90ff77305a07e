import { capital, lower } from '../../lists/capital'
import { readNumber } from '../../measure/spokenNumber'
import type { NewFact } from '../../walk/observation'
import { stageOfDeed } from '../deeds'
import { lineOfKind } from '../learned/forced'
import { wordsOf } from '../sheets/figures'
import { workOf } from '../spokenWork'
import { stemsOf } from '../stems'
import type { Whole } from './whole'

const NOT_DONE =
  /^(?:and )?(?:(?:not|none|nothing)(?: of (?:it|them|that))?(?: (?:is|are|was))?(?: yet)?(?: (?:done|started|begun))?|still to (?:do|come)|open)\b/
const DONE = /^(?:and )?(?:all )?(?:are |is )?(?:done|finished|in)\b/

interface Task {
  readonly name: string
  readonly hours: number
  /** Whether it is done; null while the words have not said. */
  done: boolean | null
}

/** 'Boxes thirty hours, doors six and fillers four done, skins three, riser and moulding five not': what each part of the work
 * takes, and which of it is done. A word of being done speaks of all before it that nothing was said of. */
export const hoursByTask: Whole = ({ words, place: heard, state, rates, narration, newId }) => {
  // 'Roof frame' names a task where somebody stands in another place, not the roof.
  const place = state.places.find(({ name }) => name === narration.current) ?? heard
  if (!place || !/\bhours?\b/i.test(words)) return null
  const tasks = tasksIn(words)
  if (tasks === null || tasks.length < 2 || tasks.every(({ done }) => done === null)) return null
  // Doors and a riser told beside boxes are those of the cabinets.
  const fitted = tasks.some(({ name }) => stageOfDeed(name) === 'cabinets')
  const facts = tasks.flatMap(({ name, hours, done }): NewFact[] => {
    const known = state.lines.find(
      (line) =>
        line.placeId === place.id &&
        line.excluded === null &&
        stemsOf(name).every((stem) => stemsOf(line.title).includes(stem)),
    )
    const at = { subject: 'line' as const, subjectId: known?.id ?? newId(), placeId: place.id }
    const title = capital(name)
    const read = workOf({ ...lineOfKind('work', narration, title, null), words: title }, place, rates)
    const whose = fitted ? ({ stage: 'cabinets', trade: 'cabinet-maker', element: 'cabinet' } as const) : {}
    const laid = known ? null : { ...read, ...whose, hours, rough: false, how: 'as told' }
    return [
      laid ? { ...at, facet: 'laid', value: laid } : { ...at, facet: 'hours', value: hours },
      ...(done === null ? [] : [{ ...at, facet: 'progress' as const, value: done ? 100 : 0 }]),
    ]
  })
  const told = tasks.map(({ name, hours, done }) => `${lower(name)} ${hours} hours${done ? ', done' : ''}`)
  return { kind: 'progress', says: capital(told.join('; ')), facts }
}

/** The tasks of a sentence with their hours; null where something in it is no task. */
function tasksIn(words: string): Task[] | null {
  const tokens = wordsOf(words.replace(/^hours?:? /i, '')).filter((word) => word !== ',')
  const tasks: Task[] = []
  let name: string[] = []
  for (let at = 0; at < tokens.length;) {
    const rest = tokens.slice(at).join(' ')
    const said = NOT_DONE.exec(rest) ?? DONE.exec(rest)
    if (said && name.length === 0 && tasks.length > 0) {
      const done = !NOT_DONE.test(rest)
      for (const task of tasks) task.done ??= done
      at += said[0].split(' ').length
      continue
    }
    const hours = name.length > 0 ? readNumber(tokens, at) : null
    if (hours) {
      tasks.push({ name: name.join(' ').replace(/^(?:and|the) /, ''), hours: hours.value, done: null })
      name = []
      at = hours.next + (/^hours?$/.test(tokens[hours.next] ?? '') ? 1 : 0)
    } else name.push(tokens[at++]!)
  }
  return name.length > 0 ? null : tasks
}
