import { Askers } from './askers';

const token = 'a'.repeat(43);
const cookie = `other=1; oyakata-bench-0a1b=${'c'.repeat(43)}; oyakata-0a1b=${token}`;

test('a token that the application has recognised is its person; any other one is its address', () => {
  const askers = new Askers();
  expect(askers.askerOf({ headers: { cookie } }, '10.0.0.9')).toBe('address 10.0.0.9');
  askers.recognised(token, 7);
  expect(askers.askerOf({ headers: { cookie } }, '10.0.0.9')).toBe('person 7');
  expect(askers.askerOf({ headers: { cookie: `__Host-oyakata-0a1b=${token}` } }, '10.0.0.9')).toBe(
    'person 7',
  );
  expect(askers.askerOf({ headers: { authorization: `Bearer ${token}` } }, '10.0.0.9')).toBe('person 7');
  expect(askers.askerOf({ headers: { cookie: `oyakata-0a1b=${'b'.repeat(43)}` } }, '10.0.0.9')).toBe(
    'address 10.0.0.9',
  );
});

test('so many are remembered and no more; whoever was seen last stays', () => {
  const askers = new Askers();
  const nth = (place: number) => String(place).padStart(43, 'x');
  for (let place = 0; place <= 5000; place += 1) askers.recognised(nth(place), place);
  const of = (place: number) => askers.askerOf({ headers: { authorization: `Bearer ${nth(place)}` } }, 'a');
  expect([of(0), of(1), of(5000)]).toEqual(['address a', 'person 1', 'person 5000']);
});
