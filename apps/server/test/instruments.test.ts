import { createServer, type AddressInfo, type Socket } from 'node:net';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { InstrumentReading } from '@pelvo/core';
import type { InstrumentsHere } from '@pelvo/contract';
import { startInstruments } from '../../../tools/lib/instruments.mjs';
import { InstrumentsService } from '../src/instruments/instruments.service';
import { openSchool, type School } from './school';

/** Something at an address that says, to whatever it is asked, what it is told to. */
async function saying(say: (socket: Socket) => void) {
  const open = new Set<Socket>();
  const server = createServer((socket) => {
    open.add(socket);
    socket.on('error', () => socket.destroy());
    socket.once('data', () => say(socket));
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  return {
    service: new InstrumentsService(`127.0.0.1:${(server.address() as AddressInfo).port}`),
    stop: () => {
      for (const socket of open) socket.destroy();
      server.close();
    },
  };
}

const problem = async (reading: Promise<unknown>) => {
  try {
    return await reading;
  } catch (error) {
    const { errors } = (error as { problem: { errors?: readonly { problem: string; remedy: string }[] } }).problem;
    return errors?.[0]?.problem;
  }
};

describe('instruments at the pass', () => {
  let school: School;
  let simulated: Awaited<ReturnType<typeof startInstruments>>;
  beforeAll(async () => {
    simulated = await startInstruments({ begin: 7, dropOut: 0, broken: 0, moving: 0 });
    school = await openSchool({ demo: true, instruments: simulated.address });
  });
  afterAll(async () => {
    await school.close();
    await simulated.stop();
  });

  it('are listed and read by who teaches, and by nobody else', async () => {
    const lead = await school.as('lead');
    const here = (await lead<InstrumentsHere>('GET', '/api/instruments')).body;
    expect(here.state).toBe('there');
    expect(here.instruments.map(({ name, unit }) => [name, unit])).toEqual([
      ['calliper', 'mm'],
      ['scale', 'g'],
      ['probe', '°C'],
    ]);
    simulated.put('calliper', 3.2);
    const readings = await Promise.all(
      Array.from({ length: 20 }, () => lead<InstrumentReading>('POST', '/api/instruments/calliper/readings')),
    );
    const figures = readings.map(({ status, body }) => [status, body.value] as const);
    for (const [status, value] of figures) {
      expect(status).toBe(200);
      expect(Math.abs(value - 3.2)).toBeLessThan(0.3);
    }
    // With noise: not all the same.
    expect(new Set(figures.map(([, value]) => value)).size).toBeGreaterThan(3);
    expect((await lead('POST', '/api/instruments/ladle/readings')).status).toBe(422);
    expect((await lead('POST', '/api/instruments/..%2Fx/readings')).status).toBe(422);
    const student = await school.as('student');
    expect((await student('GET', '/api/instruments')).status).toBe(403);
    expect((await student('POST', '/api/instruments/calliper/readings')).status).toBe(403);
  });

  it('drop out, come broken and move, and never give a figure they did not show', async () => {
    const poor = await startInstruments({ begin: 3, dropOut: 25, broken: 25, moving: 25 });
    poor.put('scale', 100);
    const service = new InstrumentsService(poor.address);
    const said = await Promise.all(Array.from({ length: 80 }, () => problem(service.read('scale'))));
    await poor.stop();
    const kinds = said.map((each) => (typeof each === 'string' ? each : (each as InstrumentReading).steady ? 'steady' : 'moving'));
    for (const kind of ['steady', 'moving', 'The scale shows nothing.', 'What the scale said could not be read.'])
      expect(kinds.filter((each) => each === kind).length, kind).toBeGreaterThan(5);
    for (const each of said) if (typeof each === 'object') expect(Math.abs((each as InstrumentReading).value - 100)).toBeLessThan(15);
  });

  it.each([
    ['nothing for ever', () => undefined],
    ['an end at once', (socket: Socket) => void socket.end()],
    ['half a line', (socket: Socket) => void socket.end('VALUE scale 10')],
    ['another instrument', (socket: Socket) => void socket.write('VALUE probe 60 °C STEADY\n')],
    ['a flood', (socket: Socket) => void socket.write('x'.repeat(100_000))],
    ['a flood of lines', (socket: Socket) => void socket.write('INSTRUMENT scale g 0.1\n'.repeat(5000))],
    ['bytes', (socket: Socket) => void socket.write(Buffer.from([0, 255, 254, 10, 0]))],
  ])('that say %s are a problem in words, within seconds', async (_, say) => {
    const { service, stop } = await saying(say);
    expect(await problem(service.read('scale'))).toMatch(/The instruments do not answer\.|What the scale said could not be read\./);
    stop();
  });

  it('that are away are said to be away, and where none are set up the figure is typed', async () => {
    expect(await new InstrumentsService('127.0.0.1:9').here()).toEqual({ state: 'away', instruments: [] });
    expect(await new InstrumentsService(undefined).here()).toEqual({ state: 'none', instruments: [] });
    expect(await problem(new InstrumentsService(undefined).read('scale'))).toBe('No instruments are set up here.');
  });
});
