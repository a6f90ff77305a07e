import type { Stage } from '../scope/vocabulary'

/** What a stage means to somebody who lives in the house: what is being done, and what it will look like after. */
export const PLAIN_STAGE: Record<Stage, { readonly doing: string; readonly done: string }> = {
  protect: { doing: 'floors and doorways are covered', done: 'is protected against dust' },
  'strip-out': { doing: 'what is old comes out', done: 'is stripped out' },
  excavation: { doing: 'the ground is opened', done: 'is dug' },
  underground: { doing: 'drains are laid', done: 'has its drains in the ground' },
  concrete: { doing: 'concrete is poured', done: 'has its concrete' },
  shoring: { doing: 'temporary supports go in', done: 'is safely propped' },
  structure: { doing: 'beams and posts go in', done: 'has its beams and posts' },
  framing: { doing: 'walls are framed', done: 'is framed' },
  roof: { doing: 'the roof is covered', done: 'has its roof on' },
  'windows-doors': { doing: 'windows and doors are set', done: 'has its windows and doors' },
  'weather-barrier': { doing: 'the wall is wrapped against rain', done: 'is wrapped against rain' },
  cladding: { doing: 'the outside boards go up', done: 'has its outside boards' },
  ducts: { doing: 'air ducts are run', done: 'has its air ducts' },
  pipes: { doing: 'water pipes are run in the walls', done: 'has its water pipes in the walls' },
  gas: { doing: 'the gas line is worked on', done: 'has its gas line' },
  wires: { doing: 'wires and boxes go into the walls', done: 'has its wires in the walls' },
  'low-voltage': { doing: 'data and bell wires are run', done: 'has its data wires' },
  insulation: { doing: 'walls are insulated', done: 'is insulated' },
  board: { doing: 'wall boards go up', done: 'has its wall boards up' },
  tape: { doing: 'joints are filled and sanded', done: 'is filled and smooth' },
  plaster: { doing: 'walls are plastered', done: 'is plastered' },
  paint: { doing: 'walls are painted', done: 'is painted' },
  tile: { doing: 'tile is laid', done: 'is tiled' },
  flooring: { doing: 'the floor is laid', done: 'has its floor' },
  cabinets: { doing: 'cabinets are set', done: 'has its cabinets' },
  countertops: { doing: 'worktops are set', done: 'has its worktops' },
  trim: { doing: 'door frames and skirting go on', done: 'has its door frames and skirting' },
  fixtures: { doing: 'taps, lights and switches are fitted', done: 'has its taps, lights and switches' },
  railing: { doing: 'the railing is set', done: 'has its railing' },
  'site-works': { doing: 'the ground is closed again', done: 'is closed and tidy outside' },
  'return-list': { doing: 'the last small things are done', done: 'has its last small things done' },
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
