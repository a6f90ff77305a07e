import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js'
import { Bar } from 'react-chartjs-2'
import { inPageFont } from './chartFont'

Chart.register(BarElement, CategoryScale, LinearScale, Tooltip)

export interface Week {
  readonly week: string
  /** Days of a crew. */
  readonly planned: number
  readonly room: number
}

export function WeekBars({ weeks }: { readonly weeks: readonly Week[] }) {
  inPageFont()
  return (
    <Bar
      role="img"
      aria-label={`Days at work each week: ${weeks.map(({ week, planned, room }) => `${week} ${planned} of ${room}`).join(', ')}`}
      data={{
        labels: weeks.map(({ week }) => week),
        datasets: [
          { label: 'at work', data: weeks.map(({ planned }) => planned), backgroundColor: '#2f6f6a' },
          { label: 'could', data: weeks.map(({ room }) => room), backgroundColor: '#cfd8d5' },
        ],
      }}
      options={{ animation: false, scales: { y: { beginAtZero: true, title: { display: true, text: 'days' } } } }}
    />
  )
}
