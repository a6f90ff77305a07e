import { marksOf } from '../../core/walk/photoMarks'
import type { Context } from '../context'
import { fileAnswer } from '../http/fileAnswer'
import { neighboursView } from '../views/neighbours'
import { paperView } from '../views/paper'
import { outsidePhoto } from '../photos/photos'
import { siteState } from '../siteStates'
import { paperPdf, type PrintedPaper } from '../paper/paperPdf'

/** The letter to the neighbours, or the paper for a designer, an engineer, the authority or an association, as a PDF. */
export async function paperFile(context: Context, siteId: string, reader: string): Promise<Response> {
  const paper = reader === 'neighbours' ? letter(context, siteId) : await paperFor(context, siteId, reader)
  return fileAnswer(await paperPdf(paper), 'application/pdf', `${reader}.pdf`)
}

function letter(context: Context, siteId: string): PrintedPaper {
  const { site, firm, letter: told } = neighboursView(context, siteId)
  return {
    title: `To the neighbours of ${site.name}`,
    under: `${firm}, ${told.from}`,
    parts: [
      {
        title: `Until ${told.until}`,
        sentences: ['This is what you will notice; should a day change you will hear of it.'],
      },
      { title: 'Noise', sentences: orNone(told.noise, 'Nothing loud is planned.') },
      { title: 'Dust', sentences: orNone(told.dust, 'Nothing dusty is planned.') },
      { title: 'On your side', sentences: told.side },
      { title: 'What we ask of you', sentences: told.asked },
    ],
  }
}

const orNone = (sentences: readonly string[], none: string): readonly string[] =>
  sentences.length > 0 ? sentences : [none]

async function paperFor(context: Context, siteId: string, reader: string): Promise<PrintedPaper> {
  const { site, firm, reader: name, on, paper } = paperView(context, siteId, reader)
  const { photos } = siteState(context.db, context.site(siteId))
  const pictures = await Promise.all(
    paper.photos.map(async ({ hash, words }) => ({
      bytes: await outsidePhoto(context.firm, hash, marksOf(photos, hash)),
      words,
    })),
  )
  return {
    title: `${site.name}: for the ${name}`,
    under: `${firm}, ${on}`,
    parts: [
      { title: 'What we ask', sentences: orNone(paper.asked, 'Nothing waits for an answer.') },
      ...paper.facts.map(({ title, place, told }) => ({
        title: place ? `${title}, ${place}` : title,
        sentences: told,
      })),
      {
        title: 'What this is',
        sentences: [
          `Counted and measured on site. What is likely or enough is for the ${name} and licensed people to say.`,
        ],
      },
      { title: 'Days', sentences: orNone(paper.days, 'No day of the plan concerns you.') },
      { title: 'Photos', sentences: [], pictures },
    ],
  }
}
