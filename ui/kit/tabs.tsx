import { Tabs as RadixTabs } from 'radix-ui';
import { memo, type ReactNode } from 'react';

export interface Tab {
  id: string;
  title: string;
}

/** A few views of one thing, one at a time; the chosen one, given as the child, fills the space. */
export function Tabs({
  label,
  tabs,
  value,
  onChange,
  children,
}: {
  label: string;
  tabs: readonly Tab[];
  value: string;
  onChange: (id: string) => void;
  children: ReactNode;
}) {
  return (
    <RadixTabs.Root value={value} onValueChange={onChange} className="flex h-full min-h-0 flex-col">
      <TabList label={label} tabs={tabs} />
      {tabs.map(({ id }) => (
        <RadixTabs.Content key={id} value={id} className="min-h-0 flex-1 overflow-auto">
          {id === value && children}
        </RadixTabs.Content>
      ))}
    </RadixTabs.Root>
  );
}

const TabList = memo(function TabList({ label, tabs }: { label: string; tabs: readonly Tab[] }) {
  return (
    <RadixTabs.List
      aria-label={label}
      className="flex gap-px border-b border-rule-strong bg-paper-sunk px-2 pt-1"
    >
      {tabs.map((tab) => (
        <RadixTabs.Trigger
          key={tab.id}
          value={tab.id}
          className="min-h-8 rounded-t-cut border border-b-0 border-transparent px-4 whitespace-nowrap font-head text-base font-medium data-[state=active]:border-rule-strong data-[state=active]:bg-paper-raised tablet:min-h-12 tablet:px-2"
        >
          {tab.title}
        </RadixTabs.Trigger>
      ))}
    </RadixTabs.List>
  );
});
