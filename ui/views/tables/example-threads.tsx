import { Button } from '@/ui/kit/button';
import { RuledTable } from '@/ui/kit/ruled-table';

/** Every system with ways of writing it; each example can be looked up as it stands. */
export const EXAMPLE_THREADS = [
  {
    system: 'Unified inch, 60°',
    standard: 'ASME B1.1',
    threads: ['3/4-16 UNF-2A', '7/8-9 UNC-2B', '#10-32', '.750-18 UNS-2A', '3/4-16 UNF-2A (3 starts)'],
  },
  {
    system: 'ISO metric, 60°',
    standard: 'ISO 965-1',
    threads: ['M16x2-6g', 'M30x2-5g6g', 'M20x1.5-LH', 'M20xPh5P2.5-6g'],
  },
  { system: 'Acme, 29°', standard: 'ASME B1.5', threads: ['3/4-6 Acme-2G', '1 1/2-4 Acme-3G'] },
  { system: 'Trapezoidal, 30°', standard: 'ISO 2901 to 2904', threads: ['Tr30x6-7e', 'Tr40x14(P7)-7e'] },
  { system: 'Whitworth, 55°', standard: 'BS 84', threads: ['7/8-9 BSW', '3/4-12 BSF'] },
  { system: 'Parallel pipe, 55°', standard: 'ISO 228', threads: ['G 3/4 A', 'G 1 1/2'] },
  { system: 'Square', standard: 'plain sizes, common practice', threads: ['Sq 1-4', 'Sq 30x6'] },
];

/** What can be typed, shown while there is no thread to look up. */
export function ExampleThreads({ onChoose }: { onChoose: (thread: string) => void }) {
  return (
    <main className="grid max-w-6xl gap-3 p-6">
      <p className="text-lg">
        Type a thread, or take one of these. Its limits and those of its mate appear here, with wires, tool
        and depth.
      </p>
      <RuledTable
        large
        caption="Threads that can be looked up"
        columns={[
          { title: 'System', className: 'px-3' },
          { title: 'Standard', className: 'px-3' },
          { title: 'Written', className: 'px-5' },
        ]}
      >
        {EXAMPLE_THREADS.map(({ system, standard, threads }) => (
          <tr key={system} className="border-b border-rule">
            <th scope="row" className="px-3 py-1.5 text-left font-medium whitespace-nowrap">
              {system}
            </th>
            <td className="px-3 py-1.5 text-ink-soft">{standard}</td>
            <td className="px-2">
              {threads.map((thread) => (
                <Button key={thread} tone="quiet" className="font-mono" onClick={() => onChoose(thread)}>
                  {thread}
                </Button>
              ))}
            </td>
          </tr>
        ))}
      </RuledTable>
      <p className="text-ink-soft">LH at the end makes it left hand. No class written: 2A or 6g outside.</p>
    </main>
  );
}
