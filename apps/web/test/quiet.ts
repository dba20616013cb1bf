const ROUNDS = 100;

/** Until whatever was begun has had its turn, many times over: by turns of the loop, not by the clock, so that a slow machine is no other. */
export async function quiet(): Promise<void> {
  for (let round = 0; round < ROUNDS; round += 1) await new Promise((done) => setImmediate(done));
}
