import type { EntryKind } from './entryKind'
import { ACCESS_KINDS } from './kinds/access'
import { APPROVAL_KINDS } from './kinds/approvals'
import { COMPLETION_KINDS } from './kinds/completion'
import { CONDITION_KINDS } from './kinds/conditions'
import { COVER_KINDS } from './kinds/cover'
import { ENVELOPE_KINDS } from './kinds/envelope'
import { FINISH_KINDS } from './kinds/finish'
import { GROUND_KINDS } from './kinds/ground'
import { JOB_KINDS } from './kinds/job'
import { MONEY_KINDS } from './kinds/money'
import { PLACE_ENTRY_KINDS } from './kinds/places'
import { ROUGH_KINDS } from './kinds/rough'
import { SCOPE_KINDS } from './kinds/scope'
import { SERVICE_KINDS } from './kinds/services'
import { SET_UP_KINDS } from './kinds/setUp'
import { STRIP_OUT_KINDS } from './kinds/stripOut'
import { STRUCTURE_KINDS } from './kinds/structure'

export const ENTRY_KINDS: readonly EntryKind[] = [
  ...JOB_KINDS,
  ...PLACE_ENTRY_KINDS,
  ...CONDITION_KINDS,
  ...SERVICE_KINDS,
  ...SCOPE_KINDS,
  ...ACCESS_KINDS,
  ...SET_UP_KINDS,
  ...STRIP_OUT_KINDS,
  ...APPROVAL_KINDS,
  ...GROUND_KINDS,
  ...STRUCTURE_KINDS,
  ...ENVELOPE_KINDS,
  ...ROUGH_KINDS,
  ...COVER_KINDS,
  ...FINISH_KINDS,
  ...MONEY_KINDS,
  ...COMPLETION_KINDS,
]

const BY_ID = new Map(ENTRY_KINDS.map((kind) => [kind.id, kind]))
export const entryKind = (id: string): EntryKind | undefined => BY_ID.get(id)
