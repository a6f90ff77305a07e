import { describe } from 'vitest'
import { testJob } from './job'

/** The day before a pour. */
describe('Kestrelholt', () => {
  testJob({
    site: 'Kestrelholt',
    built: '1968',
    units: 'metric',
    told: [
      {
        register: 'footing',
        typed: { what: 'long footing', long: '19 m', bars: '4', stock: '6 m', lap: '480', crossSpacing: '3.5 m' },
        says: [
          '= 3.36: 4 pieces a bar, 16 in all.',
          'Bought 96 m, laid 81.76 m, 72.6 kg.',
          'Cross walls every 3500 mm: 6.',
        ],
      },
      {
        register: 'footing',
        typed: { what: 'house footing', long: '7.2 m', bars: '2', stock: '6 m', lap: '480' },
        says: ['4 in all', 'laid 15.36 m'],
      },
      {
        register: 'count',
        typed: { what: 'cross walls', said: '5', drawn: '6' },
        says: ['5 said on the walk, 6 on the plan: which is right?'],
      },
      {
        register: 'pour',
        typed: { what: 'house footing', long: '7.2 m', wide: '0.6 m', thick: '0.25 m', place: 'in forms' },
        says: ['1.08 m³'],
      },
      {
        register: 'pour',
        typed: { what: 'long footing', long: '19 m', wide: '0.9 m', thick: '0.3 m', place: 'in forms' },
        says: ['5.13 m³'],
      },
      {
        register: 'pour',
        typed: { what: 'cross walls', long: '1.5 m', wide: '0.4 m', thick: '0.3 m', pieces: '6', place: 'in forms' },
        says: ['1.08 m³'],
      },
      {
        register: 'pour',
        typed: { what: 'after the step', long: '4.5 m', wide: '0.6 m', thick: '0.25 m', place: 'in forms' },
        says: ['0.675 m³'],
      },
      {
        register: 'pour',
        typed: {
          what: 'all footings',
          other: '7.965 m³',
          place: 'in forms',
          ordered: '8 m³',
          pump: 'Friday 07:00 to 13:00',
          permit: 'Friday 07:00 to 13:00',
          forms: 'on',
          clean: 'on',
          inserts: 'on',
          permitted: 'on',
          pumped: 'on',
        },
        says: [
          'Hold sheet 5 of 10, the pour is held. Open: bars, cover of the bars, the count against the plan, the inspection, cover against frost.',
          'with 5 % in forms 8.363 m³: order 8.4 m³',
          '0.4 m³ more than was ordered.',
        ],
      },
      {
        register: 'stair-levels',
        typed: { what: 'landing to drive', rise: '1660', tread: '280', firstMark: '175' },
        says: [
          '8 risers of 207.5 mm, run 1960 mm',
          'Two risers and a tread 695 mm',
          'a handrail is likely needed',
          'The first riser is marked 175 mm instead of 207.5 mm: mark again from the finished levels.',
        ],
      },
      {
        register: 'trench',
        typed: { what: 'the heap as it lies', measured: '46 m³', looseAlready: 'yes', load: '8 m³' },
        says: ['In the bank 36.8 m³; loose 46 m³.', 'Loads of 8 m³: 5.75, so 6.'],
      },
      {
        register: 'drying',
        typed: { name: 'long footing', what: 'concrete, 7 days', from: '2026-10-09' },
        says: ['Friday 16 October'],
      },
      {
        register: 'drying',
        typed: { name: 'long footing, full', what: 'concrete, full', from: '2026-10-09' },
        says: ['Friday 6 November'],
      },
      { register: 'rail', typed: { what: 'edge beside the path', temporary: 'the fill is in' }, says: [] },
    ],
  })
})
