import { CategoryScale, Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js'
import { Line } from 'react-chartjs-2'
import { inPageFont } from './chartFont'

Chart.register(LineElement, PointElement, CategoryScale, LinearScale, Tooltip)

interface Tenth {
  readonly share: number
  readonly day: string
}

/** By which day how many of ten ways the work may go are done. */
export function FinishCurve({ tenths }: { readonly tenths: readonly Tenth[] }) {
  inPageFont()
  return (
    <Line
      role="img"
      aria-label={tenths.map(({ share, day }) => `${share / 10} of 10 by ${day}`).join(', ')}
      data={{
        labels: tenths.map(({ day }) => day),
        datasets: [
          {
            label: 'of 10 done',
            data: tenths.map(({ share }) => share / 10),
            borderColor: '#2f6f6a',
            backgroundColor: tenths.map(({ share }) => (share === 80 ? '#a5391f' : '#2f6f6a')),
            pointRadius: tenths.map(({ share }) => (share === 80 ? 6 : 3)),
          },
        ],
      }}
      options={{ animation: false, scales: { y: { min: 0, max: 10, title: { display: true, text: 'of ten ways' } } } }}
    />
  )
}
