import { launch, openPage, DESK, PHONE } from './tests/browser/harness'
import { siteIdOf } from './src/demo/ids'
const app = { origin: 'http://localhost:4801', folder: '', stop: async () => {} }
const b = await launch()
const shots = process.argv.slice(2)
for (const s of shots) {
  const [name, path, size = 'desk', sel] = s.split('|')
  const page = await openPage(b, app as never, size === 'desk' ? DESK : PHONE, 'owner')
  await page.goto(app.origin + path!.replace('BAKE', siteIdOf('bakehouse')).replace('HERON', siteIdOf('heron')), { waitUntil: 'networkidle0' })
  if (sel) { const e = await page.$(sel); if (e) await e.scrollIntoView(); await new Promise(r => setTimeout(r, 300)) }
  await page.screenshot({ path: `/tmp/drv/${name}.png`, fullPage: size === 'full' || size === 'phonefull' })
  await page.close()
}
await b.close()
