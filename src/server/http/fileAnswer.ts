/** A file to be kept: nobody on the way keeps a copy. */
export const fileAnswer = (content: Uint8Array | string, type: string, name: string): Response =>
  new Response(typeof content === 'string' ? content : new Uint8Array(content), {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  })

/** What a site is called in the name of a file: `bakehouse-lane` */
export const fileName = (site: string): string => site.toLowerCase().replace(/[^a-z0-9]+/g, '-')
