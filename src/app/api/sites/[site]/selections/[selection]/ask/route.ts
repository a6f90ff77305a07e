import { route } from '@/server/http/route'
import { askSupplier } from '@/server/selections/askSupplier'

export const POST = route((context, { site, selection }) => askSupplier(context, site!, selection!))
