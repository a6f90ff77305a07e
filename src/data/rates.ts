import type { RateKey, RateOverrides } from '../core/scope/rates'
import type { Db } from './database'

export const readRates = (db: Db): RateOverrides =>
  Object.fromEntries(
    (db.prepare('SELECT key, hours FROM rate').all() as { key: string; hours: number }[]).map((r) => [r.key, r.hours]),
  )

export function saveRate(db: Db, key: RateKey, hours: number | null): void {
  if (hours === null) db.prepare('DELETE FROM rate WHERE key = ?').run(key)
  else
    db.prepare(
      'INSERT INTO rate (key, hours) VALUES (?, ?) ON CONFLICT (key) DO UPDATE SET hours = excluded.hours',
    ).run(key, hours)
}
