/** Rooms that give a household its kitchen and its bathroom, by what they are called. */
export const SERVICE_ROOMS = {
  kitchen: /kitchen/i,
  bathroom: /\bbath|shower|toilet|\bwc\b|washroom|powder|\ben ?suite\b/i,
} as const
