import type { EntryKind } from './entryKind'
import { ACCESS_KINDS } from './kinds/access'
import { CONDITION_KINDS } from './kinds/conditions'
import { JOB_KINDS } from './kinds/job'
import { PLACE_ENTRY_KINDS } from './kinds/places'
import { SCOPE_KINDS } from './kinds/scope'
import { SERVICE_KINDS } from './kinds/services'
import { STRIP_OUT_KINDS } from './kinds/stripOut'

export const ENTRY_KINDS: readonly EntryKind[] = [
  ...JOB_KINDS,
  ...PLACE_ENTRY_KINDS,
  ...CONDITION_KINDS,
  ...SERVICE_KINDS,
  ...SCOPE_KINDS,
  ...ACCESS_KINDS,
  ...STRIP_OUT_KINDS,
]

const BY_ID = new Map(ENTRY_KINDS.map((kind) => [kind.id, kind]))
export const entryKind = (id: string): EntryKind | undefined => BY_ID.get(id)
