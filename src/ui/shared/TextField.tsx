import type { ComponentProps } from 'react'
import Form from 'react-bootstrap/Form'

interface TextFieldProps extends Omit<ComponentProps<typeof Form.Control>, 'id'> {
  readonly id: string
  readonly label: string
  readonly hint?: string
  /** What is wrong, and how to mend it. */
  readonly wrong?: string | null | undefined
}

/** A field with its label, what helps to fill it in, and below it what is wrong.
 * @param control how it is typed and whom it tells */
export const TextField = ({ id, label, hint, wrong, ...control }: TextFieldProps) => (
  <Form.Group controlId={id}>
    <Form.Label>{label}</Form.Label>
    <Form.Control
      autoComplete="off"
      isInvalid={Boolean(wrong)}
      aria-invalid={wrong ? true : undefined}
      aria-describedby={[hint && `${id}-hint`, wrong && `${id}-wrong`].filter(Boolean).join(' ') || undefined}
      {...control}
    />
    {hint && <Form.Text id={`${id}-hint`}>{hint}</Form.Text>}
    <Form.Control.Feedback type="invalid" id={`${id}-wrong`}>
      {wrong}
    </Form.Control.Feedback>
  </Form.Group>
)
