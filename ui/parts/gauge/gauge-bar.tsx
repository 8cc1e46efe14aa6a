import { useState } from 'react';
import { Usb } from 'lucide-react';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { Select } from '@/ui/kit/select';
import { BAUD_RATES } from './serial-gauge';
import type { GaugeLink } from './use-gauge';

/** Where readings can come from besides the fingers. */
export function GaugeBar({ connect, connected, problem }: GaugeLink) {
  const [rate, setRate] = useState(String(BAUD_RATES[0]));
  const [wrong, setWrong] = useState<string | null>(null);
  return (
    <div className="flex flex-wrap items-end gap-x-3 gap-y-1 text-sm text-ink-soft">
      <p className="flex min-h-9 basis-full items-center gap-1.5">
        <Usb aria-hidden className="size-4 shrink-0" />
        {connected
          ? 'The gauge is connected: its button fills the next empty field.'
          : 'A gauge that types fills the field that has the focus, or the next empty one.'}
      </p>
      {connect !== null && !connected && (
        <>
          <Select
            label="Baud"
            value={rate}
            options={BAUD_RATES.map((each) => ({ value: String(each), text: String(each) }))}
            onChange={setRate}
          />
          <Button onClick={() => void connect(Number(rate)).then(setWrong)}>Gauge on a serial line…</Button>
        </>
      )}
      {(wrong ?? problem) !== null && <Message tone="warning">{wrong ?? problem ?? ''}</Message>}
    </div>
  );
}
