import { composedSentences } from '../tests/fixtures/composedSentences'
import { closed, emptyFolder, TODAY } from '../tests/fixtures/folder'
import { makeDemo } from '../tests/fixtures/makeDemo'
import { openFirmFolder } from '../src/server/firmFolder'
import { closeSolver } from '../src/server/plan/solver'

/** Prints every sentence that the product composes of the demo firm, by where it stands. Run `npm run sentences` to read them. */
const folder = emptyFolder()
await makeDemo(folder)
const firm = await openFirmFolder(folder, TODAY)
const all = await composedSentences(firm)
let before = ''
for (const [sentence, where] of [...all].sort(([, a], [, b]) => (a < b ? -1 : a > b ? 1 : 0))) {
  if (where !== before) console.log(`\n# ${where}`)
  before = where
  console.log(sentence)
}
closed(firm)
await closeSolver()
