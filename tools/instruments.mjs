// `npm run instruments`: a simulated calliper, scale and probe, in a process of their own. Options: --port N (4390), --begin N, and what lies
// in them, as --put calliper=3.1. The demo starts them by itself.
import { parseArgs } from 'node:util';
import { startInstruments } from './lib/instruments.mjs';
import { giveUp, say } from './lib/setup.mjs';

const { values } = parseArgs({
  options: {
    port: { type: 'string', default: '4390' },
    begin: { type: 'string', default: '1' },
    put: { type: 'string', multiple: true, default: [] },
  },
});
const put = values.put.map(
  (each) => /^(calliper|scale|probe)=(-?\d{1,6}(?:\.\d{1,4})?)$/.exec(each) ?? giveUp(`"${each}" is not as calliper=3.1.`),
);
const instruments = await startInstruments({ port: Number(values.port), begin: Number(values.begin) }).catch((error) =>
  giveUp(`The instruments could not start (${error.code ?? error.message}). Name another port with --port N.`),
);
for (const [, name, value] of put) instruments.put(name, Number(value));
if (process.send) process.send({ ready: instruments.address });
else say(`Simulated instruments at ${instruments.address}. Start Pelvo with PELVO_INSTRUMENTS=${instruments.address}.`);
const end = () => void instruments.stop().then(() => process.exit(0));
process.on('SIGTERM', end);
process.on('SIGINT', end);
process.on('disconnect', end);
