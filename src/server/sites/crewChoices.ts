import { crewsOfTrade } from '../../core/schedule/whoComes'
import { TRADES, type Trade } from '../../core/scope/vocabulary'
import { readCrews } from '../../data/crews'
import type { Db } from '../../data/database'
import type { Site } from '../../data/sites'
import { Refusal } from '../refusal'

/** The trades that several crews do, with those that can be chosen for a site. */
export const tradesWithChoice = (db: Db) => {
  const crews = readCrews(db)
  return (Object.keys(TRADES) as Trade[]).flatMap((trade) => {
    const able = crewsOfTrade(trade, crews)
    return able.length > 1 ? [{ trade, crews: able.map(({ id, name }) => ({ id, name })) }] : []
  })
}

/** Who was chosen for which trade.
 * @param typed crew ids by trade, '' where the plan deals it */
export const crewChoices = (db: Db, typed: Readonly<Record<string, string | undefined>>): Site['crews'] =>
  Object.fromEntries(
    tradesWithChoice(db).flatMap(({ trade, crews }) => {
      const id = typed[trade]
      if (!id) return []
      if (!crews.some((crew) => crew.id === id))
        throw new Refusal(422, `${TRADES[trade]}: choose one of the list.`, `crews.${trade}`)
      return [[trade, id]]
    }),
  )
