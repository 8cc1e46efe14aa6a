import { useState, type ReactNode } from 'react';
import { fetchedPart } from './fetched-part';

export interface DialogProps {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  description: string;
  children: ReactNode;
}

const DialogFrame = fetchedPart(() => import('./dialog-frame'), 'Opening…', { ahead: true });

/** A dialog on paper with a dyed head. Escape and the cross close it, and the focus goes back to where it was. */
export function Dialog(props: DialogProps) {
  const [wanted, setWanted] = useState(false);
  if (props.open && !wanted) setWanted(true);
  return wanted || props.open ? <DialogFrame {...props} /> : null;
}
