import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { renderToString } from 'react-dom/server';
import { tellEarlyInput, watchEarlyInput } from './early-input';

/** Each way in which a page holds what is typed; what the program knows of it stands beside. */
function Fields() {
  const [text, setText] = useState('of the server');
  const [words, setWords] = useState('');
  const [unit, setUnit] = useState('own');
  const [ticked, setTicked] = useState(false);
  const [toggled, setToggled] = useState(false);
  const [file, setFile] = useState('none');
  const [sent, setSent] = useState<string[]>([]);
  const { register, watch } = useForm({ defaultValues: { note: 'kept' } });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        setSent([...sent, text]);
      }}
    >
      <input aria-label="text" value={text} onChange={(event) => setText(event.target.value)} />
      <textarea aria-label="words" value={words} onChange={(event) => setWords(event.target.value)} />
      <select aria-label="unit" value={unit} onChange={(event) => setUnit(event.target.value)}>
        <option value="own">as planned</option>
        <option value="in">inch</option>
      </select>
      <input
        aria-label="ticked"
        type="checkbox"
        checked={ticked}
        onChange={(event) => setTicked(event.target.checked)}
      />
      <input
        aria-label="toggled"
        type="checkbox"
        checked={toggled}
        onChange={() => setToggled((was) => !was)}
      />
      <input
        aria-label="file"
        type="file"
        onChange={(event) => setFile(event.target.files?.[0]?.name ?? '')}
      />
      <input aria-label="note" {...register('note')} />
      <button>Send</button>
      <output>
        {JSON.stringify({ text, words, unit, ticked, toggled, file, note: watch('note'), sent })}
      </output>
    </form>
  );
}

/** The page as the server sent it, before any script has come. */
function pageOfServer(): HTMLElement {
  const container = document.createElement('div');
  container.innerHTML = renderToString(<Fields />);
  document.body.append(container);
  watchEarlyInput();
  return container;
}

const known = () => JSON.parse(screen.getByRole('status').textContent) as Record<string, unknown>;

afterEach(() => {
  jest.useRealTimers();
  window.earlyInput?.stop();
  delete window.earlyInput;
  document.body.replaceChildren();
});

test('what was typed before the scripts came is known to the program, and stands in its field', () => {
  const container = pageOfServer();
  fireEvent.input(screen.getByLabelText('text'), { target: { value: 'typed' } });
  fireEvent.input(screen.getByLabelText('text'), { target: { value: 'typed early' } });
  fireEvent.input(screen.getByLabelText('words'), { target: { value: 'two\nlines' } });
  fireEvent.change(screen.getByLabelText('unit'), { target: { value: 'in' } });
  fireEvent.click(screen.getByLabelText('ticked'));
  const upload = new File(['x'], 'Roster.csv');
  fireEvent.change(screen.getByLabelText('file'), { target: { files: [upload] } });
  fireEvent.input(screen.getByLabelText('note'), { target: { value: 'noted' } });

  render(<Fields />, { container, hydrate: true });
  act(tellEarlyInput);
  expect(known()).toEqual({
    text: 'typed early',
    words: 'two\nlines',
    unit: 'in',
    ticked: true,
    toggled: false,
    file: 'Roster.csv',
    note: 'noted',
    sent: [],
  });
  const shown = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
  expect(['text', 'words', 'unit', 'note'].map((label) => shown(label).value)).toEqual([
    'typed early',
    'two\nlines',
    'in',
    'noted',
  ]);
  expect(shown('ticked').checked).toBe(true);
});

test('what was not touched is not told, nor is a field that went away', () => {
  const container = pageOfServer();
  fireEvent.input(screen.getByLabelText('words'), { target: { value: 'early' } });
  const gone = document.createElement('input');
  document.body.append(gone);
  fireEvent.input(gone, { target: { value: 'early' } });
  gone.remove();
  const heard = jest.fn();
  gone.addEventListener('input', heard);

  render(<Fields />, { container, hydrate: true });
  act(tellEarlyInput);
  expect(known()).toMatchObject({
    text: 'of the server',
    words: 'early',
    unit: 'own',
    ticked: false,
    note: 'kept',
  });
  expect(heard).not.toHaveBeenCalled();
});

test('is told once, and nothing is watched after', () => {
  const container = pageOfServer();
  fireEvent.change(screen.getByLabelText('unit'), { target: { value: 'in' } });
  render(<Fields />, { container, hydrate: true });
  act(tellEarlyInput);
  fireEvent.change(screen.getByLabelText('unit'), { target: { value: 'own' } });
  act(tellEarlyInput);
  expect(known()).toMatchObject({ unit: 'own' });
  expect(window.earlyInput).toBeUndefined();
});

test('what was sent off goes nowhere by itself: it is sent once, with what was typed', () => {
  jest.useFakeTimers();
  const container = pageOfServer();
  fireEvent.input(screen.getByLabelText('text'), { target: { value: 'a password' } });
  // False: the browser was kept from going by itself.
  expect(fireEvent.submit(container.querySelector('form')!)).toBe(false);
  render(<Fields />, { container, hydrate: true });
  // The program listens, and has not been told yet.
  expect(fireEvent.submit(container.querySelector('form')!)).toBe(false);
  fireEvent.click(screen.getByLabelText('toggled'));
  expect(known()).toMatchObject({ sent: [], toggled: false });
  act(() => {
    tellEarlyInput();
  });
  act(() => jest.runAllTimers());
  expect(known()).toMatchObject({ text: 'a password', sent: ['a password'], toggled: true });
});
