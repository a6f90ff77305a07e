import type { Stage, Trade } from '../scope/vocabulary'

/** Trades that come for one thing. */
export const STAGE_OF_TRADE: Partial<Record<Trade, Stage>> = {
  roofer: 'roof',
  sider: 'cladding',
  'window-door': 'windows-doors',
  hvac: 'ducts',
  insulator: 'insulation',
  drywaller: 'board',
  plasterer: 'plaster',
  painter: 'paint',
  tiler: 'tile',
  flooring: 'flooring',
  'cabinet-maker': 'cabinets',
  countertop: 'countertops',
  railing: 'railing',
  mason: 'masonry',
  demolition: 'strip-out',
}
