import Table from 'react-bootstrap/Table'

interface DoorLogProps {
  readonly entries: readonly {
    readonly id: number
    readonly when: string
    readonly what: string
    readonly who: string
    readonly detail: string
  }[]
  /** Where to read on from; null at the end. */
  readonly more: number | null
}

/** Who came in by which door, and what left the house. */
export function DoorLog({ entries, more }: DoorLogProps) {
  return (
    <>
      <h1>Who came in, what left</h1>
      <Table responsive>
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">What</th>
            <th scope="col">Who</th>
            <th scope="col">More</th>
          </tr>
        </thead>
        <tbody>
          {entries.map(({ id, when, what, who, detail }) => (
            <tr key={id}>
              <td>{when}</td>
              <td>{what}</td>
              <td>{who}</td>
              <td className="text-break">{detail}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      {more !== null && <a href={`/settings/log?before=${more}`}>Earlier</a>}
    </>
  )
}
