import { array, object, string } from 'yup'
import { SKIES } from '../core/walk/siteConditions'
import { day } from './day'
import { degrees } from './degrees'

/** What the sky is said to do, day by day; a day without a sky is taken back. */
export const forecast = object({
  days: array(
    object({
      day: day('Day').required('Day: choose one.'),
      sky: string()
        .oneOf([...SKIES, ''], 'Sky: choose one of the list.')
        .default(''),
      low: degrees('Coldest').when('sky', ([sky], low) => (sky ? low.required('Coldest: write it.') : low)),
      high: degrees('Warmest').when('sky', ([sky], high) =>
        sky
          ? high
              .required('Warmest: write it.')
              .when('low', ([low], warmest) =>
                warmest.min((low as number | undefined) ?? -60, 'Warmest: not below the coldest.'),
              )
          : high,
      ),
    }),
  )
    .min(1, 'Days: tell at least one.')
    .max(30, 'Days: at most 30.')
    .required('Days: tell at least one.'),
})
