'use client'
import MiniSearch from 'minisearch'
import { useState } from 'react'
import Accordion from 'react-bootstrap/Accordion'
import Form from 'react-bootstrap/Form'
import ListGroup from 'react-bootstrap/ListGroup'
import { ENTRY_GROUPS } from '@/core/entries/entryKind'
import { ENTRY_KINDS } from '@/core/entries/entryKinds'
import { FIND_OPTIONS, TELLABLE, WRITABLE, type Sought } from '@/core/find/sought'

const MOST = 8

interface FinderProps {
  /** Kinds of entry that fit where one stands, likeliest first. */
  readonly fitting: readonly string[]
  /** What can be told here beside entries, by id: 'do:note'. */
  readonly telling: readonly string[]
  /** @param id 'write:beam' or 'do:note' */
  readonly onChoose: (id: string) => void
}

/** What is to be written down: what fits here now, then by a word, then by subject. */
export function Finder({ fitting, telling, onChoose }: FinderProps) {
  const [sought, setSought] = useState('')
  const told = TELLABLE.filter(({ id }) => telling.includes(id))
  const found = sought.trim() === '' ? null : idsOf(sought, telling).map((id) => NAMED.get(id)!)
  const list = (items: readonly Sought[]) => (
    <ListGroup variant="flush" as="div">
      {items.map(({ id, name }) => (
        <ListGroup.Item key={id} action type="button" onClick={() => onChoose(id)}>
          {name}
        </ListGroup.Item>
      ))}
    </ListGroup>
  )
  return (
    <>
      <Form.Group className="mb-2" controlId="finder">
        <Form.Label>Find by a word</Form.Label>
        <Form.Control
          type="search"
          autoComplete="off"
          placeholder="leak, beam, socket, bin"
          value={sought}
          onChange={(event) => setSought(event.target.value)}
        />
      </Form.Group>
      <div aria-live="polite">
        {found && found.length > 0 && list(found)}
        {found?.length === 0 && <p className="soft">Nothing is called that. A note takes anything.</p>}
      </div>
      {found === null && (
        <>
          <h3 className="h6 mt-2">Fits here now</h3>
          {list(fitting.map((kind) => NAMED.get(`write:${kind}`)!))}
          {told.length > 0 && <h3 className="h6 mt-3">Anything else</h3>}
          {list(told)}
          <h3 className="h6 mt-3">By subject</h3>
          <Accordion flush>
            {Object.entries(ENTRY_GROUPS).map(([group, words]) => (
              <Accordion.Item key={group} eventKey={group}>
                <Accordion.Header>{words}</Accordion.Header>
                <Accordion.Collapse eventKey={group} mountOnEnter unmountOnExit>
                  {list(ENTRY_KINDS.filter((one) => one.group === group).map((one) => NAMED.get(`write:${one.id}`)!))}
                </Accordion.Collapse>
              </Accordion.Item>
            ))}
          </Accordion>
        </>
      )}
    </>
  )
}

const WRITTEN = new Set(WRITABLE.map(({ id }) => id))
const NAMED: ReadonlyMap<string, Sought> = new Map([...WRITABLE, ...TELLABLE].map((one) => [one.id, one]))

/** Made when the first word is typed, and kept: the words of all kinds are some work for a phone. */
let made: MiniSearch<Sought> | undefined

function wordsOfKinds(): MiniSearch<Sought> {
  if (made === undefined) {
    made = new MiniSearch<Sought>(FIND_OPTIONS)
    made.addAll([...WRITABLE, ...TELLABLE])
  }
  return made
}

function idsOf(sought: string, telling: readonly string[]): string[] {
  const filter = ({ id }: { readonly id: unknown }): boolean => WRITTEN.has(String(id)) || telling.includes(String(id))
  const all = wordsOfKinds().search(sought, { filter })
  const hits = all.length > 0 ? all : wordsOfKinds().search(sought, { combineWith: 'OR', filter })
  return hits.slice(0, MOST).map(({ id }) => String(id))
}
