import { capital } from '@/core/lists/capital'

/** The verbs that are the navigation, each with its key after `g` and where it leads with and without a site. */
export const VERBS = [
  { key: 't', word: 'Today', href: () => '/today' },
  { key: 'w', word: 'Walk', href: (site: string | null) => (site ? `/walk#${site}` : '/walk') },
  {
    key: 's',
    word: 'Scope',
    href: (site: string | null, first: string | null) =>
      (site ?? first) ? `/sites/${site ?? first}/scope` : '/sites/new',
  },
  { key: 'e', word: 'Selections', href: (site: string | null) => (site ? `/sites/${site}/selections` : '/selections') },
  { key: 'p', word: 'Plan', href: (site: string | null) => (site ? `/sites/${site}/plan` : '/plan') },
  { key: 'h', word: 'Share', href: (site: string | null) => (site ? `/sites/${site}/share` : '/share') },
] as const

/** The site that a path is about, or null on a page about all of them. */
export const siteOfPath = (path: string): string | null => {
  const id = /^\/sites\/([^/]+)/.exec(path)?.[1]
  return id && id !== 'new' ? id : null
}

export const verbOfPath = (path: string): string =>
  capital(/(today|walk|scope|selections|plan|share)/.exec(path.replace(/^\/sites\/[^/]+/, ''))?.[1] ?? '')
