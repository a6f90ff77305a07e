import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import { useState } from 'react'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { groupBy } from '@/core/lists/groupBy'
import type { Wait } from '@/core/scope/line'
import type { Waitable } from '@/core/walk/waits'
import { ReadChoice, ReadTick, ReadWords } from './ReadFields'
import { ticked, wordsIn, type Typed } from './typed'
import styles from './PartOf.module.css'

/** What a line waits for by name: what was said so far, to be taken back, and one more. */
export function WaitFields({
  told,
  choices,
  sites = [],
}: {
  readonly told: readonly { readonly for: string; readonly words: string }[]
  /** What can be waited for on this site. */
  readonly choices: readonly Waitable[]
  /** Other sites whose work can be waited for, where there is a network to ask for it. */
  readonly sites?: readonly { readonly id: string; readonly name: string }[]
}) {
  const [there, setThere] = useState<readonly Waitable[] | null>(null)
  const goTo = async (siteId: string): Promise<void> => {
    setThere(null)
    if (siteId) setThere((await (await fetch(`/api/sites/${siteId}/lines`)).json()) as readonly Waitable[])
  }
  return (
    <>
      {told.map(({ for: id, words }) => (
        <ReadTick key={id} className={styles.tick} name={`kept.${id}`} label={`Waits for ${words}`} defaultChecked />
      ))}
      {sites.length > 0 && (
        <FormLabel>
          On which site
          <FormSelect onChange={(event) => void goTo(event.target.value)}>
            <option value="">this one</option>
            {sites.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </FormSelect>
        </FormLabel>
      )}
      <ReadChoice name="waitsFor" label="What has to be done first" defaultValue="">
        <option value="">nothing by name</option>
        {[...groupBy(there ?? choices, ({ place }) => place)].map(([place, its]) => (
          <optgroup key={place} label={place}>
            {its.map((one) => (
              <option key={one.for} value={one.for}>
                {one.words}
              </option>
            ))}
          </optgroup>
        ))}
      </ReadChoice>
      <ReadWords name="leastDays" label="Days between, at least" inputMode="numeric" />
      <ReadWords name="mostDays" label="Days between, at most" inputMode="numeric" />
      <ReadWords name="waitsWhy" label="Why" maxLength={120} />
    </>
  )
}

/** All that a line waits for by a filled form.
 * @throws ImpossibleRequest whose `field` names what cannot be read */
export function readWaits(typed: Typed, was: readonly Wait[]): Wait[] {
  const words = wordsIn(typed)
  const kept = new Set(ticked(typed, 'kept'))
  const id = words('waitsFor')
  const still = was.filter((wait) => kept.has(wait.for) && wait.for !== id)
  if (!id) return still
  const [leastDays, mostDays] = [days(words, 'leastDays', 'at least'), days(words, 'mostDays', 'at most')]
  if (mostDays !== undefined && mostDays < (leastDays ?? 0))
    throw new ImpossibleRequest('days', 'Days between: the most cannot be fewer than the least.', 'mostDays')
  const why = words('waitsWhy')
  return [
    ...still,
    {
      for: id,
      ...(leastDays === undefined ? {} : { leastDays }),
      ...(mostDays === undefined ? {} : { mostDays }),
      ...(why ? { why } : {}),
    },
  ]
}

function days(words: (name: string) => string, name: string, which: string): number | undefined {
  const typed = words(name)
  if (typed === '') return undefined
  const count = Number(typed)
  if (!Number.isInteger(count) || count < 0 || count > 365)
    throw new ImpossibleRequest('days', `Days between, ${which}: write whole days, from 0 to 365.`, name)
  return count
}
