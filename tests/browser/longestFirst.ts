import { BaseSequencer, type TestSpecification } from 'vitest/node'

/** Begins with what takes longest, so that no core waits for one file at the end. */
export class LongestFirst extends BaseSequencer {
  private static readonly ORDER = [
    'walk',
    'pages',
    'refits',
    'shells',
    'desk',
    'plan',
    'access',
    'touches',
    'drawings',
    'anything',
    'links',
    'keyboard',
    'states',
  ]
  override sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const rank = ({ moduleId }: TestSpecification): number => {
      const at = LongestFirst.ORDER.findIndex((name) => moduleId.endsWith(`${name}.test.ts`))
      return at < 0 ? LongestFirst.ORDER.length : at
    }
    return Promise.resolve([...files].sort((a, b) => rank(a) - rank(b)))
  }
}
