import type { ComponentProps } from 'react'
import Form from 'react-bootstrap/Form'

/** A field of a form that is checked as it is sent: its label, and below it what is wrong and how to mend it.
 * @param control what is registered with the form, and how it is typed */
export const TextField = ({
  id,
  label,
  wrong,
  ...control
}: { readonly id: string; readonly label: string; readonly wrong: string | undefined } & Omit<
  ComponentProps<typeof Form.Control>,
  'id'
>) => (
  <Form.Group controlId={id}>
    <Form.Label>{label}</Form.Label>
    <Form.Control autoComplete="off" isInvalid={wrong !== undefined} {...control} />
    <Form.Control.Feedback type="invalid">{wrong}</Form.Control.Feedback>
  </Form.Group>
)
