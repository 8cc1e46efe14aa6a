import type { BookDocument } from '@/core/machine/book/book';

export interface BookItem {
  id: number;
  number: number;
  archived: boolean;
  document: BookDocument;
}
