import { strFromU8, strToU8, unzipSync, zipSync, type Unzipped } from 'fflate'
import { afterEach, beforeEach, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { readPeople } from '../../src/data/people'
import { contextFor, type Context } from '../../src/server/context'
import { openFirmFolder, type FirmFolder } from '../../src/server/firmFolder'
import { createFirm } from '../../src/server/people/accounts'
import { siteBundle } from '../../src/server/sites/siteBundle'
import { takeBundle } from '../../src/server/sites/takeBundle'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as, closed, emptyFolder, TODAY } from '../fixtures/folder'

let firm: FirmFolder
let elsewhere: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
beforeEach(async () => {
  elsewhere = await openFirmFolder(emptyFolder(), TODAY)
  await createFirm(elsewhere, { firm: 'Another', name: 'Ada', login: 'ada', password: 'barge quoin lantern' })
})
afterEach(() => closed(elsewhere))

const SITE = siteIdOf('tollgate')
const other = (): Context => contextFor(elsewhere, readPeople(elsewhere.db)[0]!)
const bundle = async (context: Context = as(firm, 'owner')): Promise<Uint8Array> =>
  new Uint8Array(await siteBundle(context, SITE).arrayBuffer())
const changed = async (change: (files: Unzipped) => void): Promise<Uint8Array> => {
  const files = unzipSync(await bundle())
  change(files)
  return zipSync(files)
}

test('a site taken to another firm and back is the same file, byte for byte, with its photos', async () => {
  const file = await bundle()
  expect(Object.keys(unzipSync(file)).some((path) => path.startsWith('photos/'))).toBe(true)
  expect(await takeBundle(other(), [file])).toEqual({ siteId: SITE })
  expect(stateAt(elsewhere, SITE)).toEqual(stateAt(firm, SITE))
  expect(Buffer.from(await bundle(other())).equals(Buffer.from(file))).toBe(true)
})
test('what is here already is not taken in twice', async () => {
  await expect(takeBundle(as(firm, 'owner'), [await bundle()])).rejects.toThrow('Tollgate Cottage is here already.')
})
test.each([
  ['no zip', () => Promise.resolve(strToU8('nothing of ours')), 'this is no site file'],
  ['no settings', () => changed((files) => delete files['site.json']), 'its site.json is not one of ours'],
  [
    'a unit that there is not',
    () =>
      changed(
        (files) =>
          (files['site.json'] = strToU8(
            strFromU8(files['site.json']!).replace('"metric"', '"cubits"').replace('"imperial"', '"cubits"'),
          )),
      ),
    'its site.json is not one of ours',
  ],
  [
    'a line that is no observation',
    () =>
      changed(
        (files) => (files['observations.jsonl'] = strToU8(`${strFromU8(files['observations.jsonl']!)}{"id":1}\n`)),
      ),
    /observations\.jsonl, line \d+: /,
  ],
  [
    'a photo that was changed',
    () =>
      changed((files) => {
        const path = Object.keys(files).find((one) => one.startsWith('photos/'))!
        files[path] = strToU8('another picture')
      }),
    'did not arrive whole',
  ],
])('%s is refused, and nothing of it stays', async (_what, made, message) => {
  await expect(takeBundle(other(), [await made()])).rejects.toThrow(message)
  expect(other().sites()).toEqual([])
})
test('only the owner takes a site out or in', async () => {
  expect(() => siteBundle(as(firm, 'lead'), SITE)).toThrow(/owner/i)
  await expect(takeBundle(as(firm, 'lead'), [])).rejects.toThrow(/owner/i)
})
