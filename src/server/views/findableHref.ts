import type { Person } from '../../data/people'

/** Where what is found by its name leads, by kind or in full. What is about a site leads nowhere without one. */
const BY_KIND: Readonly<Record<string, (key: string) => string>> = {
  write: (kind) => `@/record?write=${kind}`,
  lay: (treatment) => `@/scope?add=${treatment}`,
  choose: (sort) => `@/selections?add=${sort}`,
  trade: (trade) => `/plan?trade=${trade}`,
}
const IN_FULL: Readonly<Record<string, string>> = {
  'do:found': '@/scope?add=found',
  // What is told beside the work is told on the walk, which runs on the desk too.
  'do:note': '/walk#@',
  'do:photo': '/walk#@',
  'do:measure': '@/scope?add=measure',
  'do:add-line': '@/scope?add=line',
  'do:extra': '@/scope?add=extra',
  'do:selection': '@/selections?add=other',
  'do:keep': '/walk#@',
  'do:decide': '/walk#@',
  'do:place': '@/scope?add=place',
  'do:leave-out': '@/scope',
  'do:withdraw-link': '@/share',
  'do:new-person': '/settings/people',
  'do:new-crew': '/settings/crews',
  'do:new-site': '/sites/new',
  'do:bring-site': '/sites/bring',
  'do:what-if': '@/plan?panel=what-if',
  'do:move-visit': '@/plan',
  'page:today': '/today',
  'page:walk': '/walk#@',
  'page:scope': '@/scope',
  'page:record': '@/record',
  'page:selections': '@/selections',
  'page:to-order': '@/selections#to-order',
  'page:plan': '@/plan',
  'page:ahead': '/plan/ahead',
  'page:units': '@/units',
  'page:report': '@/report',
  'page:share': '@/share',
  'page:room-sheet': '@/share?reader=sheets',
  'page:neighbours': '@/neighbours',
  'page:completion': '@/completion',
  'page:look-back': '@/look-back',
  'page:handover': '@/handover',
  'page:calendar': '@/share?reader=calendars',
  'set:me': '/settings',
  'set:people': '/settings/people',
  'set:crews': '/settings/crews',
  'set:figures': '/settings/figures',
  'set:messages': '/settings/messages',
  'set:firm': '/settings/firm',
  'set:log': '/settings/log',
  'set:site': '@/settings',
}
const OWNERS = new Set(['do:new-person', 'set:people', 'set:log'])

/** Where something that can be found leads, or null where this person cannot go there. */
export function findableHref(id: string, siteId: string | null, role: Person['role']): string | null {
  if (OWNERS.has(id) && role !== 'owner') return null
  const [kind, key] = [id.slice(0, id.indexOf(':')), id.slice(id.indexOf(':') + 1)]
  const path = IN_FULL[id] ?? BY_KIND[kind]?.(key) ?? null
  if (path === null || !path.includes('@')) return path
  if (siteId === null) return null
  return path.startsWith('@') ? `/sites/${siteId}${path.slice(1)}` : path.replace('@', siteId)
}
