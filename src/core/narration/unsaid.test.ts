import { expect, test } from 'vitest'
import { saidAt } from '../../../tests/fixtures/said'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { unsaidOf } from './unsaid'

const rooms = laid([
  { id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' },
  { id: 'hall', name: 'Hall', treatments: ['room-board-finishes'] },
])
const begun = (id: string, placeId: string) =>
  seen({ subject: 'line', facet: 'progress', subjectId: id, placeId, value: 50 })
const lines = stateOf(rooms).lines
const of = (placeId: string, stage: string) => lines.find((line) => line.placeId === placeId && line.stage === stage)!
const [board, wires, hallBoard] = [of('bath', 'board'), of('bath', 'wires'), of('hall', 'board')]
const state = stateOf([...rooms, begun(board.id, 'bath'), begun(wires.id, 'bath'), begun(hallBoard.id, 'hall')])

const unsaid = (text: string) => unsaidOf(saidAt(state, text), state)

test('what is under way in a place that was told of, and was not told of itself, is named', () => {
  expect(unsaid('Board is three quarters up.')).toEqual([{ place: 'Bathroom', titles: [wires.title] }])
  expect(unsaid('Board is up. Wires are all in.')).toEqual([])
})
test('of a place of which nobody said how far it is, nothing is missed', () => {
  expect(unsaid('There is a crack over the window.')).toEqual([])
})
test('one narration tells of many places', () => {
  expect(unsaid('Board is up. Hall. Board is half up.')).toEqual([{ place: 'Bathroom', titles: [wires.title] }])
})
