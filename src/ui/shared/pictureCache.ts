/** Where the service worker keeps pictures of the sites. */
export const PICTURE_CACHE = 'pictures'
