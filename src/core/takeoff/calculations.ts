import type { Calculation } from './calculation'
import { flashing } from './envelope/flashing'
import { gable } from './envelope/gable'
import { panels } from './envelope/panels'
import { lapSiding } from './envelope/lapSiding'
import { mountingBlocks } from './envelope/mountingBlocks'
import { paint } from './envelope/paint'
import { sealant } from './envelope/sealant'
import { sheathing } from './envelope/sheathing'
import { soffit } from './envelope/soffit'
import { trim } from './envelope/trim'
import { weatherBarrier } from './envelope/weatherBarrier'
import { alignment } from './finishes/alignment'
import { board } from './finishes/board'
import { cabinetHeight } from './finishes/cabinetHeight'
import { cabinetRun } from './finishes/cabinetRun'
import { countertop } from './finishes/countertop'
import { drying } from './finishes/drying'
import { floor } from './finishes/floor'
import { insulation } from './finishes/insulation'
import { shelving } from './finishes/shelving'
import { tarp } from './finishes/tarp'
import { tile } from './finishes/tile'
import { bulkhead } from './fit/bulkhead'
import { bulkheadFraming } from './fit/bulkheadFraming'
import { clearance } from './fit/clearance'
import { leastRoom } from './fit/leastRoom'
import { standing } from './fit/standing'
import { deviceBox } from './fit/deviceBox'
import { escapeOpening } from './fit/escapeOpening'
import { flushPlane } from './fit/flushPlane'
import { layout } from './fit/layout'
import { stair } from './fit/stair'
import { widthGained } from './fit/widthGained'
import { boundary } from './ground/boundary'
import { concrete } from './ground/concrete'
import { drain } from './ground/drain'
import { excavation } from './ground/excavation'
import { fill } from './ground/fill'
import { rebar } from './ground/rebar'
import { repointing } from './ground/repointing'
import { readSize } from './measure/readSize'
import { tieOut } from './measure/tieOut'
import { change } from './money/change'
import { demolition } from './money/demolition'
import { duration } from './money/duration'
import { hiddenDamage } from './money/hiddenDamage'
import { lead } from './money/lead'
import { progress } from './money/progress'
import { readyRate } from './money/readyRate'
import { saving } from './money/saving'
import { fanDuct } from './services/fanDuct'
import { lighting } from './services/lighting'
import { outage } from './services/outage'
import { accessHeight } from './structure/accessHeight'
import { beamWeight } from './structure/beamWeight'
import { cutUp } from './structure/cutUp'
import { fasteners } from './structure/fasteners'
import { lift } from './structure/lift'
import { opening } from './structure/opening'
import { square } from './structure/square'
import { staggeredWall } from './structure/staggeredWall'
import { studs } from './structure/studs'
import { temporaryWall } from './structure/temporaryWall'

/** Every calculation, in the order of its number. */
export const CALCULATIONS: readonly Calculation[] = [
  readSize,
  trim,
  gable,
  lapSiding,
  cutUp,
  sheathing,
  weatherBarrier,
  flashing,
  mountingBlocks,
  soffit,
  paint,
  sealant,
  bulkhead,
  bulkheadFraming,
  deviceBox,
  flushPlane,
  widthGained,
  layout,
  opening,
  beamWeight,
  fasteners,
  studs,
  shelving,
  drain,
  excavation,
  concrete,
  rebar,
  fill,
  stair,
  escapeOpening,
  fanDuct,
  cabinetRun,
  floor,
  tile,
  countertop,
  board,
  insulation,
  lighting,
  duration,
  lead,
  readyRate,
  progress,
  change,
  saving,
  hiddenDamage,
  demolition,
  lift,
  square,
  repointing,
  temporaryWall,
  drying,
  outage,
  tieOut,
  staggeredWall,
  accessHeight,
  tarp,
  alignment,
  boundary,
  cabinetHeight,
  panels,
  clearance,
  standing,
  leastRoom,
]

const BY_ID = new Map(CALCULATIONS.map((one) => [one.id, one]))
export const calculationById = (id: string): Calculation | undefined => BY_ID.get(id)
