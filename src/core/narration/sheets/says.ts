import { JOB_SAYS } from './says/job'
import { PLACES_SAYS } from './says/places'
import { CONDITIONS_SAYS } from './says/conditions'
import { SCOPE_SAYS } from './says/scope'
import { SERVICES_SAYS } from './says/services'
import { ACCESS_SAYS } from './says/access'
import { SET_UP_SAYS } from './says/setUp'
import { STRIP_OUT_SAYS } from './says/stripOut'
import { APPROVALS_SAYS } from './says/approvals'
import { GROUND_SAYS } from './says/ground'
import { STRUCTURE_SAYS } from './says/structure'
import { ENVELOPE_SAYS } from './says/envelope'
import { ROUGH_SAYS } from './says/rough'
import { COVER_SAYS } from './says/cover'
import { FINISH_SAYS } from './says/finish'
import { MONEY_SAYS } from './says/money'
import { COMPLETION_SAYS } from './says/completion'
import type { Says } from './cue'

/** How people tell of what each register holds, by its id. */
export const SAYS: Readonly<Record<string, Says>> = {
  ...JOB_SAYS,
  ...PLACES_SAYS,
  ...CONDITIONS_SAYS,
  ...SCOPE_SAYS,
  ...SERVICES_SAYS,
  ...ACCESS_SAYS,
  ...SET_UP_SAYS,
  ...STRIP_OUT_SAYS,
  ...APPROVALS_SAYS,
  ...GROUND_SAYS,
  ...STRUCTURE_SAYS,
  ...ENVELOPE_SAYS,
  ...ROUGH_SAYS,
  ...COVER_SAYS,
  ...FINISH_SAYS,
  ...MONEY_SAYS,
  ...COMPLETION_SAYS,
}
