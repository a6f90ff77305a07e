import { ImpossibleRequest } from '../errors/impossibleRequest'

/** How far something is, as people say it: '31 of 34', '31/34', '60 %' or '60'.
 * @returns whole per cent, 0 to 100; what is not all of it is 99 at most
 * @throws ImpossibleRequest `how-far`, naming the mend */
export function howFar(text: string): number {
  const [, done, all] =
    /^\s*(\d+(?:[.,]\d+)?)\s*(?:(?:of|\/|out of)\s*(\d+(?:[.,]\d+)?)|%|per cent|percent)?\s*$/i.exec(text) ?? []
  const [part, whole] = [done, all ?? '100'].map((figure) => Number(figure?.replace(',', '.')))
  if (!(part! >= 0) || !(whole! > 0))
    throw new ImpossibleRequest('how-far', `"${text}" cannot be read. Write it like 31 of 34, or 60.`, 'howFar')
  if (part! > whole!)
    throw new ImpossibleRequest(
      'how-far',
      `${text}: that is more than all of it. Write it like 31 of 34, or 60.`,
      'howFar',
    )
  return part === whole ? 100 : Math.min(99, Math.round((100 * part!) / whole!))
}
