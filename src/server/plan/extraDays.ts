import { longDay } from '../../core/calendar/day'
import { workingDaysBetween } from '../../core/calendar/workingDays'
import { planDiff } from '../../core/schedule/planDiff'
import type { ProblemInput } from '../../core/schedule/problem'
import type { Line } from '../../core/scope/line'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { siteState } from '../siteStates'
import { problemInput, towards } from './planFirm'
import { PREVIEW, solveInWorker } from './solver'

/** What an extra does to the dates, for us and in the one sentence that the client reads: the firm is planned with it and without it, and the two are laid side by side. */
export async function extraDays(
  context: Context,
  siteId: string,
  lineId: string,
): Promise<{ words: string; finish: string }> {
  context.requireLead()
  const site = context.site(siteId)
  const line = siteState(context.db, site).lines.find((one) => one.id === lineId)
  if (!line?.extra) throw new Refusal(404, 'This extra is not on the site any more. Reload the page.')
  const input = problemInput(context.db, context.today)
  const [without, withLine] = bothWays(input, siteId, line)
  const withIt = await solveInWorker(withLine, towards(context.db, PREVIEW))
  const otherwise = await solveInWorker(without, towards(context.db, PREVIEW))
  const [late, early] = [withIt.finish[siteId], otherwise.finish[siteId]]
  if (!late || !early) return { words: 'Nothing is planned for this site yet.', finish: '' }
  const days = late > early ? workingDaysBetween(early, late, site.calendar) : 0
  const others = planDiff(otherwise, withIt).moved.length
  const moved =
    others === 0 ? 'Nobody else is moved.' : `${others === 1 ? '1 visit is' : `${others} visits are`} moved by it.`
  const finish =
    days === 0
      ? `The finish stays ${longDay(late)}.`
      : `It costs ${days === 1 ? '1 working day' : `${days} working days`} at the end: ${longDay(late)} instead of ${longDay(early)}.`
  return { words: `${finish} ${moved}`, finish }
}

/** The firm without an extra and with it, whether or not it is agreed already. */
function bothWays(input: ProblemInput, siteId: string, extra: Line): [without: ProblemInput, withIt: ProblemInput] {
  const having = (change: (others: readonly Line[]) => readonly Line[]): ProblemInput => ({
    ...input,
    sites: input.sites.map((site) =>
      site.id === siteId
        ? { ...site, state: { ...site.state, lines: change(site.state.lines.filter(({ id }) => id !== extra.id)) } }
        : site,
    ),
  })
  return [having((others) => others), having((others) => [...others, extra])]
}
