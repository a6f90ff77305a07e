import { Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js'
import { Line } from 'react-chartjs-2'
import { inPageFont } from './chartFont'
import type { Tenth } from './types'

Chart.register(LineElement, PointElement, LinearScale, Tooltip)

/** By which day how many of ten ways the work may go are done. */
export function FinishCurve({ tenths }: { readonly tenths: readonly Tenth[] }) {
  inPageFont()
  return (
    <Line
      role="img"
      aria-label={tenths.map(({ share, day }) => `${share / 10} of 10 by ${day}`).join(', ')}
      data={{
        datasets: [
          {
            label: 'of 10 done',
            data: tenths.map(({ share, after }) => ({ x: after, y: share / 10 })),
            borderColor: '#2f6f6a',
            backgroundColor: tenths.map(({ share }) => (share === 80 ? '#a5391f' : '#2f6f6a')),
            pointRadius: tenths.map(({ share }) => (share === 80 ? 6 : 3)),
          },
        ],
      }}
      options={{
        animation: false,
        scales: {
          x: { type: 'linear', title: { display: true, text: 'days from today' } },
          y: { min: 0, max: 10, title: { display: true, text: 'of ten ways' } },
        },
      }}
    />
  )
}
