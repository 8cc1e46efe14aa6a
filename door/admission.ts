/**
 * How many requests may be worked on at once. Beyond it a request is turned away at once, with the time after which to
 * come again: what waits in a queue for half a minute is of no use to anybody, and makes all others wait.
 */
export class Admission {
  #inside = 0;

  /** @param most found by `./oyakata soak`: twice what keeps both cores busy, so that the wait stays near a second */
  constructor(readonly most: number) {}

  get inside(): number {
    return this.#inside;
  }

  /** Lets a request in and answers how it leaves (once, however often it is called); null when there is no room. */
  enter(): (() => void) | null {
    if (this.#inside >= this.most) return null;
    this.#inside += 1;
    let left = false;
    return () => {
      if (left) return;
      left = true;
      this.#inside -= 1;
    };
  }
}
