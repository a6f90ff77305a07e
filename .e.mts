import Database from 'better-sqlite3'
import { launch, DESK, PHONE } from './tests/browser/harness'
const db = new Database('/tmp/drv/demo/aftermist.sqlite', { readonly: true })
const bodies = (db.prepare("SELECT body FROM message WHERE body LIKE '%/for/trade/%' ORDER BY written_at DESC").all() as any[]).map((b) => /http\S+\/for\/trade\/\S+/.exec(b.body)![0])
const b = await launch()
const page = await b.newPage(); await page.setViewport(PHONE)
let found = 0
for (const url of bodies) {
  const u = url.replace(/http:\/\/[^/]+/, 'http://localhost:4801')
  await page.goto(u, { waitUntil: 'load' })
  const n = await page.$$eval('.photos img', (x) => x.length)
  const can = await page.$$eval('button[value=confirm]', (x) => x.length)
  if (n > 0) { console.log(u, n, can); await page.screenshot({ path: '/tmp/t1.png', fullPage: true }); if (++found >= 1) break }
}
await b.close(); process.exit(0)
