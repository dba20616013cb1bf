// A calliper, a scale and a probe that are not there: they speak the line protocol of docs/formats/instruments.md over a socket, with noise,
// drop-outs and broken lines as real ones have them. A bridge to real instruments would speak the same.
import { createServer } from 'node:net';

const INSTRUMENTS = {
  calliper: { unit: 'mm', resolution: 0.01, noise: 0.03, lies: 5 },
  scale: { unit: 'g', resolution: 0.1, noise: 0.15, lies: 140 },
  probe: { unit: '°C', resolution: 0.1, noise: 0.2, lies: 61 },
};
const LONGEST = 80;

/** Numbers from 0 to 1 that come again in the same order from the same beginning. @source Mulberry32, T. Ettinger, public domain */
function chanceFrom(begin) {
  let state = begin >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/**
 * Starts simulated instruments.
 *
 * @param {{ port?: number, host?: string, begin?: number, dropOut?: number, broken?: number, moving?: number }} options - `begin` makes a run
 *   come again; of a hundred readings so many drop out, come broken, or still move
 * @returns {Promise<{ address: string, put: (name: string, value: number) => void, stop: () => Promise<void> }>}
 */
export async function startInstruments({ port = 0, host = '127.0.0.1', begin = 1, dropOut = 3, broken = 2, moving = 8 } = {}) {
  const chance = chanceFrom(begin);
  const lies = new Map(Object.entries(INSTRUMENTS).map(([name, { lies: value }]) => [name, value]));
  // Box and Muller: a noise as instruments have it, from two even chances.
  const noise = (spread) => spread * Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());
  const shown = (name, more) => {
    const { resolution, noise: spread } = INSTRUMENTS[name];
    return (Math.round((lies.get(name) + noise(spread * more)) / resolution) * resolution).toFixed(2).replace(/0$/, '');
  };
  const reading = (name) => {
    const at = chance() * 100;
    if (at < dropOut) return `NONE ${name}`;
    const moves = at > 100 - moving;
    const line = `VALUE ${name} ${shown(name, moves ? 12 : 1)} ${INSTRUMENTS[name].unit} ${moves ? 'MOVING' : 'STEADY'}`;
    return at < dropOut + broken ? line.replace(/\.(\d)/, '.?$1') : line;
  };
  const answer = (line) => {
    const [what, name = '', value] = line.split(' ');
    if (what === 'LIST')
      return [...Object.entries(INSTRUMENTS).map(([each, { unit, resolution }]) => `INSTRUMENT ${each} ${unit} ${resolution}`), 'END'];
    if (!(name in INSTRUMENTS)) return [`UNKNOWN ${/^[a-z][a-z0-9-]{0,23}$/.test(name) ? name : 'that'}`];
    if (what === 'READ') return [reading(name)];
    // Only simulated instruments are told what lies in them.
    if (what === 'PUT' && /^-?\d{1,6}(?:\.\d{1,4})?$/.test(value ?? '')) {
      lies.set(name, Number(value));
      return ['END'];
    }
    return ['UNKNOWN that'];
  };
  const open = new Set();
  const server = createServer((socket) => {
    open.add(socket);
    let text = '';
    socket.setEncoding('utf8');
    socket.setTimeout(60_000, () => socket.destroy());
    socket.on('error', () => socket.destroy());
    socket.on('close', () => open.delete(socket));
    socket.on('data', (more) => {
      text += more;
      for (let end = text.indexOf('\n'); end >= 0; end = text.indexOf('\n')) {
        const line = text.slice(0, end).trim();
        text = text.slice(end + 1);
        if (line) socket.write(`${answer(line).join('\n')}\n`);
      }
      if (text.length > LONGEST) socket.destroy();
    });
  });
  await new Promise((done, fail) => {
    server.once('error', fail);
    server.listen(port, host, done);
  });
  return {
    address: `${host}:${server.address().port}`,
    put: (name, value) => lies.set(name, value),
    stop: () =>
      new Promise((done) => {
        for (const socket of open) socket.destroy();
        server.close(() => done());
      }),
  };
}
