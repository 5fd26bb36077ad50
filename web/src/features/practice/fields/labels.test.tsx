// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Schemas } from '../../../api/client';
import { openPart } from '../../../testing/part';
import { PartFields } from './PartFields';

afterEach(cleanup);

type Response = Schemas['ShownResponse'];

const OPTIONS = [
  { id: 'p', text: 'prime' },
  { id: 'q', text: 'not prime' },
];

function labelsOf(responses: Record<string, Response>): (string | null)[] {
  const fields = Object.entries(responses).map(([label, response]) => ({
    id: `f${label}`,
    label,
    wanted: 'a sentence or two',
    answerKind: 'choice',
    letters: [],
    suffix: '',
    response,
    spoken: {},
  }));
  const part = openPart('Sort them.', { kind: 'Stacked' }, fields);
  const nothing = () => undefined;
  render(<PartFields part={part} entries={{}} onChange={nothing} onEnter={nothing} />);
  return [...document.querySelectorAll('[data-label]')].map((label) => label.textContent);
}

describe('several fields below each other', () => {
  it('say of each choice and list what it is about', () => {
    const labels = labelsOf({
      '13': { kind: 'PickFromList', options: OPTIONS },
      '15': { kind: 'ChooseOne', options: OPTIONS },
      '17': { kind: 'ChooseAll', options: OPTIONS },
      '19': { kind: 'DropLabel', labels: OPTIONS },
    });
    expect(labels).toEqual(['13', '15', '17', '19']);
    expect(screen.getByRole('combobox', { name: '13' })).toBeDefined();
  });

  it('are named once where they name themselves', () => {
    expect(labelsOf({ Why: { kind: 'Said' }, '13': { kind: 'PickFromList', options: OPTIONS } })).toEqual(['13']);
    expect(screen.getAllByText('Why')).toHaveLength(1);
  });

  it('need no name where there is one, which the part asks for', () => {
    expect(labelsOf({ '13': { kind: 'PickFromList', options: OPTIONS } })).toEqual([]);
  });
});

describe('words that a person reads', () => {
  it('ask for a picture where one belongs to them, and else for none', () => {
    labelsOf({ Why: { kind: 'Said' } });
    expect(screen.getByText('Wanted: a sentence or two. Your instructor reads it.')).toBeDefined();
    cleanup();
    labelsOf({ Why: { kind: 'InkWords' } });
    expect(
      screen.getByText('Wanted: a sentence or two, and a picture on your page. Your instructor reads both.'),
    ).toBeDefined();
  });
});
