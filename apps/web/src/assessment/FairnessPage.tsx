import { useParams } from 'react-router';
import useSWR from 'swr';
import { LEAST_MARKS, LEAST_PAIRS, type Agreement, type Drift, type Estimate } from '@pelvo/core';
import type { ClassFairness } from '@pelvo/contract';
import { Loading, PageHead, ProblemNotice, Section } from '../design';
import { fetcher } from '../device';

const figure = (value: number) => (Math.round(value * 100) / 100).toLocaleString(undefined, { minimumFractionDigits: 2 }).replace('-', '−');
const percent = (share: number) => `${Math.round(share * 100)} %`;
const between = ({ from, to }: Estimate) => `${figure(from)} to ${figure(to)}`;

/** What agreement comes to, as an instructor would say it. */
const COMES_TO: Readonly<Record<Agreement['verdict'], string>> = {
  'too-few': 'Too few to say.',
  'all-alike': 'Cannot be said: everything was given one level.',
  agree: 'They agree well.',
  shift: 'They see the same order; one is stricter throughout.',
  mixed: 'They agree somewhat: look at a few plates together.',
  disagree: 'They do not agree: the descriptors are read differently.',
};

/** How fairly a class was marked: agreement, severity, drift; in words, with a picture of each interval. */
export default function FairnessPage() {
  const { id = '' } = useParams();
  const { data, error, mutate } = useSWR<ClassFairness>(`/classes/${id}/fairness`, fetcher);
  return (
    <>
      <ProblemNotice error={error} retry={() => void mutate()} />
      {!data && !error ? <Loading what="how the class was marked" /> : null}
      {data ? <Fairness data={data} /> : null}
    </>
  );
}

function Fairness({ data: { className, fairness, assessors, criteria } }: { data: ClassFairness }) {
  const { plates, platesTwice, people, severity, position, waiting } = fairness;
  const nameOf = (id: string) => assessors[id] ?? '';
  return (
    <>
      <PageHead
        title={`How ${className} was marked`}
        lead={`${plates} plates, ${platesTwice} of them by two. Intervals hold nine times in ten. Nothing here is of a student, and none of it proves anything: it says where to look together.`}
      />
      <Section title="Two on one plate">
        {people.length === 0 ? (
          <p>
            Nobody has marked the same plate as somebody else yet. On a lesson’s marking list, “Second marking” draws plates that are marked
            again, blind to the first.
          </p>
        ) : (
          <ul className="grid gap-4 md:grid-cols-2">
            {people.map(({ first, second, agreement }) => (
              <li key={`${first} ${second}`} className="border-t-4 border-ink bg-tile p-4">
                <h3 className="text-xl">
                  {nameOf(first)} and {nameOf(second)}
                </h3>
                <p className="font-semibold">{COMES_TO[agreement.verdict]}</p>
                <AgreementSaid agreement={agreement} second={nameOf(second)} first={nameOf(first)} />
              </li>
            ))}
          </ul>
        )}
      </Section>
      <Section title="By criterion">
        <table className="w-full text-left">
          <thead>
            <tr className="border-b-2 border-ink">
              {['Criterion', 'Pairs', 'Same level', 'Kappa, squares', 'Kappa, linear', ''].map((head) => (
                <th key={head} className="py-1 pr-3 font-semibold">
                  {head || <span className="sr-only">What it comes to</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {fairness.criteria.map(({ criterion, agreement }) => (
              <tr key={criterion} className="border-b border-line align-top">
                <th scope="row" className="py-1 pr-3 font-normal">
                  {criteria[criterion]}
                </th>
                <td className="pr-3">{agreement.pairs}</td>
                <td className="pr-3">{agreement.pairs > 0 ? percent(agreement.same) : '–'}</td>
                <td className="pr-3">{kappaSaid(agreement.quadratic)}</td>
                <td className="pr-3">{kappaSaid(agreement.linear)}</td>
                <td className="text-soft">{COMES_TO[agreement.verdict]}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="mt-2 text-small text-soft">
          Kappa is agreement beyond what chance would give: 1 is full, 0 is chance. By squares a distant level counts against it far more
          than a neighbouring one. Under {LEAST_PAIRS} pairs nothing is said.
        </p>
      </Section>
      <Section title="How strict each is">
        <ul className="space-y-2">
          {severity.map(({ assessorId, marks, off }) => (
            <li key={assessorId} className="grid items-center gap-x-4 sm:grid-cols-[12rem_16rem_minmax(0,1fr)]">
              <b>{nameOf(assessorId)}</b>
              {off ? <Interval estimate={off} reach={1} /> : <span />}
              <span>{off ? `${strictness(off)}, ${marks} marks` : `${marks} marks: too few to say, ${LEAST_MARKS} are wanted.`}</span>
            </li>
          ))}
        </ul>
        <p className="mt-2 text-small text-soft">Against the mean of everybody’s marks of the same criteria; each marked other plates.</p>
      </Section>
      <Section title="Drift">
        <ul className="space-y-2">
          <DriftSaid what="With the hour" drift={position} unit="plates" none="has been marked" />
          <DriftSaid what="With waiting" drift={waiting} unit="minutes at the pass" none="was said to have come before it was marked" />
        </ul>
      </Section>
    </>
  );
}

function strictness(off: Estimate): string {
  if (off.from <= 0 && off.to >= 0) return `neither stricter nor milder than the class’s mean (${between(off)} of a level)`;
  return `${figure(Math.abs(off.value))} of a level ${off.value < 0 ? 'stricter' : 'milder'} than the class’s mean (${between(off)})`;
}

const kappaSaid = (kappa: Agreement['quadratic']): string =>
  kappa === 'too-few' ? 'too few' : kappa === 'all-alike' ? 'cannot be said' : `${figure(kappa.value)} (${between(kappa)})`;

function AgreementSaid({ agreement, first, second }: { agreement: Agreement; first: string; second: string }) {
  const { pairs, same, within1, quadratic, shift, limits } = agreement;
  if (shift === 'too-few')
    return (
      <p className="text-soft">
        {pairs} criteria marked by both; {LEAST_PAIRS} are wanted.
      </p>
    );
  const clear = shift.from * shift.to > 0;
  return (
    <>
      <p>
        {pairs} criteria: the same level in {percent(same)}, at most one apart in {percent(within1)}. Kappa {kappaSaid(quadratic)}.
      </p>
      <div className="my-2">
        <Interval estimate={shift} reach={2} />
      </div>
      <p>
        {clear
          ? `${second} is ${figure(Math.abs(shift.value))} of a level ${shift.value < 0 ? 'stricter' : 'milder'} than ${first} (${between(shift)}).`
          : `Neither is clearly stricter (${between(shift)} of a level).`}{' '}
        {limits ? `Nineteen differences in twenty lie between ${figure(limits[0])} and ${figure(limits[1])}.` : ''}
      </p>
    </>
  );
}

/** An interval on a line whose middle is no difference; what it says stands in words beside it. */
function Interval({ estimate, reach }: { estimate: Estimate; reach: number }) {
  const at = (value: number) => `${((Math.min(reach, Math.max(-reach, value)) + reach) / (2 * reach)) * 100}%`;
  const left = (Math.min(reach, Math.max(-reach, estimate.from)) + reach) / (2 * reach);
  const right = (Math.min(reach, Math.max(-reach, estimate.to)) + reach) / (2 * reach);
  return (
    <span aria-hidden className="relative block h-5 w-64 border-b-2 border-line">
      <span className="absolute inset-y-0 left-1/2 border-l-2 border-dashed border-ink" />
      <span className="absolute top-1.5 h-2 bg-beet" style={{ left: `${left * 100}%`, width: `${Math.max(1, (right - left) * 100)}%` }} />
      <span className="absolute top-0 h-5 border-l-4 border-ink" style={{ left: at(estimate.value) }} />
    </span>
  );
}

function DriftSaid({ what, drift: { marks, by10 }, unit, none }: { what: string; drift: Drift; unit: string; none: string }) {
  return (
    <li className="grid items-center gap-x-4 sm:grid-cols-[12rem_16rem_minmax(0,1fr)]">
      <b>{what}</b>
      {by10 ? <Interval estimate={by10} reach={1} /> : <span />}
      <span>
        {!by10
          ? `Too few to say: of ${marks} marks the plate ${none}; ${LEAST_MARKS} are wanted.`
          : by10.from * by10.to > 0
            ? `Marks ${by10.value < 0 ? 'fall' : 'rise'} by ${figure(Math.abs(by10.value))} of a level with ten more ${unit} (${between(by10)}).`
            : `No drift to be seen: ${between(by10)} of a level with ten more ${unit}.`}
      </span>
    </li>
  );
}
