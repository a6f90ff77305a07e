import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { WEIGHTS } from '../../../cli/speechWeights'
import type { Narration } from '../line'
import { narrate } from '../narrate'
import { explained } from './explain'
import { decodeModel } from './model'

const model = decodeModel(new Uint8Array(readFileSync(WEIGHTS)))
const narration: Narration = {
  text: 'The wires are in. Move two sockets by the window. Client has to pick the tap by Friday.',
  places: ['Kitchen'],
  current: 'Kitchen',
  units: 'metric',
  today: '2026-03-10' as never,
  walk: 'progress',
}

test('each line tells what the rules read, how sure it is and which words weighed', () => {
  const why = explained(narrate(narration, model), narration, model)
  expect(why.map(({ kind }) => kind)).toEqual(['progress', 'work', 'decide'])
  for (const { sure, weighed } of why) {
    expect(sure).toBeGreaterThan(0)
    expect(weighed.length).toBeGreaterThan(0)
    const weights = weighed.map(({ weight }) => weight)
    expect(weights).toEqual([...weights].sort((a, b) => b - a))
  }
  expect(why[2]!.weighed.map(({ what }) => what).join()).toMatch(/pick|client/)
})
