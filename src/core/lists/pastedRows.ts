/** Rows of a spreadsheet as they come by copy and paste: cells parted by tabs, or by commas or semicolons where a file was
 * copied. Empty rows are left out, and so is a head that only names the columns.
 * @param heads what a first cell is called where it is a head
 * @returns null where it is one cell alone, which is meant to be typed */
export function pastedRows(text: string, heads: readonly string[]): readonly (readonly string[])[] | null {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '')
  const part = ['\t', ';', ','].find((sign) => lines.some((line) => line.includes(sign)))
  if (lines.length < 2 && part !== '\t') return null
  const rows = lines.map((line) => (part ? line.split(part) : [line]).map((cell) => cell.trim().replace(/^"|"$/g, '')))
  return heads.includes(rows[0]![0]!.toLowerCase()) ? rows.slice(1) : rows
}
