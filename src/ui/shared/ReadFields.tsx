import { useId, type ComponentProps, type ReactNode } from 'react'
import FormCheckInput from 'react-bootstrap/FormCheckInput'
import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import { useFormContext } from 'react-hook-form'
import { useWrong } from './ReadForm'

interface FieldProps {
  readonly name: string
  readonly label: ReactNode
}

/** How a field of a read form is bound, and what is said below it where it cannot be read. */
function useField(name: string, onChosen?: (value: string) => void) {
  const { register } = useFormContext()
  const wrong = useWrong(name)
  const id = useId()
  return {
    bound: {
      ...register(name, { onChange: ({ target }: { target: { value: string } }) => onChosen?.(target.value) }),
      isInvalid: wrong !== undefined,
      'aria-invalid': wrong ? true : undefined,
      'aria-describedby': wrong ? id : undefined,
    } as const,
    below: wrong && (
      <p id={id} role="alert" className="notice notice-error">
        {wrong}
      </p>
    ),
  }
}

/** A field of words in a read form; with rows a larger one. */
export function ReadWords({
  name,
  label,
  rows,
  ...control
}: FieldProps & { readonly rows?: number } & Omit<ComponentProps<typeof FormControl>, 'name'>) {
  const { bound, below } = useField(name)
  return (
    <>
      <FormLabel>
        {label}
        <FormControl autoComplete="off" {...(rows ? { as: 'textarea', rows } : {})} {...control} {...bound} />
      </FormLabel>
      {below}
    </>
  )
}

/** A choice in a read form. */
export function ReadChoice({
  name,
  label,
  children,
  onChosen,
  ...control
}: FieldProps & { readonly onChosen?: (value: string) => void } & Omit<ComponentProps<typeof FormSelect>, 'name'>) {
  const { bound, below } = useField(name, onChosen)
  return (
    <>
      <FormLabel>
        {label}
        <FormSelect {...control} {...bound}>
          {children}
        </FormSelect>
      </FormLabel>
      {below}
    </>
  )
}

/** A tick in a read form. */
export function ReadTick({
  name,
  label,
  className,
  ...input
}: FieldProps & Omit<ComponentProps<typeof FormCheckInput>, 'name' | 'type'>) {
  const { register } = useFormContext()
  return (
    <FormLabel className={className}>
      <FormCheckInput type="checkbox" {...input} {...register(name)} /> {label}
    </FormLabel>
  )
}
