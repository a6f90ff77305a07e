import { array, object, string } from 'yup'
import { ImpossibleRequest } from '../core/errors/impossibleRequest'
import type { Units } from '../core/measure/length'
import { parseSize } from '../core/measure/size'
import { PLACE_KINDS } from '../core/places/place'
import { siteFields } from './site'
import { oneLine } from './trimmed'

/** A place with its size as people say it, and what happens there. The units are those of the site around it, or of the
 * `units` in the context. */
export const newPlace = object({
  name: oneLine().max(60, 'Place: use at most 60 characters.').required('Place: type its name.'),
  kind: string().oneOf(Object.keys(PLACE_KINDS), 'Kind: choose one of the list.').required('Kind: choose one.'),
  level: oneLine()
    .max(40, 'Level: use at most 40 characters.')
    .required('Level: type one, like Ground floor or Outside.'),
  size: oneLine()
    .max(80, 'Size: use at most 80 characters.')
    .default('')
    .test('size', (typed, { parent, from, options, createError }) => {
      if (typed === '') return true
      const units = (options.context as { units?: Units } | undefined)?.units ?? (from?.[1]?.value.units as Units)
      try {
        return parseSize(typed, units) !== null
      } catch (error) {
        if (!(error instanceof ImpossibleRequest)) throw error
        return createError({ message: `${(parent as { name: string }).name || 'Size'}: ${error.message}` })
      }
    }),
  treatments: array(string().required()).max(6, 'What happens: at most 6 a place.').default([]),
})

const { name, built, units, livedIn, weekdays, startsOn, clientName, clientAddress, street, wayIn, whomToCall } =
  siteFields

/** A site before its first day: the house, who it is for, its places and what happens in each. */
export const newSite = object({
  name,
  built,
  units,
  livedIn,
  weekdays,
  startsOn,
  clientName,
  clientAddress,
  street,
  wayIn,
  whomToCall,
  places: array(newPlace)
    .min(1, 'Places: add at least one.')
    .max(200, 'Places: at most 200.')
    .required('Places: add at least one.'),
})
