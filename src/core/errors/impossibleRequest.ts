/** A request that the core cannot carry out. `field` names what was wrong, `mend` says what to do about it. */
export class ImpossibleRequest extends Error {
  constructor(
    readonly code: string,
    message: string,
    readonly field?: string,
  ) {
    super(message)
    this.name = 'ImpossibleRequest'
  }
}
