/** Gives the keys to a panel that was opened. Where the window is narrow the panel is shown from its head; beside a list
 * nothing moves. */
export function focusPanel(panel: HTMLElement | null): void {
  if (!panel) return
  panel.focus({ preventScroll: true })
  if (window.matchMedia('(max-width: 900px)').matches)
    window.scrollTo({ top: panel.getBoundingClientRect().top + window.scrollY - 70 })
}
