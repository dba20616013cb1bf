import { connect } from 'node:net';
import { Inject, Injectable } from '@nestjs/common';
import { instrumentSaid, isInstrumentName, type Instrument, type InstrumentReading, type InstrumentSaid } from '@pelvo/core';
import type { InstrumentsHere } from '@pelvo/contract';
import { INSTRUMENTS } from '../platform/database/tokens';
import { conflict, invalid } from '../platform/problems';

/** Longer nobody at the pass waits for a figure. */
const PATIENCE = 2000;
/** More than this no answer holds: whatever sends it is no instrument. */
const MOST_CHARACTERS = 4000;

const isLast = ({ kind }: InstrumentSaid): boolean => kind !== 'instrument';

/** Instruments at the pass, reached over a socket; see docs/formats/instruments.md. */
@Injectable()
export class InstrumentsService {
  constructor(@Inject(INSTRUMENTS) private readonly address: string | undefined) {}

  /** What can be measured with here; `away` where a bridge is set up and does not answer. */
  async here(): Promise<InstrumentsHere> {
    if (!this.address) return { state: 'none', instruments: [] };
    try {
      const said = await this.ask('LIST');
      const instruments = said.flatMap((each): Instrument[] => {
        if (each.kind !== 'instrument') return [];
        const { name, unit, resolution } = each;
        return [{ name, unit, resolution }];
      });
      return { state: 'there', instruments };
    } catch {
      return { state: 'away', instruments: [] };
    }
  }

  /** One reading; a problem in words where there is none, so that it is taken again or typed. */
  async read(name: string): Promise<InstrumentReading> {
    if (!isInstrumentName(name)) throw invalid('name', 'This is no name of an instrument.', 'Choose one of the list.');
    if (!this.address) throw away('No instruments are set up here.', 'Type the figure.');
    const [said] = await this.ask(`READ ${name}`).catch(() => {
      throw away('The instruments do not answer.', 'Look whether their bridge runs, or type the figure.');
    });
    switch (said?.kind) {
      case 'value': {
        if (said.name !== name) throw garbled(name);
        const { value, unit, steady } = said;
        return { name, value, unit, steady };
      }
      case 'none':
        throw away(`The ${name} shows nothing.`, 'Close it on the piece, or wait until it has contact, and take it again.');
      case 'unknown':
        throw invalid('name', `There is no ${name} here.`, 'Choose one of the list.');
      default:
        throw garbled(name);
    }
  }

  /** Asks one thing over a connection of its own. Ends with the answer, when it is too long, or when patience ends. */
  private ask(line: string): Promise<readonly InstrumentSaid[]> {
    const [host, port] = parted(this.address!);
    return new Promise((done, fail) => {
      const said: InstrumentSaid[] = [];
      let text = '';
      const socket = connect({ host, port }, () => socket.write(`${line}\n`));
      const timer = setTimeout(() => socket.destroy(new Error('It takes too long.')), PATIENCE);
      socket.setEncoding('utf8');
      socket.on('data', (more: string) => {
        text += more;
        const lines = text.split('\n');
        text = lines.pop()!;
        for (const each of lines) {
          said.push(instrumentSaid(each));
          if (isLast(said.at(-1)!)) return void socket.end();
        }
        if (text.length + lines.join().length > MOST_CHARACTERS || said.length > 100) socket.destroy(new Error('Too much.'));
      });
      socket.on('error', fail);
      socket.on('close', () => {
        clearTimeout(timer);
        if (said.length > 0 && isLast(said.at(-1)!)) done(said);
        else fail(new Error('It ended in the middle.'));
      });
    });
  }
}

/** Host and port, as `192.168.1.20:4390` or `[::1]:4390`. */
function parted(address: string): readonly [string, number] {
  const at = address.lastIndexOf(':');
  return [address.slice(0, at).replace(/^\[|\]$/g, ''), Number(address.slice(at + 1))];
}

const away = (problem: string, remedy: string) => conflict('name', problem, remedy);
const garbled = (name: string) => away(`What the ${name} said could not be read.`, 'Nothing was taken. Take it again, or type the figure.');
