import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { inflateSync } from 'node:zlib'

const opened = new Map<string, Buffer>()

/** A font file of the app, its tables laid open once a process: packed, a PDF would unpack one of them for every letter. */
export function fontFile(subset: 'latin' | 'latin-ext', weight: 400 | 700): Buffer {
  const name = `atkinson-hyperlegible-${subset}-${weight}-normal.woff`
  const known = opened.get(name)
  if (known) return known
  const packed = readFileSync(
    resolve(/* turbopackIgnore: true */ process.cwd(), `node_modules/@fontsource/atkinson-hyperlegible/files/${name}`),
  )
  const font = unpacked(packed)
  opened.set(name, font)
  return font
}

/** The font in a WOFF file. Source: W3C, WOFF File Format 1.0, sections 3 to 5. */
export function unpacked(woff: Buffer): Buffer {
  const count = woff.readUInt16BE(12)
  const steps = Math.floor(Math.log2(count))
  const header = Buffer.alloc(12 + 16 * count)
  woff.copy(header, 0, 4, 8)
  header.writeUInt16BE(count, 4)
  header.writeUInt16BE(2 ** steps * 16, 6)
  header.writeUInt16BE(steps, 8)
  header.writeUInt16BE((count - 2 ** steps) * 16, 10)
  const parts = [header]
  let end = header.length
  for (let i = 0; i < count; i++) {
    const entry = woff.subarray(44 + 20 * i, 64 + 20 * i)
    const [from, packed, length] = [entry.readUInt32BE(4), entry.readUInt32BE(8), entry.readUInt32BE(12)]
    const data = woff.subarray(from, from + packed)
    const table = Buffer.alloc(Math.ceil(length / 4) * 4)
    ;(packed < length ? inflateSync(data) : data).copy(table)
    const at = 12 + 16 * i
    entry.copy(header, at, 0, 4)
    entry.copy(header, at + 4, 16, 20)
    header.writeUInt32BE(end, at + 8)
    header.writeUInt32BE(length, at + 12)
    parts.push(table)
    end += table.length
  }
  return Buffer.concat(parts)
}
