import { wireSet } from '@/core/measuring/gauging/gauge';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { createExercise, loadExercise } from './exercises';
import { handOut } from './hand-out';
import { passOn } from './outcome';
import { loadAttempt } from './attempts';
import {
  archiveItem,
  importBook,
  importLathe,
  loadBook,
  loadLathe,
  loadShop,
  saveBook,
  saveLathe,
  saveWires,
  saveWords,
  setTimeZone,
  shopOf,
} from './shop';
import { classDatabase, latheForm, refused } from './test/class-database';
import { GOOD_FORM } from './test/fresh-database';

const { people, order, issue } = classDatabase();

describe('the shop', () => {
  test('a bad lathe is refused at its field, and only the instructor keeps lathes, wires and the time zone', async () => {
    const form = latheForm();
    expect(await saveLathe(people.instructor, null, { ...form, graduation: '0,001' })).toMatchObject({
      refused: { kind: 'invalid', fields: [{ field: 'graduation' }] },
    });
    const student = people.students[0]!;
    expect(await saveLathe(student, null, form)).toEqual(refused('forbidden'));
    expect(await setTimeZone(student, 'UTC')).toEqual(refused('forbidden'));
    expect(await setTimeZone(people.instructor, 'Europe/Nowhere')).toEqual(refused('invalid', 'timeZone'));
    passOn(await setTimeZone(people.instructor, 'Europe/Prague'));
    expect((await shopOf()).timeZone).toBe('Europe/Prague');
    const gauge = wireSet('Wires', [{ value: 0.03, unit: 'in' }]);
    expect(await saveWires(student, gauge)).toEqual(refused('forbidden'));
    const first = passOn(await saveWires(people.instructor, gauge));
    expect(passOn(await saveWires(people.instructor, { ...gauge, sizes: [] }))).toBe(first);
  });

  test('a lathe that is put away is not offered, and stays with what was cut on it', async () => {
    const id = passOn(await saveLathe(people.instructor, null, { ...latheForm(), name: 'Old lathe' }));
    const exercise = passOn(await createExercise(people.instructor, GOOD_FORM));
    passOn(await archiveItem(people.instructor, id, true, true));
    expect(
      passOn(await loadExercise(people.instructor, exercise)).lathes.map(({ id: each }) => each),
    ).not.toContain(id);
    const give = { ...order(0, [people.students[0]!]), latheIds: [id] };
    expect(await handOut(people.instructor, exercise, give)).toEqual(refused('not-found'));
  });

  test('a lathe says in which exercises it is used', async () => {
    const id = passOn(await saveLathe(people.instructor, null, { ...latheForm(), name: 'Used lathe' }));
    expect(passOn(await loadLathe(people.instructor, id)).usedIn).toEqual([]);
    const exercise = passOn(await createExercise(people.instructor, GOOD_FORM));
    passOn(
      await handOut(people.instructor, exercise, { ...order(0, [people.students[0]!]), latheIds: [id] }),
    );
    expect(passOn(await loadLathe(people.instructor, id)).usedIn).toEqual([GOOD_FORM.title]);
    // What another class makes on it is counted, not named.
    expect(passOn(await loadLathe(people.stranger, id)).usedIn).toEqual(['one exercise of another class']);
  });

  test('records of the book: kept with revisions, put away, taken from a file as a whole or not at all', async () => {
    const { instructor, students } = people;
    const form = { name: 'Ring 9', kind: 'ring', thread: 'M16x2-6g' };
    expect(await saveBook(students[0]!, { kind: 'gauge' }, form)).toEqual(refused('forbidden'));
    expect(await saveBook(instructor, { kind: 'gauge' }, { ...form, due: 'soon' })).toEqual(
      refused('invalid', 'due'),
    );
    const id = passOn(await saveBook(instructor, { kind: 'gauge' }, form));
    expect(passOn(await saveBook(instructor, { itemId: id, seen: 1 }, { ...form, due: '2027-01-01' }))).toBe(
      id,
    );
    const { book } = passOn(await loadShop(instructor));
    expect(book.gauge.find((item) => item.id === id)).toMatchObject({
      number: 2,
      document: { due: '2027-01-01' },
    });
    passOn(await archiveItem(instructor, id, true, false));
    expect(passOn(await loadBook(instructor, 'gauge')).map(({ name }) => name)).not.toContain('Ring 9');
    expect(await archiveItem(instructor, id, true, true)).toEqual(refused('not-found'));
    const rows = [
      ['name', 'kind'],
      ['Tool A', 'ground'],
      ['Tool B', 'made of air'],
    ];
    expect(await importBook(instructor, 'tool', { rows })).toEqual(refused('invalid', 'row 3, kind'));
    expect(passOn(await loadBook(instructor, 'tool'))).toEqual([]);
    expect(passOn(await importBook(instructor, 'tool', { rows: rows.slice(0, 2) }))).toBe(1);
    const again = passOn(await loadBook(instructor, 'tool'));
    expect(passOn(await importBook(instructor, 'tool', { documents: again }))).toBe(1);
    expect(await importBook(instructor, 'tool', { documents: [{ format: 'oyakata-plan' }] })).toEqual(
      refused('invalid', '1, format'),
    );
    expect(await saveBook(instructor, { itemId: 999_999, seen: 1 }, form)).toEqual(refused('not-found'));
  });

  test('nothing is stored in which nothing can be seen, or of a size that no lathe has, by form, file or rows', async () => {
    const { instructor } = people;
    const nothing = '\u200b\u2060';
    expect(await saveBook(instructor, { kind: 'tool' }, { name: nothing, kind: 'ground' })).toMatchObject({
      refused: { kind: 'invalid' },
    });
    passOn(await saveBook(instructor, { kind: 'material' }, { name: 'Steel 1' }));
    const [material] = passOn(await loadBook(instructor, 'material'));
    for (const field of Object.keys(material!).filter(
      (each) => typeof material![each] === 'string' && !['format'].includes(each),
    ))
      expect(
        await importBook(instructor, 'material', { documents: [{ ...material, [field]: nothing }] }),
      ).toEqual(refused('invalid', field));
    const lathe = usualLathe('in', 'Lathe 7');
    expect(await importLathe(instructor, { ...lathe, name: nothing })).toEqual(refused('invalid', 'name'));
    const dial = { ...lathe.compound.dial, perTurn: { value: 500_000, unit: 'in' } };
    expect(await importLathe(instructor, { ...lathe, compound: { ...lathe.compound, dial } })).toEqual(
      refused('invalid', 'compound.dial.perTurn'),
    );
  });

  test('a revision that was not seen is never written over: the one that stands comes back with the refusal', async () => {
    const { instructor } = people;
    const form = { name: 'Ring 7', kind: 'ring', thread: 'M16x2-6g' };
    const itemId = passOn(await saveBook(instructor, { kind: 'gauge' }, form));
    passOn(await saveBook(instructor, { itemId, seen: 1 }, { ...form, due: '2027-01-01' }));
    const late = await saveBook(instructor, { itemId, seen: 1 }, { ...form, name: 'Ring seven' });
    expect(late).toMatchObject({
      refused: { kind: 'conflict', code: 'changed', more: { number: 2, document: { due: '2027-01-01' } } },
    });
    // The same twice is one revision; with what stands seen, the next.
    expect(passOn(await saveBook(instructor, { itemId, seen: 1 }, { ...form, due: '2027-01-01' }))).toBe(
      itemId,
    );
    passOn(await saveBook(instructor, { itemId, seen: 2 }, { ...form, name: 'Ring seven' }));
    const lathe = passOn(await saveLathe(instructor, null, latheForm()));
    const kept = ['0.002', '0.005', '0.01'].map((graduation) =>
      saveLathe(instructor, { itemId: lathe, seen: 1 }, { ...latheForm(), graduation }),
    );
    const outcomes = await Promise.all(kept);
    expect(outcomes.filter((outcome) => 'done' in outcome)).toHaveLength(1);
    expect(
      outcomes.filter((outcome) => 'refused' in outcome && outcome.refused.code === 'changed'),
    ).toHaveLength(2);
    expect(passOn(await loadLathe(instructor, lathe)).number).toBe(2);
  });

  test('its words are one for each thing, and stand on what is handed out from then on', async () => {
    const { instructor, students } = people;
    const words = { compound: 'top slide', halfNut: 'split nut' };
    expect(await saveWords(students[0]!, words)).toEqual(refused('forbidden'));
    expect(await saveWords(instructor, { ...words, crossSlide: 'Top slide' })).toEqual(
      refused('invalid', 'crossSlide'),
    );
    const before = await issue([students[1]!]);
    passOn(await saveWords(instructor, words));
    expect((await shopOf()).words).toMatchObject({ ...words, crossSlide: 'cross slide' });
    const after = await issue([students[2]!]);
    const wordsOf = async (id: number) => passOn(await loadAttempt(instructor, id)).sheet?.words;
    expect(await wordsOf(before.attemptId)).toMatchObject({ compound: 'compound', halfNut: 'half nut' });
    expect(await wordsOf(after.attemptId)).toMatchObject(words);
    passOn(await saveWords(instructor, {}));
    expect((await shopOf()).words).toMatchObject({ compound: 'compound' });
  });
});
