import { createExercise, loadExercise } from './exercises';
import { handOut } from './hand-out';
import { passOn } from './outcome';
import { loadAttempt } from './attempts';
import { archiveLathe, saveLathe, saveWires, saveWords, setTimeZone, shopOf } from './shop';
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
    const wires = {
      format: 'oyakata-gauge',
      version: 1,
      name: 'Wires',
      kind: 'wires',
      sizes: [{ value: 0.03, unit: 'in' }],
      note: null,
    } as const;
    const gauge = { ...wires, sizes: [...wires.sizes] };
    expect(await saveWires(student, gauge)).toEqual(refused('forbidden'));
    const first = passOn(await saveWires(people.instructor, gauge));
    expect(passOn(await saveWires(people.instructor, { ...gauge, sizes: [] }))).toBe(first);
  });

  test('a lathe that is put away is not offered, and stays with what was cut on it', async () => {
    const id = passOn(await saveLathe(people.instructor, null, { ...latheForm(), name: 'Old lathe' }));
    const exercise = passOn(await createExercise(people.instructor, GOOD_FORM));
    passOn(await archiveLathe(people.instructor, id, true));
    expect(
      passOn(await loadExercise(people.instructor, exercise)).lathes.map(({ id: each }) => each),
    ).not.toContain(id);
    const give = { ...order(0, [people.students[0]!]), latheIds: [id] };
    expect(await handOut(people.instructor, exercise, give)).toEqual(refused('not-found'));
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
