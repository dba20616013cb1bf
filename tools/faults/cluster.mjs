// Two copies of the server on a Galera cluster of three nodes, behind a proxy; nodes and copies are killed while marks are given.
import { existsSync, mkdirSync } from 'node:fs';
import { wait } from '../lib/net.mjs';
import { startCopy } from './copies.mjs';
import { countMarks, report } from './count.mjs';
import { PROVIDER, startCluster } from './nodes.mjs';
import { startProxy } from './proxy.mjs';
import { ask, sheetsOf, signIn, startTablets } from './tablets.mjs';

const TABLETS = 8;

/** @returns {Promise<number>} how many of its checks failed */
export async function inCluster(dir, endings) {
  if (!existsSync(PROVIDER)) throw new Error('Galera is missing: apt-get install galera-4');
  mkdirSync(dir, { recursive: true });
  const nodes = await startCluster(
    dir,
    async (url) => {
      const copy = await startCopy(url, { demo: true });
      await copy.stop();
    },
    endings,
  );
  const copies = [];
  for (const node of nodes.slice(0, 2)) copies.push(await startCopy(node.url));
  for (const copy of copies) endings.push(() => copy.kill());
  const proxy = await startProxy(copies);
  endings.push(() => proxy.stop());
  const people = [];
  for (const name of ['maren.oltz', 'teo.vasz']) people.push(await signIn(proxy.base, name));
  const sheets = await sheetsOf(proxy.base, people[0]);
  const tablets = startTablets({ bases: [proxy.base], people, sheets, count: TABLETS });
  let signedOut = 0;
  let longest = 0;
  const goesOn = async () => {
    const [before, begun] = [tablets.confirmed.size, Date.now()];
    while (tablets.confirmed.size < before + TABLETS) {
      if (Date.now() - begun > 60_000) throw new Error('Marks are not taken any more.');
      await wait(50);
    }
    longest = Math.max(longest, Date.now() - begun);
    for (const cookie of people) {
      // Between two copies one may just have gone: asked again, as a browser is.
      let answer = await ask(proxy.base, '/api/session', { cookie });
      for (let tries = 0; answer.status !== 200 && tries < 40; tries += 1) {
        await wait(250);
        answer = await ask(proxy.base, '/api/session', { cookie });
      }
      if (!answer.body?.me) signedOut += 1;
    }
  };
  await goesOn();
  await wait(2000);
  let kills = 0;
  // The node of the second copy, that copy, then those of the first.
  for (const [node, copy] of [
    [nodes[1], copies[1]],
    [nodes[0], copies[0]],
  ]) {
    await node.kill();
    kills += 1;
    await goesOn();
    await wait(2000);
    await node.start({ recover: true });
    await goesOn();
    await copy.kill();
    kills += 1;
    await goesOn();
    await wait(1000);
    await copy.start();
    await goesOn();
  }
  await nodes[2].kill();
  kills += 1;
  await goesOn();
  await nodes[2].start({ recover: true });
  await goesOn();
  await tablets.stop();
  await wait(1000);
  let failed = 0;
  for (const [index, node] of nodes.entries()) {
    const what = index === 0 ? 'Cluster' : `  as ${node.name} has it`;
    const more = index === 0 ? `${kills} kills, ${signedOut} signed out, longest wait ${(longest / 1000).toFixed(1)} s` : '';
    if (!report(what, await countMarks(node.url, tablets.confirmed), tablets.refused, more)) failed += 1;
  }
  for (const copy of copies) await copy.stop();
  for (const node of [...nodes].reverse()) await node.stop();
  return failed + signedOut;
}
