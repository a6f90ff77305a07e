import sharp from 'sharp'
import type { Scene } from './story'

const WALL: Record<Scene['wall'], string> = {
  old: '#c9b79a',
  stripped: '#a98d74',
  framed: '#8f8a80',
  wired: '#8f8a80',
  insulated: '#d8a9a9',
  boarded: '#d9d6ce',
  painted: '#e8e3d3',
}
const FLOOR: Record<Scene['floor'], string> = { boards: '#a77f54', dust: '#b8ab96', open: '#5a4c3e', slab: '#9b9a96' }
const W = 1200
const H = 900

/** Draws a room as a photo would show it: wall, floor, window and what stands in the wall. */
export async function drawScene(scene: Scene, label: string): Promise<Buffer> {
  const studs = ['framed', 'wired', 'insulated'].includes(scene.wall)
    ? Array.from(
        { length: 9 },
        (_, i) => `<rect x="${90 + i * 125}" y="60" width="22" height="520" fill="#c79a5c"/>`,
      ).join('')
    : ''
  const wires =
    scene.wall === 'wired'
      ? '<path d="M120 400 C 400 360 700 430 1080 380 M480 400 V560" stroke="#e6c94c" stroke-width="7" fill="none"/><rect x="455" y="500" width="50" height="60" fill="#4766a8"/>'
      : ''
  const lath =
    scene.wall === 'stripped'
      ? Array.from(
          { length: 13 },
          (_, i) => `<rect x="0" y="${70 + i * 38}" width="${W}" height="14" fill="#8a6f57" opacity="0.6"/>`,
        ).join('')
      : ''
  const window = scene.window
    ? '<rect x="820" y="130" width="230" height="260" fill="#dcecf2" stroke="#5d564b" stroke-width="14"/><path d="M935 130 V390 M820 260 H1050" stroke="#5d564b" stroke-width="8"/>'
    : ''
  const beam = scene.beam
    ? '<rect x="0" y="40" width="1200" height="62" fill="#585e66"/><rect x="0" y="40" width="1200" height="8" fill="#7a828c"/><rect x="210" y="100" width="26" height="480" fill="#b9603a"/><rect x="960" y="100" width="26" height="480" fill="#b9603a"/>'
    : ''
  const hole =
    scene.floor === 'open'
      ? '<path d="M300 900 L520 620 H640 L560 900Z" fill="#2d2620"/><path d="M400 900 L560 630" stroke="#d98a3c" stroke-width="22"/>'
      : ''
  // Every photo differs in a few points of dust, as real ones would: the label is their seed.
  const dust = Array.from(
    { length: 26 },
    (_, i) =>
      `<circle cx="${hash(label, i) % W}" cy="${600 + (hash(label, i + 99) % 280)}" r="${3 + (hash(label, i + 7) % 6)}" fill="#6b6256" opacity="0.35"/>`,
  ).join('')
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${W}" height="${H}">
    <rect width="${W}" height="600" fill="${WALL[scene.wall]}"/>${lath}${studs}${wires}${window}${beam}
    <path d="M0 580 H${W} V${H} H0Z" fill="${FLOOR[scene.floor]}"/>${hole}${dust}
  </svg>`
  return sharp(Buffer.from(svg)).jpeg({ quality: 80 }).toBuffer()
}

/** Draws places as boxes of their sizes, side by side in rows, as a plain plan. */
export async function drawPlan(places: readonly { readonly name: string; readonly size: string }[]): Promise<Buffer> {
  const scale = 110
  let x = 40
  let y = 40
  let deep = 0
  const boxes = places.map(({ name, size }) => {
    const [wide, long] = size.split(' x ').map(Number) as [number, number]
    if (x + wide * scale > W - 40) {
      x = 40
      y += deep
      deep = 0
    }
    const box = `<rect x="${x}" y="${y}" width="${wide * scale}" height="${long * scale}" fill="none" stroke="#24353d" stroke-width="8"/>
      <text x="${x + 16}" y="${y + 44}" font-family="sans-serif" font-size="28">${name}</text>
      <text x="${x + 16}" y="${y + 80}" font-family="sans-serif" font-size="22">${wide} × ${long}</text>`
    x += wide * scale
    deep = Math.max(deep, long * scale)
    return box
  })
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${W}" height="${y + deep + 40}"><rect width="100%" height="100%" fill="#fff"/>${boxes.join('')}</svg>`
  return sharp(Buffer.from(svg)).png().toBuffer()
}

function hash(text: string, salt: number): number {
  let value = 2166136261 ^ salt
  for (const letter of text) value = Math.imul(value ^ letter.charCodeAt(0), 16777619)
  return (value >>> 0) % 9973
}
