/** Where somebody looks at a visit in the plan of its site. */
export const visitHref = (siteId: string, key: string): string =>
  `/sites/${siteId}/plan?visit=${encodeURIComponent(key)}`
