import { useState } from 'react';
import { Link } from 'react-router';
import { mutate as mutateAll } from 'swr';
import type { TechniqueImport } from '@pelvo/contract';
import { useImport } from '../device';
import { Button, FileChoice, ImportProblems, Notice, PageHead, ProblemNotice, Section, TextArea } from '../design';

const STATES = { new: 'new', replaces: 'replaces the card of that name', same: 'already there, the same' } as const;

/** Cards from a file or a pasted text: first shown as what they would become, then made, all or none. */
export default function ImportTechniquesPage() {
  const [text, setText] = useState('');
  const {
    name,
    preview,
    done: made,
    busy,
    error,
    read,
    apply,
  } = useImport<TechniqueImport>(() => '/technique-imports', {
    after: async () => {
      await mutateAll((key) => typeof key === 'string' && key.startsWith('/techniques'));
    },
  });
  const wrong = preview?.techniques.filter(({ problems }) => problems.length > 0) ?? [];
  const changes = preview?.techniques.filter(({ state }) => state !== 'same').length ?? 0;
  return (
    <>
      <PageHead title="Import cards" lead="JSON or Markdown, as Pelvo writes them; Markdown can be written by hand." />
      <div className="grid gap-8 lg:grid-cols-2">
        <div>
          <FileChoice accept=".json,.md,.markdown,.txt" name={name} onChoose={(file) => read(file, file.name)} />
          <div className="mt-5">
            <TextArea
              label="Or paste the text"
              rows={12}
              placeholder={'# Rub in a short pastry\n\n## About\n\n- Strand: Cooking\n\n## Steps\n\n1. Keep everything cold.'}
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
            <div className="mt-2">
              <Button disabled={!text.trim()} onClick={() => read(new Blob([text]), 'the pasted text')}>
                Read the text
              </Button>
            </div>
          </div>
        </div>
        <div className="space-y-4" aria-live="polite">
          <ProblemNotice error={error} />
          {made ? (
            <Notice title={`Done: ${made.made} new, ${made.replaced} replaced.`}>
              <Link to="/techniques" className="inline-flex min-h-11 items-center">
                To the cards
              </Link>
            </Notice>
          ) : null}
          {preview ? (
            <Section title={`${preview.techniques.length} ${preview.techniques.length === 1 ? 'card' : 'cards'} found`}>
              <p className="mb-2">Nothing has been stored yet.</p>
              {wrong.length > 0 ? (
                <ImportProblems
                  title="Nothing can be taken until this is right"
                  problems={wrong.flatMap((card) =>
                    card.problems.map((found) => ({
                      ...found,
                      where: (
                        <>
                          <b>{card.name || 'Without a name'}</b>, {found.field}
                        </>
                      ),
                    })),
                  )}
                />
              ) : changes > 0 ? (
                <Button kind="main" busy={busy} onClick={() => void apply()}>
                  Take {changes === 1 ? 'this card' : `these ${changes} cards`}
                </Button>
              ) : (
                <p className="font-semibold">All of them are already there, word for word.</p>
              )}
              {preview.leftOut.length > 0 ? (
                <div className="mt-3">
                  <Notice kind="caution" title="Has no place on a card and stays out">
                    <ul className="list-disc pl-5">
                      {preview.leftOut.map((each) => (
                        <li key={each}>{each}</li>
                      ))}
                    </ul>
                  </Notice>
                </div>
              ) : null}
              <ul className="mt-3 divide-y divide-line">
                {preview.techniques.map((card, index) => (
                  <li key={index} className="flex min-h-11 items-center justify-between gap-4">
                    <b>{card.name || 'Without a name'}</b>
                    <span className="text-soft">{STATES[card.state]}</span>
                  </li>
                ))}
              </ul>
            </Section>
          ) : busy ? (
            <p role="status">Reading {name} …</p>
          ) : null}
        </div>
      </div>
    </>
  );
}
