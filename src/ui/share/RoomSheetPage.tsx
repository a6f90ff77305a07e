'use client'
import { Fragment } from 'react'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import { inOne } from '@/core/lists/inOne'
import type { RoomSheet } from '@/core/share/roomSheet'
import type { Language, PageWords } from '@/core/share/languages/catalogue'
import { LanguageLinks } from '../shared/LanguageLinks'
import { RoomPicture } from '../shared/RoomPicture'
import styles from './RoomSheetPage.module.css'

/** A room's sheet for whoever works in it; made for paper as much as for a phone. */
export function RoomSheetPage({
  sheet,
  site,
  printedOn,
  contacts,
  code,
  file,
  language,
  words,
}: {
  readonly sheet: RoomSheet
  readonly site: string
  readonly printedOn: string
  readonly contacts: readonly { readonly name: string; readonly trade: string; readonly contact: string }[]
  /** A code that opens this sheet as it stands then, as an image. */
  readonly code: string
  /** Where the same is had as a PDF. */
  readonly file: string
  readonly language: Language
  readonly words: PageWords
}) {
  return (
    <article className={`page page-narrow ${styles.sheet}`} lang={language}>
      <header>
        <figure className={styles.code}>
          <img src={code} alt="A code that opens this sheet as it stands now" width={132} height={132} />
          <figcaption className="soft small">{words.asItStands}</figcaption>
        </figure>
        <p className="soft">
          {site}, {printedOn}
        </p>
        <h1>{sheet.place}</h1>
        <p className="measure">{sheet.size}</p>
        {sheet.wallMoved && <p className="soft">{sheet.wallMoved}</p>}
        <Button variant="quiet" className="no-print" onClick={() => window.print()}>
          {words.print}
        </Button>{' '}
        <a className="btn btn-quiet no-print" href={file} download>
          PDF
        </a>
        <LanguageLinks language={language} />
        {words.untranslated && <p className="soft">{words.untranslated}</p>}
      </header>
      {sheet.drawn && <RoomPicture plan={sheet.drawn} />}
      {sheet.cautions.length > 0 && (
        <section className={styles.caution}>
          <h2>{words.care}</h2>
          <ul>
            {sheet.cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        </section>
      )}
      <section>
        <h2>{words.workInOrder}</h2>
        <Table responsive>
          <thead>
            <tr>
              <th scope="col">{words.what}</th>
              <th scope="col">{words.who}</th>
              <th scope="col">{words.done}</th>
              <th scope="col">{words.when}</th>
            </tr>
          </thead>
          <tbody>
            {sheet.work.map((line, i) => (
              <tr key={i}>
                <th scope="row">
                  {line.title}
                  <small className="soft">
                    {line.stage}
                    {line.amount && `, ${line.amount}`}
                  </small>
                  {line.held && (
                    <small className="late">
                      {words.held}: {line.held}
                    </small>
                  )}
                </th>
                <td>{line.trade}</td>
                <td className="measure">{line.progress} %</td>
                <td>{line.when}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </section>
      <Noted title={words.know} facts={sheet.facts} />
      {sheet.beforeCover.map((gate) => (
        <section key={gate.stage}>
          <h2>
            {words.before} {gate.stage.toLowerCase()}
          </h2>
          <ul className={styles.ticks}>
            {gate.items.map((item) => (
              <li key={item.text}>
                <span aria-hidden="true">{item.done ? '☑' : '☐'}</span> {item.text}{' '}
                <span className="visually-hidden">{item.done ? 'in' : 'open'}</span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {sheet.selections.length > 0 && (
        <section>
          <h2>{words.goesIn}</h2>
          <ul>
            {sheet.selections.map((selection) => (
              <li key={selection.what}>
                {selection.what}: {selection.choice && `${selection.choice} `}
                <span className="soft">({selection.state.toLowerCase()})</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Listed
        title={words.worksHere}
        items={contacts.map(
          ({ name, trade, contact }) => `${name}, ${trade.toLowerCase()}${contact ? `, ${contact}` : ''}`,
        )}
      />
      <Listed title={words.leaveAlone} items={sheet.stays} />
      <Listed title={words.notInScope} items={sheet.out} />
      <Noted title={words.wholeSite} facts={sheet.wholeSite} />
    </article>
  )
}

function Noted({ title, facts }: { readonly title: string; readonly facts: RoomSheet['facts'] }) {
  if (facts.length === 0) return null
  return (
    <section>
      <h2>{title}</h2>
      <dl>
        {facts.map((fact, i) => (
          <Fragment key={i}>
            {fact.title && <dt>{fact.title}</dt>}
            {fact.sentences.length > 0 && <dd>{inOne(fact.sentences)}.</dd>}
          </Fragment>
        ))}
      </dl>
    </section>
  )
}

function Listed({ title, items }: { title: string; items: readonly string[] }) {
  if (items.length === 0) return null
  return (
    <section>
      <h2>{title}</h2>
      <ul>
        {items.map((item) => (
          <li key={item}>{item}</li>
        ))}
      </ul>
    </section>
  )
}
