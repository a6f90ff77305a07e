import { expect, test } from 'vitest'
import { fontFile, unpacked } from '../../src/server/paper/fontFile'

test('a font is laid open once: its tables stand where its list says, at whole words, and read as a font', () => {
  const font = fontFile('latin', 400)
  expect(fontFile('latin', 400)).toBe(font)
  expect(font.readUInt32BE(0)).toBe(0x00010000)
  const tables = Array.from({ length: font.readUInt16BE(4) }, (_, i) => {
    const at = 12 + 16 * i
    return {
      tag: font.toString('latin1', at, at + 4),
      from: font.readUInt32BE(at + 8),
      length: font.readUInt32BE(at + 12),
    }
  })
  expect(tables.map(({ tag }) => tag)).toEqual(expect.arrayContaining(['cmap', 'glyf', 'head', 'hmtx', 'loca']))
  expect(tables.filter(({ from, length }) => from % 4 !== 0 || from + length > font.length)).toEqual([])
  const head = tables.find(({ tag }) => tag === 'head')!
  // The mark by which a head table is known.
  expect(font.readUInt32BE(head.from + 12)).toBe(0x5f0f3cf5)
})

test('a table that was not packed is taken as it is', () => {
  const woff = Buffer.alloc(44 + 20 + 5)
  woff.write('wOFF\0\x01\0\0', 0, 'latin1')
  woff.writeUInt16BE(1, 12)
  woff.write('name', 44, 'latin1')
  woff.writeUInt32BE(64, 48)
  woff.writeUInt32BE(5, 52)
  woff.writeUInt32BE(5, 56)
  woff.write('hello', 64, 'latin1')
  const font = unpacked(woff)
  expect(font.toString('latin1', 28, 33)).toBe('hello')
  expect(font.length).toBe(36)
})
