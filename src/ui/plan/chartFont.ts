import { Chart } from 'chart.js'

/** Charts draw on a canvas and ignore the page's font until they are told. */
export function inPageFont(): void {
  Chart.defaults.font.family = getComputedStyle(document.body).fontFamily
  Chart.defaults.color = getComputedStyle(document.body).color
}
