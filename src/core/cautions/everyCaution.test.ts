import { expect, test } from 'vitest'
import { ENTRY_KINDS } from '../entries/entryKinds'
import type { Values } from '../entries/field'
import { fieldsOf } from '../entries/sums'
import { layTreatment } from '../scope/layTreatment'
import { TREATMENTS } from '../scope/treatments'
import { CAUTION_IDS, type CautionId } from './cautionIds'

/** Every caution that an entry of a register can carry: with nothing told, with each choice, and with words. */
const ofRegisters = (): CautionId[] =>
  ENTRY_KINDS.flatMap((kind) => {
    const told: Values[] = [
      {},
      ...fieldsOf(kind).flatMap(({ key, options, kind: sort }): Values[] =>
        options ? options.map((option) => ({ [key]: option })) : [{ [key]: sort === 'tick' ? true : 'the attic' }],
      ),
    ]
    return told.flatMap((values) => kind.cautions?.(values) ?? [])
  })
const ofTreatments = (): readonly CautionId[] =>
  TREATMENTS.flatMap((treatment) =>
    layTreatment(treatment, { id: 'here', kind: treatment.fits[0]!, size: null }, {}).flatMap((line) => line.cautions),
  )

/** What stands where photos are shared. */
const ELSEWHERE: readonly CautionId[] = ['filming']

test('every caution of the trade appears with the work that it is about', () => {
  const shown = new Set([...ofRegisters(), ...ofTreatments(), ...ELSEWHERE])
  expect(CAUTION_IDS.filter((id) => !shown.has(id))).toEqual([])
  expect(CAUTION_IDS).toHaveLength(40)
})
