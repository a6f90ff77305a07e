import { fromDay } from './days'
import { clientDoes, onPurpose, unsigned } from './decisions'
import { edited } from './edits'
import { hoursByTask } from './hoursByTask'
import { inOrder } from './inOrder'
import {
  arrived,
  cameWrong,
  candidates,
  lying,
  madeToOrder,
  ordered,
  takesSoLong,
  theirGoods,
  wantedAndTaking,
  wantedOrAwaited,
} from './goods'
import { measuredThere, measuresOn } from './measuring'
import { movedBetween } from './movedWalls'
import { notYetDone } from './notYet'
import { outAndBack } from './outAndBack'
import { opinion } from './opinions'
import { pricedExtra } from './priced'
import { scaffoldGoes } from './scaffoldGoes'
import { shareDone } from './shares'
import { stainSeen } from './stains'
import { mayStartThere } from './starts'
import { thingsNamed } from './thingsNamed'
import type { Whole } from './whole'

/** What a sentence may tell as a whole before a sheet is looked for in it; the first that does counts. */
export const BEFORE_SHEETS: readonly Whole[] = [
  edited,
  movedBetween,
  wantedAndTaking,
  wantedOrAwaited,
  ordered,
  cameWrong,
  arrived,
  lying,
  takesSoLong,
  unsigned,
  pricedExtra,
  clientDoes,
  theirGoods,
  onPurpose,
  mayStartThere,
  shareDone,
  measuredThere,
  measuresOn,
  stainSeen,
  scaffoldGoes,
  hoursByTask,
  inOrder,
  outAndBack,
  fromDay,
]

/** The same of what no sheet took. */
export const AFTER_SHEETS: readonly Whole[] = [opinion, candidates, madeToOrder, notYetDone, thingsNamed]
