import type { Units } from '../../../measure/length'
import { readNumber } from '../../../measure/spokenNumber'
import type { Says } from '../cue'
import { figuresIn } from '../figures'

/** How deep a board is that is called by its sawn size, in inches: the usual dressed sizes. */
const DRESSED: Readonly<Record<number, string>> = { 4: '3 1/2', 6: '5 1/2', 8: '7 1/4', 10: '9 1/4', 12: '11 1/4' }

/** 'Two by ten for thirty eight foot and two by eight for twenty four foot': boards by their depths, and the eave is all of
 * them. Returns how many figures it took. */
function eaveBoards(typed: Record<string, string>, norm: string): number {
  const words = norm.split(' ')
  const runs = words.flatMap((word, at) => {
    if (!/^(?:one|two|1|2)$/.test(word) || words[at + 1] !== 'by') return []
    const deep = readNumber(words, at + 2)
    const long =
      deep && /^(?:for|over|along|at)$/.test(words[deep.next] ?? '') ? readNumber(words, deep.next + 1) : null
    return deep && long && DRESSED[deep.value] && /^(?:foot|feet|ft)$/.test(words[long.next] ?? '')
      ? [{ long: long.value, deep: DRESSED[deep.value]! }]
      : []
  })
  if (runs.length === 0) return 0
  typed.boards = runs.map(({ long, deep }) => `${long} ft x ${deep} in`).join(', ')
  typed.eave = `${runs.reduce((sum, { long }) => sum + long, 0)} ft`
  delete typed.depth
  delete typed.rake
  return runs.length * 3
}

/** 'The shed is 2.4 by 3.0, walls 2.0 high, two gable ends with rakes of 1.35': its base all round, four corners, two rakes a
 * gable. Returns how many figures it took. */
function outbuildingTrim(typed: Record<string, string>, norm: string, units: Units): number {
  if (!/\b(?:shed|hut|cabin|outbuilding|garage|coop|playhouse)\b.* by\b/.test(norm)) return 0
  const words = norm.split(' ')
  const figures = figuresIn(words, units)
  const at = figures.findIndex(
    ({ by, start }) => by && !/\bwindows?\b/.test(words.slice(Math.max(0, start - 2), start).join(' ')),
  )
  const [long, wide] = figures.slice(at)
  if (at < 0 || !long || !wide) return 0
  const unit = units === 'imperial' ? 'ft' : 'm'
  const rake = figures.find(({ start }) => /\brakes?(?: of| are)?$/.test(words.slice(0, start).join(' ')))
  typed.runs = [2 * (long.low + wide.low), ...(rake ? Array<number>(4).fill(rake.low) : [])]
    .map((run) => `${Number(run.toFixed(3))} ${unit}`)
    .join(', ')
  typed.corners ??= '4'
  const openings = typed.windows?.split(', ').filter((one) => !one.startsWith(`${long.low} ${unit} x`)) ?? []
  if (openings.length > 0) typed.windows = openings.join(', ')
  else delete typed.windows
  return rake ? 3 : 2
}

export const ENVELOPE_SAYS: Readonly<Record<string, Says>> = {
  'boundary-work': {
    cue: /\b(?:neighbou?rs?|next door|their)\b.*\b(?:side|yard|wall|garden|land)\b/,
    near: { long: /long|of our side/, tall: /high|tall/, rate: /a coat a day|a day|square/, coats: /coats?/ },
    bare: ['long'],
    tells: { leave: /\bleave (?:from|of|by) (.+?)(?: ,|$)/ },
    least: ['long'],
  },
  'face-area': {
    cue: /\b(?:gables?|render(?:ed)?|columns?|face|elevation|(?:side|front|rear|end|garden|street) wall|(?:wall|side|face) (?:is|measures)|apron)\b|\b(?:veneer|stone|brick|slips|cladding)\b.*\bfaces\b/,
    not: /\b(?:sheets? of|exposure|trim|sheath|tiles?|studs?)\b/,
    near: {
      gableBase: /base/,
      pitch: /pitch/,
      rise: /rise/,
      gables: /gables?/,
      overhang: /overhang|along the slope/,
      columns: /(?:rear |front |side )*columns?/,
      around: /round|around/,
      columnTall: /high|tall/,
      more: /waste|more/,
      wallLong: /long|wide/,
      wallTall: /high|tall/,
      front: /front/,
      sides: /sides?/,
    },
    lists: { openings: /\b(?:openings?|doors?|windows?|garage door)\b/, walls: /./ },
    least: ['walls', 'gableBase', 'columns'],
    instead: ['selection'],
    then(typed) {
      const tall = typed.wallTall ?? (typed.columns ? undefined : typed.columnTall)
      // Three faces: 'front three foot six, sides two foot four, nineteen foot tall'.
      if (typed.front && typed.sides && tall) typed.walls = `${typed.front} x ${tall}, 2 x ${typed.sides} x ${tall}`
      if (typed.walls !== undefined || !typed.wallLong || !tall) return
      typed.walls = `${typed.wallLong} x ${tall}`
      if (!typed.columns) delete typed.columnTall
    },
  },
  'face-siding': {
    cue: /\bexposure\b/,
    near: { height: /high|tall|wall/, exposure: /exposure/, board: /boards?/ },
    least: ['exposure'],
  },
  'panel-siding': {
    cue: /\b(?:sheets?|panels?|boards?)\b.*\b(?:upright|vertical|of (?:four|4|three|3|1|1\.2|1200))\b|\b(?:upright|vertical)\b.*\b(?:sheets?|panels?|boards?)\b/,
    near: { wide: /wide/, tall: /high|tall/, piece: /sheets? of|panels? of|boards? of/ },
    least: ['wide', 'tall'],
    instead: ['selection'],
  },
  sheathing: {
    cue: /\bsheath(?:e|ing|ed)?\b/,
    near: { walls: /to sheathe|sheathing|walls?/, gables: /gables?/ },
    tells: { what: /\bto sheathe (?:at|on|of) (.+?)(?: ,|$)/ },
    least: ['walls'],
  },
  sealant: {
    cue: /\bjoints?\b.*\b(?:seal|sealed|sealant|caulk\w*)\b|\b(?:seal|sealant|caulk\w*)\b.*\b(?:joints?|gaps?)\b|\b(?:foot|feet|metres?) of joints\b/,
    near: { joint: /joints?|long|of/ },
    sides: [['width', 'depth']],
    tells: { what: /^[a-z0-9 -]+ (?:foot|feet|metres?) of (joints)\b/ },
    bare: ['joint'],
    least: ['joint'],
    instead: ['work'],
  },
  'face-trim': {
    cue: /\btrim\b/,
    not: /\b(?:edge|tile|niche|metal) trim\b|\b(?:niche|decision|decide)\b/,
    near: { face: /face|wide/, stock: /sticks?|lengths?/, corners: /corners?/, cornerHeight: /high/ },
    lists: { doors: /\bdoors?\b/, windows: /./ },
    means: { joint: [[/\bmitred|mitered\b/, 'mitred']] },
    least: ['windows', 'doors', 'corners'],
    instead: ['selection'],
    then: (typed, norm, units) => outbuildingTrim(typed, norm, units),
  },
  fascia: {
    cue: /\b(?:fascia|soffits?|eaves?)\b/,
    not: /\b(?:rotten|rot|painted last|stays?|headroom)\b/,
    near: {
      eave: /eaves?|long|soffit/,
      rake: /rakes?/,
      depth: /deep|depth/,
      attic: /attic/,
      product: /a foot|square inches|product|a metre/,
      overlay: /overlay|laid over/,
      underMetal: /metal/,
    },
    sides: [['eave', 'depth']],
    least: ['eave', 'overlay', 'rake'],
    instead: ['selection', 'work', 'keep'],
    then: (typed, norm) => eaveBoards(typed, norm),
  },
  barrier: {
    cue: /\b(?:house ?wrap|wrap|weather barrier|membrane)\b/,
    tells: { what: /^(?:the )?(.+?) (?:has|have|is|are|stands?|stood|was)\b.*\bbare\b/ },
    near: { limit: /days?|may stay|allows?/ },
    day: 'since',
    least: ['walls', 'since'],
    instead: ['found', 'progress'],
    then: (typed, norm) => {
      // 'The wrap goes on Friday' tells of no day that it stands bare since.
      if (!/\bsince\b/.test(norm)) delete typed.since
    },
  },
  'weather-cover': {
    cue: /\b(?:an?|the|one|with a) (?:big |blue |new )?(?:tarps?|tarpaulin)\b|^tarp over\b|(?<!dust )\bsheet (?:is over|hangs|hung|over)\b|\b(?:hung|put|taped|pinned|nailed) (?:up )?(?:a|the) (?:sheet|tarp|tarpaulin)\b/,
    not: /^if\b|\bif it (?:rains|blows|storms)\b/,
    instead: ['keep', 'work'],
    near: { beyond: /beyond|past|overlap|lap/, width: /wide/, height: /high|deep/ },
    sides: [['width', 'height']],
    tells: {
      until: /\b(?:until|till) (.+?)(?: ,|$)/,
      what: /\bcame in (?:at|through|by) (.+?)(?: ,|$)|\b(?:over|covers|on) (.+?)(?: ,|$)/,
    },
  },
  masonry: {
    cue: /\b(?:repoint(?:ing|ed)?|pointing|rake(?:d)?)\b/,
    near: {
      wall: /wall|brick/,
      rate: /(?:foot |feet |metres? )?an hour/,
      hands: /masons?|hands/,
      day: /hours a day|hours/,
      joint: /joint/,
    },
    tells: { mortar: /\b(lime [a-z ]+|(?:nhl|hydraulic) [a-z ]+?)(?: ,|$)/ },
    least: ['wall'],
  },
}
