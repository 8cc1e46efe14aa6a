import { object } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { saveWords } from '@/data/shop';
import { answer, handle } from '@/app/server/handle';
import { forgetShop } from '@/app/server/shop-as-known';

const word = exactText(60).default('');
const schema = object({
  compound: word,
  crossSlide: word,
  halfNut: word,
  threadDial: word,
  carriage: word,
  runOutGroove: word,
  centreGauge: word,
});

/** Keeps the words of the shop; an empty one is the usual word. */
export const PUT = handle(
  schema,
  async ({ viewer, body }) => {
    const saved = await saveWords(viewer, body);
    forgetShop();
    return answer(saved, 204);
  },
  { instructorsOnly: true },
);
