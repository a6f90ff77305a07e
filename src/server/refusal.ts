/** A request that is answered with no: the status, a sentence that names the field and the mend. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly field?: string,
  ) {
    super(message)
    this.name = 'Refusal'
  }
}
