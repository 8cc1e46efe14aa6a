/** As long as it is not known what the device holds, that is said and nothing else. */
export function BenchLineToCome() {
  return (
    <p role="status" className="bg-paper-sunk px-4 py-1 text-base text-ink-soft">
      Looking what is held…
    </p>
  );
}
