import { serveFolder, launch, openPage, DESK, PHONE } from '/work/main/tests/browser/harness'
const [, , out, role, size, ...paths] = process.argv
const app = await serveFolder('/work/main/.demo', true)
const b = await launch()
const page = await openPage(b, app, size === 'phone' ? PHONE : DESK, role as any)
page.on('console', (m) => {
  if (m.type() === 'error') console.log('console:', m.text())
})
page.on('pageerror', (e: any) => console.log('pageerror:', e.message))
let i = 0
for (const p of paths) {
  await page.goto(app.origin + p, { waitUntil: 'load' })
  await new Promise((r) => setTimeout(r, 1200))
  await page.screenshot({ path: `/tmp/${out}${i++}.png` as any })
  console.log(page.url().replace(app.origin, ''))
}
await b.close()
await app.stop()
