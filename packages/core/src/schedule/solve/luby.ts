/** 1 1 2 1 1 2 4 1 1 2 …: how long to go on before beginning again. */
export function luby(index: number): number {
  let size = 1;
  let power = 0;
  while (size < index + 1) {
    size = 2 * size + 1;
    power += 1;
  }
  let at = index;
  while (size - 1 !== at) {
    size = (size - 1) >> 1;
    power -= 1;
    at %= size;
  }
  return 2 ** power;
}
