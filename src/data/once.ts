const running = globalThis as { aftermist?: Map<string, object> }

/** One and the same for pages and routes, which are bundled apart: what has a name is made once a process. */
export function once<T extends object>(name: string, make: () => T): T {
  running.aftermist ??= new Map()
  const known = running.aftermist.get(name) ?? make()
  running.aftermist.set(name, known)
  return known as T
}
