import { QueryTypes, type QueryInterface } from 'sequelize';
import { UnfitDatabase } from '../unfit-database';

/** The last release that writes out what version 1 derived each time anew. */
const LIFTED_BY = '0.1';

/**
 * Books of version 1 held plans only; what followed from them was derived each time. Release 0.1 wrote it down, with the
 * derivation of then; this one knows it no more, and refuses such a book before anything of it is changed.
 * @throws UnfitDatabase
 */
export async function refuseVersion1(queryInterface: QueryInterface): Promise<void> {
  if (!(await has(queryInterface, 'revisions')) || !(await has(queryInterface, 'exercises'))) return;
  const count = async (from: string) => {
    const [row] = await queryInterface.sequelize.query<{ found: number }>(
      `SELECT COUNT(*) AS found FROM ${from}`,
      { type: QueryTypes.SELECT },
    );
    return Number(row?.found ?? 0);
  };
  const revisions = (await has(queryInterface, 'hand_outs'))
    ? await count('revisions WHERE id NOT IN (SELECT revision_id FROM hand_outs)')
    : await count('revisions');
  // A draft of version 1 held the dial that a lathe of the shop holds since.
  const drafts = (await has(queryInterface, 'shop_revisions'))
    ? 0
    : await count('exercises WHERE id NOT IN (SELECT exercise_id FROM revisions)');
  if (revisions + drafts > 0)
    throw new UnfitDatabase(
      `This book is of version 1 (${revisions} plans handed out, ${drafts} drafts), which this release does not read any more. ` +
        `Start it once with release ${LIFTED_BY}, which brings it up to date; then update. Nothing was changed.`,
    );
}

export async function has(queryInterface: QueryInterface, table: string, column = 'id'): Promise<boolean> {
  const [found] = await queryInterface.sequelize.query<{ found: number }>(
    `SELECT COUNT(*) AS found FROM information_schema.COLUMNS
      WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = ? AND COLUMN_NAME = ?`,
    { type: QueryTypes.SELECT, replacements: [table, column] },
  );
  return (found?.found ?? 0) > 0;
}
