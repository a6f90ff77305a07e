import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Page } from 'puppeteer-core'
import { until } from './harness'

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

/** What of a page somebody cannot use, by rule and place. Whether words can be read against what is behind them is nine
 * tenths of the work: it is asked once of every look on the page, not once of every word. */
export async function violations(page: Page): Promise<string[]> {
  await until(page, () => document.readyState === 'complete')
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE)
  return page.evaluate(async () => {
    const behind = new Map<Element, string>()
    const looks = new Set<string>()
    for (const element of document.querySelectorAll('body, body *')) {
      const style = getComputedStyle(element)
      const above = element.parentElement ? (behind.get(element.parentElement) ?? '') : ''
      const paints = style.backgroundColor !== 'rgba(0, 0, 0, 0)' || style.backgroundImage !== 'none'
      // What is laid over others may stand on any of them.
      const over = style.position === 'absolute' || style.position === 'fixed' ? element.className : ''
      const own =
        paints || style.opacity !== '1' || over
          ? `${above}|${style.backgroundColor} ${style.backgroundImage} ${style.opacity} ${over}`
          : above
      behind.set(element, own)
      const words = element.matches('input, select, textarea') || [...element.childNodes].some(isWords)
      if (!words || !element.checkVisibility({ visibilityProperty: true })) continue
      const off = element.closest(':disabled, [aria-disabled=true]') !== null
      const look = [own, style.color, style.fontSize, style.fontWeight, style.textShadow, off].join(';')
      element.toggleAttribute('data-look', !looks.has(look))
      looks.add(look)
    }
    function isWords(node: Node): boolean {
      return node.nodeType === Node.TEXT_NODE && node.textContent!.trim() !== ''
    }
    const { axe } = window as unknown as { axe: typeof import('axe-core') }
    axe.configure({ rules: [{ id: 'color-contrast', selector: '[data-look]' }] })
    const found = await axe.run(document, { resultTypes: ['violations'], preload: false })
    return found.violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map(({ target }) => target.join(' '))
          .slice(0, 3)
          .join(' | ')}`,
    )
  })
}
