import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { answerCase, describeCalculations } from './answerCase'
import { calculationById, CALCULATIONS } from './calculations'
import { longestFirst, packSticks } from './envelope/packSticks'
import { standardOf } from './readInputs'
import { runCalculation } from './runCalculation'

describe('sticks', () => {
  const pieces = fc.array(fc.integer({ min: 100, max: 3600 }), { minLength: 1, maxLength: 24 })
  test('hold every piece once, none beyond its length, never more sticks than longest-first', () => {
    fc.assert(
      fc.property(pieces, (all) => {
        const sticks = packSticks(all, 3660, 3)
        expect(sticks.flat().sort()).toEqual([...all].sort())
        for (const stick of sticks)
          expect(stick.reduce((sum, piece) => sum + piece, 0) + 3 * (stick.length - 1)).toBeLessThanOrEqual(3660)
        expect(sticks.length).toBeLessThanOrEqual(longestFirst(all, 3660, 3).length)
      }),
      { numRuns: 60 },
    )
  })
  test('and where longest-first wastes one, it is found', () => {
    const all = [6, 6, 5, 5, 4, 4, 3, 3]
    expect(packSticks(all, 12, 0).length).toBe(3)
  })
})

/** A value that an input takes, drawn by its kind. */
const valueFor = (kind: string, options?: readonly string[]): fc.Arbitrary<unknown> => {
  switch (kind) {
    case 'choice':
      return fc.constantFrom(...options!)
    case 'day':
      return fc.constantFrom('2026-03-10', '2026-11-02', '2028-02-29')
    case 'lengths':
      return fc.array(fc.integer({ min: 10, max: 3000 }), { minLength: 1, maxLength: 6 })
    case 'sizes':
      return fc.array(fc.tuple(fc.integer({ min: 300, max: 1500 }), fc.integer({ min: 300, max: 2000 })), {
        minLength: 1,
        maxLength: 4,
      })
    case 'numbers':
      return fc.constant([10, 20, 30])
    case 'count':
      return fc.integer({ min: 1, max: 40 })
    case 'percent':
      return fc.integer({ min: 0, max: 50 })
    case 'length':
      return fc.integer({ min: 100, max: 3000 })
    default:
      return fc.double({ min: 0.5, max: 60, noNaN: true })
  }
}

describe.each(CALCULATIONS.map((one) => [one.id, one] as const))('%s', (_id, one) => {
  const told = fc.record(
    Object.fromEntries(Object.entries(one.inputs).map(([key, { kind, options }]) => [key, valueFor(kind, options)])),
  )
  test('answers any sensible values with finite figures for every output, and steps', () => {
    fc.assert(
      fc.property(told, fc.constantFrom('metric' as const, 'imperial' as const), (values, units) => {
        let reckoned
        try {
          reckoned = runCalculation(one, values, units)
        } catch (error) {
          // Values that cannot be true together are refused in a sentence.
          expect(error).toBeInstanceOf(ImpossibleRequest)
          return
        }
        expect(Object.keys(reckoned.outputs).sort()).toEqual(Object.keys(one.outputs).sort())
        for (const figure of Object.values(reckoned.outputs))
          if (typeof figure === 'number') expect(Number.isFinite(figure)).toBe(true)
        expect(reckoned.steps.length).toBeGreaterThan(0)
      }),
      { numRuns: 40 },
    )
  })
  test('a range gives no less at its high end than the exact values between give at either', () => {
    const key = Object.keys(one.inputs).find((name) => one.inputs[name]!.kind === 'length')
    if (!key) return
    const others = Object.fromEntries(
      Object.entries(one.inputs).flatMap(([name, input]) => {
        const standard = standardOf(input, 'metric')
        return name === key || standard !== undefined
          ? []
          : [[name, fc.sample(valueFor(input.kind, input.options), { numRuns: 1, seed: 7 })[0]]]
      }),
    )
    const at = (value: unknown) => {
      try {
        return runCalculation(one, { ...others, [key]: value }, 'metric').outputs
      } catch (error) {
        expect(error).toBeInstanceOf(ImpossibleRequest)
        return null
      }
    }
    const [range, low, high] = [at({ low: 800, high: 1200 }), at(800), at(1200)]
    if (!range || !low || !high) return
    for (const [name, figure] of Object.entries(range)) {
      if (typeof figure === 'string') continue
      const [from, to] = typeof figure === 'number' ? [figure, figure] : [figure.low, figure.high]
      for (const end of [low[name], high[name]]) {
        expect(end as number).toBeGreaterThanOrEqual(from - 1e-9)
        expect(end as number).toBeLessThanOrEqual(to + 1e-9)
      }
    }
  })
})

describe('a case', () => {
  test('is answered with outputs, steps and warnings', () => {
    expect(answerCase({ id: 'a', calc: 'C-13', inputs: { long: '10.8 m' } })).toMatchObject({
      id: 'a',
      outputs: { rungs: 19 },
      warnings: [],
    })
  })
  test.each([
    ['not json', 'case', 'Case: write it as {"id", "calc", "inputs"}.'],
    [{ id: 1, calc: 'C-99' }, 'calc', 'Calculation: C-99 is none of'],
    [{ id: 1, calc: 'C-13', inputs: 3 }, 'inputs', 'Inputs: write them as an object.'],
    [{ id: 1, calc: 'C-13', inputs: { units: 'rods' } }, 'units', 'Units: metric or imperial.'],
    [{ id: 1, calc: 'C-13', inputs: {} }, 'long', 'Length of the bulkhead: it is needed.'],
    [{ id: 1, calc: 'C-13', inputs: { long: 'long' } }, 'long', 'Length of the bulkhead: "long" is not a length.'],
    [{ id: 1, calc: 'C-13', inputs: { lenght: 3 } }, 'lenght', '"lenght" is not asked for. Known: long, spacing'],
    [{ id: 1, calc: 'C-20', inputs: { hangers: 2.5, each: 3 } }, 'hangers', 'Hangers: 2.5 is not whole.'],
    [{ id: 1, calc: 'C-25', inputs: { other: '-1' } }, 'other', 'Other volumes: "-1" cannot be read as a volume'],
    [{ id: 1, calc: 'C-24', inputs: { soil: 'mud' } }, 'soil', 'Soil: "mud" is none of sand'],
    [
      { id: 1, calc: 'C-39', inputs: { needed: 'soon', upperLead: 3 } },
      'needed',
      'Needed on site: "soon" is not a day.',
    ],
    [
      { id: 1, calc: 'C-01', inputs: { windows: '36 x' } },
      'windows',
      'Windows, width by height: "36 x" is not a size.',
    ],
    [{ id: 1, calc: 'C-41', inputs: { weights: '1, 2', done: '50' } }, 'done', '2 weights, but 1 are told how far.'],
    [{ id: 1, calc: 'C-07', inputs: { runs: '4 m', lap: '3 m' } }, 'lap', 'Lap: it is shorter than the section.'],
    [{ id: 1, calc: 'C-23', inputs: { run: '4 m', slope: 0 } }, 'slope', 'it cannot be 0.'],
    [
      { id: 1, calc: 'C-01', inputs: { corners: 3000, cornerHeight: '3 m' } },
      'corners',
      '3000 pieces is too much. At most 500.',
    ],
    [{ id: 1, calc: 'C-39', inputs: { needed: '2026-11-02', upperLead: 1e9 } }, 'upperLead', 'At most 3650.'],
    [{ id: 1, calc: 'C-02', inputs: { walls: [[4, 2700]] } }, 'walls', 'is 4 in millimetres or in metres?'],
    [{ id: 1, calc: 'C-07', inputs: { runs: '1200, 4' } }, 'runs', 'Write "4 mm" or "4 m".'],
    [{ id: 1, calc: 'C-13', inputs: { long: 4 } }, 'long', 'is 4 in millimetres? Write it as "4 mm" or "4 m".'],
    [
      { id: 1, calc: 'C-19', inputs: { units: 'imperial', material: 'by mass a metre', long: '12 ft', perMetre: 22 } },
      'perMetre',
      'is 22 in lb/ft or in kg/m? Write it with its unit, like "22 lb/ft".',
    ],
    [{ id: 1, calc: 'C-06', inputs: { units: 'imperial', walls: '1240' } }, 'walls', 'is 1240 in ft² or in m²?'],
    [{ id: 1, calc: 'C-06', inputs: { walls: '1,240 ft²' } }, 'walls', 'could be meant in two ways'],
    [{ id: 1, calc: 'C-10', inputs: { surface: '20 m²', spread: 375 } }, 'spread', 'At most 60.'],
    [
      { id: 1, calc: 'C-10', inputs: { units: 'imperial', surface: '200 ft²', spread: '375' } },
      'spread',
      'is 375 in ft² a gallon or',
    ],
    [{ id: 1, calc: 'C-10', inputs: { surface: '20 m²', more: 140 } }, 'more', '140 % is too much. At most 100.'],
    [{ id: 1, calc: 'C-10', inputs: { surface: '20-10 m²' } }, 'surface', 'give the lower end first.'],
    [{ id: 1, calc: 'C-13', inputs: { long: { low: 5000, high: 4000 } } }, 'long', 'give the lower end first.'],
    [
      { id: 1, calc: 'C-51', inputs: { on: '2026-11-02', from: 8, hours: 30 } },
      'hours',
      '30 h is too much. At most 24.',
    ],
    [{ id: 1, calc: 'C-02', inputs: { walls: '999999999 x 4 m x 2 m' } }, 'walls', 'From 1 to 1000.'],
    [{ id: 1, calc: 'C-02', inputs: { walls: 'toString' } }, 'walls', 'is not a size'],
    [{ id: 1, calc: 'C-39', inputs: { needed: '120000-01-01', upperLead: 3 } }, 'needed', 'is not a day'],
    [{ id: 1, calc: 'C-39', inputs: { constructor: 3 } }, 'constructor', 'is not asked for'],
    [{ id: 1, calc: 'C-01', inputs: { windows: '6 m x 2 m' } }, 'stock', 'is longer than the stick.'],
  ])('that cannot be reckoned names the field and the mend: %j', (told, field, message) => {
    expect(answerCase(told)).toMatchObject({ error: { field, message: expect.stringContaining(message) as string } })
  })
  test('any case at all is answered', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (told, inputs) => {
        expect(answerCase(told)).toBeTypeOf('object')
        expect(answerCase({ id: 1, calc: 'C-25', inputs })).toBeTypeOf('object')
      }),
    )
  })
  test('every calculation is described with the units of what it asks and answers', () => {
    const described = describeCalculations()
    expect(described.map((one) => one.id)).toEqual(
      Array.from({ length: 63 }, (_, i) => `C-${String(i).padStart(2, '0')}`),
    )
    for (const one of described)
      for (const { key, title, unit } of [...one.inputs, ...one.outputs])
        expect([typeof key, title !== '', typeof unit]).toEqual(['string', true, 'string'])
  })
  test('a default can be read on both kinds of site', () => {
    expect(standardOf(calculationById('C-13')!.inputs.spacing!, 'metric')).toBe(600)
    expect(standardOf(calculationById('C-13')!.inputs.spacing!, 'imperial')).toBe(609.6)
  })
})
