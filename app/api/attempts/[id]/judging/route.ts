import { loadJudging } from '@/data/marks';
import { answer, handleBare } from '@/app/server/handle';

/** What of a piece is judged by eye, thumb and talk, and the mark that is proposed by now. */
export const GET = handleBare(async ({ viewer, id }) => answer(await loadJudging(viewer, id)));
