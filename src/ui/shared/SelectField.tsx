import type { ComponentProps } from 'react'
import Form from 'react-bootstrap/Form'

interface SelectFieldProps extends Omit<ComponentProps<typeof Form.Select>, 'id'> {
  readonly id: string
  readonly label: string
  /** What is wrong, and how to mend it. */
  readonly wrong?: string | null | undefined
}

/** A choice with its label, and below it what is wrong.
 * @param control its options and whom it tells */
export const SelectField = ({ id, label, wrong, ...control }: SelectFieldProps) => (
  <Form.Group controlId={id}>
    <Form.Label>{label}</Form.Label>
    <Form.Select
      isInvalid={Boolean(wrong)}
      aria-invalid={wrong ? true : undefined}
      aria-describedby={wrong ? `${id}-wrong` : undefined}
      {...control}
    />
    <Form.Control.Feedback type="invalid" id={`${id}-wrong`}>
      {wrong}
    </Form.Control.Feedback>
  </Form.Group>
)
