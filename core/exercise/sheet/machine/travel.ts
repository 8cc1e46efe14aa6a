import { listOf, part, words } from '@/core/base/documents/parts';

export const travelSchema = listOf(part({ what: words(60), says: words(300) }), 12);
