import { rename, writeFile } from 'node:fs/promises'

/** Writes beside and renames, so that a half-written file is never found under its name. */
export async function writeWhole(file: string, bytes: Buffer): Promise<void> {
  await writeFile(`${file}.part`, bytes)
  await rename(`${file}.part`, file)
}
