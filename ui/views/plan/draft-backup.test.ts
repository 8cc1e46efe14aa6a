import { differingFields } from '@/core/exercise/plan/plan-schema';
import { EMPTY_PLAN_FORM, withLeaf, type PlanForm } from '@/core/exercise/plan/draft';
import { readBackup, reconcile, sameForm, writeBackup } from './draft-backup';

const typed = (title: string): PlanForm => ({ ...EMPTY_PLAN_FORM, title });
const stored = { form: typed('There'), draftVersion: 5, draftSaveId: 'save-1' };
const pending = { id: 'save-1', form: typed('There') };

test('nothing was left, or the server has it already', () => {
  expect(reconcile(null, stored)).toEqual({ kind: 'nothing' });
  expect(reconcile({ draftVersion: 2, form: typed('There'), pending: null }, stored)).toEqual({
    kind: 'nothing',
  });
});

test('on the same version it goes on, with the save that was under way', () => {
  const other = { id: 'save-2', form: typed('He') };
  expect(reconcile({ draftVersion: 5, form: typed('Here'), pending: other }, stored)).toEqual({
    kind: 'restore',
    form: typed('Here'),
    pending: other,
  });
});

test('a later version that is our own unanswered save is no conflict', () => {
  expect(reconcile({ draftVersion: 4, form: typed('Here'), pending }, stored)).toEqual({
    kind: 'restore',
    form: typed('Here'),
    pending: null,
  });
});

test('a later version of another window is one, with both versions whole', () => {
  const expected = {
    kind: 'conflict',
    conflict: { here: typed('Here'), there: typed('There'), draftVersion: 5 },
  };
  expect(reconcile({ draftVersion: 4, form: typed('Here'), pending: null }, stored)).toEqual(expected);
  expect(
    reconcile({ draftVersion: 4, form: typed('Here'), pending: { ...pending, id: 'x' } }, stored),
  ).toEqual(expected);
});

test('only fields that differ are named', () => {
  const other = withLeaf(typed('A'), 'thread.designation', 'M16');
  expect(differingFields(other, typed('B'))).toEqual(['title', 'thread.designation']);
  expect(differingFields(typed('A'), typed('A'))).toEqual([]);
});

test('two forms are the same when their texts are; one that is missing is an empty one', () => {
  const rows = withLeaf(typed('A'), 'thread.designation', 'M16');
  expect(sameForm(rows, JSON.parse(JSON.stringify(rows)) as PlanForm)).toBe(true);
  expect(sameForm(rows, typed('A'))).toBe(false);
  expect(sameForm(typed('A'), rows)).toBe(false);
  const without = { ...typed(''), title: undefined } as unknown as PlanForm;
  expect(sameForm(without, typed(''))).toBe(true);
  expect(sameForm(typed('A'), without)).toBe(false);
});

test('a copy of an older release, or a broken one, is read as far as it can be', () => {
  writeBackup(7, { draftVersion: 1, form: typed('x'), pending: null });
  expect(readBackup(7)).toEqual({ draftVersion: 1, form: typed('x'), pending: null });
  window.localStorage.setItem('oyakata-draft-7', JSON.stringify({ draftVersion: 1, form: typed('y') }));
  expect(readBackup(7)?.pending).toBeNull();
  window.localStorage.setItem(
    'oyakata-draft-7',
    JSON.stringify({ draftVersion: 1, form: { thread: 'M16' } }),
  );
  expect(readBackup(7)?.form.thread.designation).toBe('M16');
  window.localStorage.setItem('oyakata-draft-7', '{"draft');
  expect(readBackup(7)).toBeNull();
});
