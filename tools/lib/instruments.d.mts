export interface SimulatedInstruments {
  readonly address: string;
  /** Says what lies in or on an instrument, in its unit. */
  readonly put: (name: 'calliper' | 'scale' | 'probe', value: number) => void;
  readonly stop: () => Promise<void>;
}

/** Starts a simulated calliper, scale and probe; `begin` makes a run come again, the shares are of a hundred readings. */
export function startInstruments(options?: {
  port?: number;
  host?: string;
  begin?: number;
  dropOut?: number;
  broken?: number;
  moving?: number;
}): Promise<SimulatedInstruments>;
