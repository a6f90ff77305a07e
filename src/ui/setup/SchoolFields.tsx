import Col from 'react-bootstrap/Col'
import Form from 'react-bootstrap/Form'
import Row from 'react-bootstrap/Row'
import { whatFollows } from '@/core/reckoning/schoolWork'
import { SCHOOLS, wayOf, type SchoolId, type Schools } from '@/core/sequence/schools'
import { Fold } from '../shared/Fold'

/** Where good practitioners differ: how this site does it, and why. Order, quantities and hours follow. */
export function SchoolFields({
  schools,
  onChange,
}: {
  readonly schools: Schools
  readonly onChange: (schools: Schools) => void
}) {
  return (
    <Fold open={Object.keys(schools).length > 0} title="How this site does it, where good practice differs">
      <Row xs={1} lg={2} className="gx-4">
        {(Object.keys(SCHOOLS) as SchoolId[]).map((id) => {
          const { question, ways } = SCHOOLS[id]
          const way = wayOf(schools, id)
          const why = schools[id]?.why ?? ''
          const follows = whatFollows(id, way)
          return (
            <Col as="fieldset" key={id} className="my-2">
              <Form.Label className="d-block">
                {question}
                <Form.Select
                  value={way}
                  onChange={(event) => onChange({ ...schools, [id]: { way: event.target.value, why } })}
                >
                  {Object.entries(ways).map(([key, words]) => (
                    <option key={key} value={key}>
                      {words}
                    </option>
                  ))}
                </Form.Select>
              </Form.Label>
              {schools[id] && (
                <p className="small soft mb-1">
                  {follows.length > 0
                    ? `What follows: ${follows.join(' ')}`
                    : 'Quantities and order stay; it tells everybody how the work is done.'}
                </p>
              )}
              {schools[id] && (
                <Form.Label className="d-block soft">
                  Why, on this site
                  <Form.Control
                    aria-label={`Why: ${question}`}
                    value={why}
                    onChange={(event) => onChange({ ...schools, [id]: { way, why: event.target.value } })}
                  />
                </Form.Label>
              )}
            </Col>
          )
        })}
      </Row>
    </Fold>
  )
}
