import type { SiteStory } from '../story'

/** A cottage of 1911, lime plaster on lath, new client: looked at three times, the scope walk is tomorrow. */
export const TOLLGATE: SiteStory = {
  key: 'tollgate',
  name: 'Tollgate Cottage',
  built: 1911,
  units: 'metric',
  livedIn: true,
  startsIn: 15,
  travelHours: 1,
  client: 'Mr Edmer Quayle',
  street: 'Tollgate Cottage, Turnpike Road, Over Underbough',
  wayIn: 'Empty; key at the office',
  privateNote: 'Foxglove: came by word of mouth from Millrace.',
  places: [
    { key: 'parlour', name: 'Parlour', level: 'Ground floor', size: 'about 4.2 x 3.8', treatments: [] },
    { key: 'kitchen', name: 'Kitchen', level: 'Ground floor', size: 'about 3.6 x 3.1', treatments: [] },
    { key: 'scullery', name: 'Scullery', level: 'Ground floor', size: 'about 2.2 x 1.8', treatments: [] },
    { key: 'bed', name: 'Bedroom under the eaves', level: 'Upstairs', size: 'about 4.2 x 2.9', treatments: [] },
    { key: 'road', name: 'Road face', level: 'Outside', kind: 'face', size: 'about 7.4 x 4.6', treatments: [] },
  ],
  walks: [
    {
      day: -9,
      kind: 'kickoff',
      by: 'Ottilie Brackwater',
      seen: [
        {
          at: 'parlour',
          dictated:
            'Lime plaster on lath, sounds hollow over the window. Floor is sloping to the chimney, about 30 over the room. Hearth stays.',
          entries: [
            {
              kind: 'goal',
              typed: { goal: 'Warm and dry by the autumn, and still an old house', weight: 'a must' },
            },
            { kind: 'goal', typed: { goal: 'A bath upstairs', weight: 'wished for' } },
          ],
        },
        { at: 'road', notes: [{ text: 'Only way in for plaster and boards is the front door, 760 clear.' }] },
      ],
    },
    {
      day: -6,
      kind: 'kickoff',
      by: 'Corin Hathersedge',
      seen: [
        {
          at: 'scullery',
          found: [
            { text: 'Damp to knee height along the yard wall', condition: 'damp', certain: true },
            { text: 'Old pipe lagging, grey and fibrous: not touched', condition: 'asbestos', certain: false },
          ],
        },
        {
          at: 'bed',
          found: [{ text: 'Flight holes in two rafters by the hatch', condition: 'insect', certain: true }],
          photo: { caption: 'Under the eaves, from the hatch', scene: { wall: 'old', floor: 'boards' } },
        },
      ],
    },
    {
      day: -2,
      kind: 'kickoff',
      by: 'Ottilie Brackwater',
      seen: [
        {
          at: 'kitchen',
          entries: [
            {
              kind: 'occupancy',
              typed: {
                who: 'The household, two adults and a dog',
                use: 'shared with us',
                hours: 'from five in the afternoon',
              },
            },
          ],
          decide: [
            {
              question: 'Does the range stay in the kitchen or move to the scullery?',
              owner: 'client',
              byIn: 6,
              stake: 'The flue and the drain follow it.',
            },
          ],
        },
        {
          at: 'scullery',
          notes: [{ text: 'Lagging sampled by a licensed surveyor; the result is owed on Friday.' }],
        },
      ],
    },
  ],
}
