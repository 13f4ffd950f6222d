/** Partial plans on record, each as the one it continues and the decision it adds. Numbers only: there can be a million. */
export class LabelStore {
  private parents = new Int32Array(1024);
  private decisions = new Int32Array(1024);
  private size = 0;

  get count(): number {
    return this.size;
  }

  add(parent: number, decision: number): number {
    if (this.size === this.parents.length) {
      this.parents = grown(this.parents);
      this.decisions = grown(this.decisions);
    }
    this.parents[this.size] = parent;
    this.decisions[this.size] = decision;
    this.size += 1;
    return this.size - 1;
  }

  /** The decisions of a label, the first first. */
  decisionsOf(label: number): readonly number[] {
    const found: number[] = [];
    for (let at = label; at >= 0; at = this.parents[at] ?? -1) {
      const decision = this.decisions[at] ?? -1;
      if (decision >= 0) found.unshift(decision);
    }
    return found;
  }
}

function grown(array: Int32Array<ArrayBuffer>): Int32Array<ArrayBuffer> {
  const larger = new Int32Array(array.length * 2);
  larger.set(array);
  return larger;
}
