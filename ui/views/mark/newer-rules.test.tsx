import { render, screen } from '@testing-library/react';
import { NewerRules } from './newer-rules';

test('each difference stands with both points and its reason, a line that only one side has is said so', () => {
  const differences = [
    { id: 'a', title: 'Schedule kept', proposed: 4, newer: 6, reason: 'A repeat is judged by its infeed.' },
    { id: 'b', title: 'What happened', proposed: null, newer: 3, reason: 'Nothing is recorded.' },
  ];
  render(<NewerRules newer={{ rules: 3, total: 87, differences }} />);
  const text = screen.getByRole('group').textContent;
  expect(text).toContain('By the rules of today: 87.');
  expect(text).toContain('Schedule kept: 4 here, 6 by rules 3. A repeat is judged by its infeed.');
  expect(text).toContain('What happened: no such line here, 3 by rules 3.');
});

test('where nothing differs it says so', () => {
  render(<NewerRules newer={{ rules: 3, total: 50, differences: [] }} />);
  expect(screen.getByText('No line differs.')).not.toBeNull();
});
