import { simulatedSupplier, type SupplierAnswer } from '../../devices/supplier/simulatedSupplier'
import { readFirm } from '../../data/firm'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { recordFacts } from '../walk/recordFacts'

/** Asks when an order arrives, and keeps the day that is answered.
 * @throws Refusal where it is not ordered, or where no supplier's desk is connected */
export function askSupplier(context: Context, siteId: string, selectionId: string): SupplierAnswer {
  context.requireLead()
  if (!readFirm(context.db)?.demo)
    throw new Refusal(409, 'No supplier’s desk is connected; the simulated one answers in the demo alone.')
  const site = context.site(siteId)
  const selection = context.record(site).selections.find((one) => one.id === selectionId)
  if (!selection) throw new Refusal(404, 'There is no such selection on this site.')
  if (selection.state !== 'ordered')
    throw new Refusal(409, `${selection.what}: it is not ordered, so nobody can say when it arrives.`)
  const answer = simulatedSupplier().ask({
    orderId: selection.id,
    what: selection.what,
    leadDays: selection.leadDays,
    today: context.today,
    promised: selection.arrives,
  })
  if (answer.arrives !== selection.arrives)
    recordFacts(context, siteId, {
      facts: [
        {
          subject: 'selection',
          subjectId: selection.id,
          facet: 'arrives',
          placeId: selection.placeId,
          value: answer.arrives,
        },
      ],
    })
  return answer
}
