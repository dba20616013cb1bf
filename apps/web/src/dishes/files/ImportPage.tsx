import { Link } from 'react-router';
import { linesOf, type FormatName } from '@pelvo/core';
import type { DishImport } from '@pelvo/contract';
import { useImport } from '../../device';
import { Button, FileChoice, ImportProblems, Notice, PageHead, ProblemNotice, Section } from '../../design';
import { LineRow } from '../formula/LineRow';

const NAMES: Readonly<Record<FormatName, string>> = {
  pelvo: 'a Pelvo file',
  'json-ld': 'a schema.org Recipe',
  html: 'a web page that holds a recipe',
  csv: 'CSV of lines',
  text: 'plain text',
  pdf: 'the text of a PDF',
  docx: 'the text of a Word document',
};

/** Dishes from a file: first shown as what they would become, then made, all or none. */
export default function ImportPage() {
  const {
    name,
    preview,
    done: made,
    busy,
    error,
    read,
    apply,
  } = useImport<DishImport>((called) => `/dish-imports?name=${encodeURIComponent(called)}`);
  const wrong = preview?.dishes.filter((dish) => dish.problems.length > 0) ?? [];
  return (
    <>
      <PageHead
        title="Import dishes"
        lead="A schema.org Recipe (JSON-LD, alone or in a saved web page), CSV of lines, plain text, a PDF or Word document, or a file Pelvo has written."
      />
      <FileChoice accept=".json,.jsonld,.html,.htm,.csv,.txt,.md,.pdf,.docx" name={name} onChoose={(file) => read(file, file.name)} />
      <div className="mt-4 space-y-4">
        <ProblemNotice error={error} />
        {made ? (
          <Notice title={`${made.made.length} ${made.made.length === 1 ? 'dish' : 'dishes'} imported as drafts`}>
            <ul>
              {made.made.map((id, index) => (
                <li key={id}>
                  <Link to={`/dishes/${id}`} className="inline-flex min-h-11 items-center">
                    {made.dishes[index]!.content.title}
                  </Link>
                </li>
              ))}
            </ul>
          </Notice>
        ) : null}
        {preview ? (
          <>
            <p className="text-lg">
              Read as {NAMES[preview.format]}:{' '}
              <b>
                {preview.dishes.length} {preview.dishes.length === 1 ? 'dish' : 'dishes'}
              </b>
              . Nothing has been stored yet.
            </p>
            {wrong.length > 0 ? (
              <ImportProblems
                title="Nothing can be taken until this is right"
                problems={preview.dishes.flatMap((dish, index) =>
                  dish.problems.map((found) => ({
                    ...found,
                    where: (
                      <>
                        Dish {index + 1}, <b>{found.field}</b>
                      </>
                    ),
                  })),
                )}
              />
            ) : (
              <Button kind="main" busy={busy} onClick={() => void apply()}>
                Make {preview.dishes.length === 1 ? 'this dish' : `these ${preview.dishes.length} dishes`}
              </Button>
            )}
            {preview.dishes.slice(0, 20).map((dish, index) => {
              const lines = Array.isArray(dish.content.components) ? linesOf(dish.content) : [];
              return (
                <Section
                  key={index}
                  title={`${dish.content.title || 'Without a title'}, serves ${dish.content.portions}`}
                  aside={
                    <span className="text-soft">
                      {lines.length} lines, {lines.filter((line) => line.certainty !== 'sure').length} to settle
                    </span>
                  }
                >
                  <ul className="divide-y divide-line">
                    {lines.slice(0, 40).map((line) => (
                      <li key={line.id}>
                        <LineRow line={line} lines={lines} />
                      </li>
                    ))}
                  </ul>
                </Section>
              );
            })}
          </>
        ) : null}
      </div>
    </>
  );
}
