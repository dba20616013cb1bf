import { Ruler } from 'lucide-react';
import { useState } from 'react';
import useSWR from 'swr';
import type { Instrument, InstrumentReading } from '@pelvo/core';
import type { InstrumentsHere } from '@pelvo/contract';
import { fetcher, problemOf, send } from '../../device';

/** Instruments at this pass that measure in a unit; none without a network, where figures are typed. */
export function useInstruments(unit: string): readonly Instrument[] {
  const { data } = useSWR<InstrumentsHere>('/instruments', fetcher, { revalidateOnFocus: false, shouldRetryOnError: false });
  return data?.state === 'there' ? data.instruments.filter((each) => each.unit === unit) : [];
}

interface FromInstrumentProps {
  readonly name: string;
  readonly onReading: (reading: InstrumentReading) => void;
  readonly onProblem: (problem: string) => void;
}

/** Takes the next figure from an instrument. */
export function FromInstrument({ name, onReading, onProblem }: FromInstrumentProps) {
  const [busy, setBusy] = useState(false);
  const read = async () => {
    setBusy(true);
    try {
      onReading(await send<InstrumentReading>('POST', `/instruments/${name}/readings`));
    } catch (error) {
      const { errors, title, detail } = problemOf(error);
      const [first] = errors ?? [];
      onProblem(first ? `${first.problem} ${first.remedy}` : `${title} ${detail ?? ''}`);
    } finally {
      setBusy(false);
    }
  };
  return (
    <button
      type="button"
      disabled={busy}
      onClick={() => void read()}
      className="flex min-h-14 grow items-center justify-center gap-2 rounded-sm border-2 border-line bg-tile px-2 text-base leading-tight font-semibold hover:border-ink disabled:opacity-40"
    >
      <Ruler aria-hidden className="size-5" /> Read the {name}
    </button>
  );
}
