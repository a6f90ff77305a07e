/** Something that listens and hands over words: the phone's own keyboard does it; in the demo this stands in. */
export interface Dictation {
  readonly simulated: boolean
  listen(): Promise<string>
}

const SAID = [
  'Board’s about half up in here. There’s a leak under the window, could be the sill.',
  'Wires are in, no covers yet. Sparky’s back Thursday, no, Friday.',
  'Cast stack stays until the switch-over. The client has to pick a grout by Monday.',
]

/** Stands in for a microphone: says the same things in turn. */
export function simulatedDictation(): Dictation {
  let turn = 0
  return { simulated: true, listen: () => Promise.resolve(SAID[turn++ % SAID.length]!) }
}
