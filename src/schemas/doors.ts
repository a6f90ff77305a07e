import { array, object, string } from 'yup'
import { oneLine } from './trimmed'
import { typedList } from './typed'

const HOST = 'Hosts: names or addresses alone, like nas.local or 192.168.1.20.'

/** The address that links and mails carry, and the hosts of the house's own network that calendars may be read from: a list,
 * or as it is typed, with commas or blanks between. */
export const doors = object({
  address: oneLine()
    .max(200, 'Address: use at most 200 characters.')
    .test('address', 'Address: write it whole and without a path, like https://walks.example.com.', (value) => {
      if (!value) return true
      const url = URL.canParse(value) ? new URL(value) : null
      return url !== null && /^https?:$/.test(url.protocol) && url.pathname === '/' && !url.search && !url.username
    })
    .default(''),
  allowedHosts: array(
    string()
      .trim()
      .lowercase()
      .matches(/^[a-z0-9](?:[a-z0-9.:-]*[a-z0-9])?$/, HOST)
      .max(200, HOST)
      .required(HOST),
  )
    .transform(typedList)
    .max(20, 'Hosts: at most 20.')
    .default([]),
})
