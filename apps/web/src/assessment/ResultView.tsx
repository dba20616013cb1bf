import type { ReactNode } from 'react';
import { AGREED_SAYS, COUNTING_SAYS, markInWords, RUBRIC_STRAND_NAMES, RUBRIC_STRANDS } from '@pelvo/core';
import type { DishResult } from '@pelvo/contract';
import { longDate, measured } from '../device';
import { ResultPhotos } from '../photos';
import { DownloadLink, FigureValue, Notice, PageHead, Section, StrandGlyph, WorkingPage } from '../design';

/** A dish's result: the mark with its working, what mattered and how to mend it, and every criterion. */
export function ResultView({ dish, of, children }: { dish: DishResult; of: 'results' | 'my-results'; children?: ReactNode }) {
  const pdf = `/api/${of}/${dish.id}/pdf`;
  const { result } = dish;
  return (
    <WorkingPage>
      <PageHead
        title={dish.dish}
        lead={`${dish.student}. ${dish.lesson}, ${longDate(dish.date)}.`}
        actions={
          <>
            <DownloadLink href={pdf}>PDF, A4</DownloadLink>
            <DownloadLink href={`${pdf}?paper=LETTER`}>PDF, Letter</DownloadLink>
          </>
        }
      />
      <div className="mb-6 flex flex-wrap items-end gap-x-6">
        {result.mark ? (
          <FigureValue id="mark" figure={result.mark} className="font-title !text-7xl !leading-none" />
        ) : (
          <p className="text-2xl">No mark yet</p>
        )}
        {result.mark ? (
          <p className="pb-2 text-lg">
            {[...(result.way === 'pass' ? [] : ['of 100']), ...(result.complete ? [] : ['not final'])].join(', ')}
          </p>
        ) : null}
      </div>
      <div className="space-y-3">
        {result.capped ? (
          <Notice kind="problem" title={`Capped at ${result.capped.cap}`}>
            {result.capped.by} was not met. Without the cap the mark would be {measured(result.capped.before)}.
          </Notice>
        ) : null}
        {result.complete ? null : <Notice title="Not final">Not marked yet: {result.unmarked.join(', ')}.</Notice>}
      </div>
      <Section title="What mattered most">
        {result.remarks.length === 0 ? <p>{result.complete ? 'No fault mattered enough to name.' : 'Nothing noted yet.'}</p> : null}
        <ol className="grid gap-4 md:grid-cols-3">
          {result.remarks.map((remark) => (
            <li key={remark.criterion + remark.see} className={`border-t-4 bg-tile p-4 ${remark.critical ? 'border-beet' : 'border-ink'}`}>
              <p className="text-small text-soft">
                {remark.criterion}
                {remark.place ? `, ${remark.place}` : ''}
                {remark.critical ? ', critical' : ''}
              </p>
              <h3 className="text-xl">{remark.see}</h3>
              {remark.cause ? (
                <p className="mt-2">
                  <b>Likely cause.</b> {remark.cause}
                </p>
              ) : null}
              {remark.correction ? (
                <p className="mt-2">
                  <b>Next time.</b> {remark.correction}
                </p>
              ) : null}
            </li>
          ))}
        </ol>
        {result.practiseNext ? (
          <p className="mt-4 text-lg">
            <b>Practise next:</b> {result.practiseNext}
          </p>
        ) : null}
      </Section>
      <ResultPhotos list={`/${of}/${dish.id}/photos`} image={of === 'results' ? '/api/photos' : '/api/my-photos'} />
      {children}
      <Section title="Every criterion">
        <ul className="divide-y divide-line">
          {dish.criteria.map((criterion) => {
            const [level, means] = markInWords(criterion, dish.marks[criterion.key]);
            return (
              <li key={criterion.key} className="grid gap-x-4 py-2 sm:grid-cols-[15rem_7rem_minmax(0,1fr)]">
                <span className="flex items-start gap-2">
                  <StrandGlyph strand={criterion.strand} size={18} /> {criterion.name}
                </span>
                <b>{level}</b>
                <span className="text-soft">
                  {means}
                  {dish.agreed.includes(criterion.key) ? <span className="block text-small">{AGREED_SAYS}</span> : null}
                </span>
              </li>
            );
          })}
        </ul>
      </Section>
      <p className="mt-6 text-small text-soft">
        Marked by {dish.assessors.join(', ')}
        {dish.assessors.length > 1 ? `; where both marked, ${COUNTING_SAYS[dish.counting]};` : ''} with “{dish.rubric}”, edition{' '}
        {dish.rubricEdition}; dish edition {dish.dishEdition}.{' '}
        {RUBRIC_STRANDS.filter((strand) => dish.criteria.some((criterion) => criterion.strand === strand))
          .map((strand) => RUBRIC_STRAND_NAMES[strand])
          .join(', ')}
        : open the mark to see how they weigh.
      </p>
    </WorkingPage>
  );
}
