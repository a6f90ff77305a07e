import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { BUILD_ORDER } from '../../core/scope/vocabulary'

const theme = readFileSync(new URL('./theme.scss', import.meta.url), 'utf8')

/** Contrast of white on a colour (WCAG 2.2). */
function contrastWithWhite(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const c = Number.parseInt(hex.slice(at, at + 2), 16) / 255
    return c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
  }) as [number, number, number]
  return 1.05 / (0.2126 * r + 0.7152 * g + 0.0722 * b + 0.05)
}

test.each(BUILD_ORDER)('the hue of %s carries white words', (stage) => {
  const hue = new RegExp(`--stage-${stage}: (#[0-9a-f]{6});`).exec(theme)?.[1]
  expect(hue).toBeDefined()
  expect(contrastWithWhite(hue!)).toBeGreaterThan(4.5)
})
