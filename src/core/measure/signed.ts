/** What is printed of a figure, with a true minus, as feet and inches have it.
 * @example signed('-2') // => −2 */
export const signed = (printed: string | number): string => String(printed).replace('-', '−')
