/**
 * A list that only grows, and of which every earlier state stays as it was: the states share one array, each knows how much
 * of it is its own. Adding to the newest state costs the same however long the list is; adding to an older one copies it.
 */
export class Trail<T> {
  private constructor(
    private readonly shared: T[],
    readonly length: number,
  ) {}

  static of<T>(items: readonly T[] = []): Trail<T> {
    return new Trail([...items], items.length);
  }

  with(item: T): Trail<T> {
    const isNewest = this.shared.length === this.length;
    const shared = isNewest ? this.shared : this.shared.slice(0, this.length);
    shared.push(item);
    return new Trail(shared, this.length + 1);
  }

  get last(): T | undefined {
    return this.shared[this.length - 1];
  }

  /** All of them, as a list of one’s own. */
  all(): T[] {
    return this.shared.slice(0, this.length);
  }
}
