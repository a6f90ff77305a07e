import { boolean, object } from 'yup'

/** Whether somebody or something is put away, or brought back. */
export const away = object({ away: boolean().required('Say whether it is put away or brought back.') })
