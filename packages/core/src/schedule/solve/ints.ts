/** A growing Int32Array. */
export class Ints {
  data = new Int32Array(64);
  length = 0;
  push(value: number): void {
    if (this.length === this.data.length) {
      const wider = new Int32Array(this.length * 2);
      wider.set(this.data);
      this.data = wider;
    }
    this.data[this.length++] = value;
  }
}
