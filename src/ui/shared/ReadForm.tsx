import { useRef, type ReactNode } from 'react'
import Form, { type FormProps } from 'react-bootstrap/Form'
import {
  FormProvider,
  get,
  useForm,
  useFormState,
  type FieldErrors,
  type Resolver,
  type ResolverResult,
} from 'react-hook-form'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import type { Typed } from './typed'

interface ReadFormProps<T> extends Omit<FormProps, 'onSubmit' | 'children'> {
  /** What is made of the words.
   * @throws ImpossibleRequest whose `field` names what is missing or unreadable */
  readonly read: (typed: Typed) => T
  /** Keeps what was read; the form is emptied where it says so. */
  readonly onRead: (told: T) => Promise<boolean | void> | boolean | void
  readonly children: ReactNode
}

/** A form whose words core reads. What stands in it are fields by name (`useFormContext`); what cannot be read is told at its
 * field, or by `WhatIsWrong` where it has none. A second tap before the first is through keeps nothing twice. */
export function ReadForm<T>({ read, onRead, children, ...form }: ReadFormProps<T>) {
  const methods = useForm<Typed, unknown, { told: T }>({ resolver: resolverOf(read), shouldUnregister: true })
  const keeping = useRef(false)
  const keep = async ({ told }: { readonly told: T }): Promise<void> => {
    if (keeping.current) return
    keeping.current = true
    try {
      if (await onRead(told)) methods.reset()
    } catch (error) {
      if (!(error instanceof ImpossibleRequest)) throw error
      methods.setError('root', { message: error.message })
    } finally {
      keeping.current = false
    }
  }
  return (
    <FormProvider {...methods}>
      <Form noValidate {...form} onSubmit={(event) => void methods.handleSubmit(keep)(event)}>
        {children}
      </Form>
    </FormProvider>
  )
}

const resolverOf =
  <T,>(read: (typed: Typed) => T): Resolver<Typed, unknown, { told: T }> =>
  (typed, _context, { names }): ResolverResult<Typed, { told: T }> => {
    try {
      return { values: { told: read(typed) }, errors: {} }
    } catch (error) {
      if (!(error instanceof ImpossibleRequest)) throw error
      const at = error.field !== undefined && names?.includes(error.field) ? error.field : 'root'
      return { values: {}, errors: { [at]: { type: error.code, message: error.message } } as FieldErrors<Typed> }
    }
  }

/** What is wrong with the form as a whole, told at once. */
export function WhatIsWrong() {
  const { root } = useFormState().errors
  return <div aria-live="assertive">{root?.message && <p className="notice notice-error">{root.message}</p>}</div>
}

/** What is wrong with one field of the form, or nothing. */
export const useWrong = (name: string): string | undefined =>
  (get(useFormState().errors, name) as { readonly message?: string } | undefined)?.message
