import type { Entry, Role } from '@/core/exercise/record/entry/entry';
import type { WorksheetShown } from '@/core/exercise/record/state/worksheet-progress';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import type { EarlierTry } from '@/core/exercise/record/shown/earlier-try';

export interface AttemptShown {
  id: number;
  title: string;
  /** The sheet of the lathe chosen; null while none is. */
  sheet: Sheet | null;
  sheetId: number | null;
  lathes: readonly { sheetId: number; name: string }[];
  student: { id: number; name: string };
  tryNumber: number;
  revision: number;
  /** The server holds something of the sheet back. */
  hides?: boolean;
  /** Micrometers of the shop, by name. */
  instruments?: readonly string[];
  /** What has to be found first; null where nothing is asked. */
  worksheet?: WorksheetShown | null;
  entries: Entry[];
  marked: boolean;
  /** What the mark gave, where the page knows it. */
  verdict?: { total: number; passed: boolean } | null;
  /** What the try before has to say to this one; null for a first try. */
  earlier?: EarlierTry | null;
  who: { id: number; name: string; role: Role };
}
