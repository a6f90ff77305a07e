import { place, type Story } from './story'

const { room } = place

export const LARKMALLOW: Story = {
  site: 'Larkmallow',
  built: '1924',
  units: 'imperial',
  kind: 'end-of-day',
  places: [
    room('Kitchen', 'Ground floor', '14 ft x 12 ft x 8 ft', 'kitchen-rebuilt'),
    room('Hall', 'Ground floor', '12 ft x 4 ft x 8 ft'),
    room('Porch', 'Ground floor', '8 ft x 6 ft x 8 ft'),
  ],
  steps: [
    {
      at: 'Kitchen',
      sheet: 'A bin',
      fill: {
        bin: 'skip in the drive',
        limit: '4400',
        debris: 'plaster and lath',
        amount: '310',
        toCome: '190',
        load: '26 in',
        height: '48 in',
      },
      tells: [],
    },
    ...(
      [
        ['cabinets', '6', '9', '9', ''],
        ['plaster', '20', '500', '310', ''],
        ['soffit', '4', '1', '1', ''],
        ['outer wall', '8', '1', '0', ''],
        ['floor', '7', '1', '0', 'stays for the time being'],
        ['old wire', '5', '5', '1', ''],
      ] as const
    ).map(([element, hours, amount, done, salvage]) => ({
      at: 'Kitchen',
      sheet: 'Something to strip out',
      fill: { element, hours, amount, done, ...(salvage ? { salvage } : {}) },
      tells: [element],
    })),
    {
      at: 'Kitchen',
      sheet: 'A material to test before dust is made',
      fill: { material: 'plaster and window trim', for: 'lead' },
      tells: ['plaster and window trim', 'Nothing here is cut, sanded or broken before the report is there.'],
    },
    {
      at: 'Kitchen',
      sheet: 'A wire or a pipe: live or dead',
      fill: {
        what: 'old open wiring on insulators',
        sort: 'electric cable',
        state: 'said to be dead',
        tester: 'a friend looked',
      },
      tells: ['old open wiring on insulators', 'Only said to be dead: treat it as live'],
    },
    {
      at: 'Kitchen',
      sheet: 'Stays, or is protected',
      fill: {
        text: 'the floor, as a dust lid',
        until: 'the wall is closed and the basement covered',
        sort: 'is only there for the time being',
      },
      tells: ['the floor, as a dust lid', 'until the wall is closed and the basement covered'],
    },
    {
      at: 'Kitchen',
      sheet: 'An opening to close up',
      fill: { opening: 'the 4 in gap over the basement', how: 'cover, fixed and marked' },
      tells: ['the 4 in gap over the basement'],
    },
    {
      at: 'Kitchen',
      sheet: 'A stub that is left',
      fill: { what: 'sink supply and waste', state: 'capped' },
      tells: ['sink supply and waste'],
    },
    {
      at: 'Kitchen',
      say: 'Insulation not decided. Cracked plaster above the window hung on its last nails. Tomorrow the rest of the plaster, then the outer wall.',
      tells: ['Insulation not decided', 'Cracked plaster above the window hung on its last nails'],
    },
    {
      at: 'Kitchen',
      sheet: 'Somebody has to decide',
      fill: {
        question: 'The boxed corner: stays or goes?',
        owner: 'client',
        optionA: 'stays, there are pipes in it',
      },
      tells: ['The boxed corner: stays or goes?'],
    },
    {
      at: 'Hall',
      sheet: 'How clean it must be here',
      fill: { standard: 'broom-clean every day', proof: 'yes' },
      tells: ['broom-clean every day'],
    },
    { at: 'Hall', photo: 'Swept, 18:20', tells: ['1 photo of this walk'] },
    {
      at: 'Porch',
      sheet: 'Stays, or is protected',
      fill: { text: 'four brass vents', sort: 'is salvaged', count: '4', stored: 'in the porch' },
      tells: ['four brass vents', 'How many: 4'],
    },
  ],
  secret: 'the neighbours say the dust is a scandal',
}
