/** Keeps what was derived of an owner, the last few by all that it depends on beside it, until the owner is gone.
 * @param most how many of each owner */
export function keptFor<Owner extends object, T>(most = 4) {
  const kept = new WeakMap<Owner, readonly { readonly by: readonly unknown[]; readonly value: T }[]>()
  return (owner: Owner, by: readonly unknown[], derive: () => T): T => {
    const all = kept.get(owner) ?? []
    const known = all.find((one) => one.by.length === by.length && one.by.every((part, i) => part === by[i]))
    if (known) return known.value
    const value = derive()
    kept.set(owner, [{ by, value }, ...all].slice(0, most))
    return value
  }
}
