// @vitest-environment jsdom
import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { shown } from '../../../testing/screen';
import type { Form } from './editing';
import { FormPane } from './FormPane';

const START = 'draw: {n: 3..9}\nsay: So\n';

/** Reads texts of the shape above, as the server does. */
function formOf(text: string): Form {
  const n = /n: ([^}]*)\}/.exec(text)?.[1] ?? '';
  const say = /say: (.*)/.exec(text)?.[1] ?? '';
  const at = (value: string) => ({ value, from: text.indexOf(value), to: text.indexOf(value) + value.length });
  const common = { line: 1, plain: true, whole: true };
  return {
    variants: [
      {
        id: 'filled',
        tiers: '1',
        sections: [
          {
            title: 'What is drawn',
            path: 'variants.0.draw',
            rows: [
              {
                number: 0,
                fields: [{ ...common, ...at(n), id: 'n', label: 'n', kind: 'DRAWN', latex: `n ${n.length}` }],
              },
              {
                number: 1,
                fields: [{ ...common, ...at(say), id: 'say', label: 'Say', kind: 'WORDS', fault: `Not ${say}.` }],
              },
            ],
          },
          {
            title: 'Question',
            path: '',
            rows: [
              {
                number: -1,
                fields: [{ ...common, ...at(say), id: 'cases', label: 'Ask', kind: 'WORDS', whole: false, line: 14 }],
              },
            ],
          },
        ],
      },
    ],
  };
}

const server = vi.hoisted(() => ({
  posted: [] as { path: string; body: { text: string } }[],
  empty: false,
  whole: false,
}));

vi.mock('../../../api/client', async (original) => ({
  ...(await original<typeof import('../../../api/client')>()),
  api: {
    POST: async (path: string, { body }: { body: { text: string } }) => {
      server.posted.push({ path, body });
      const whole = { variants: [{ id: 'item-1', tiers: '1', sections: [] }] };
      const form = server.whole ? whole : server.empty ? { variants: [] } : formOf(body.text);
      const data = path.endsWith('/rows') ? { text: `${body.text}# a row more\n` } : form;
      return { data, response: new Response() };
    },
  },
}));

const lines: number[] = [];

function Written({ onText }: { onText: (text: string) => void }) {
  const [text, setText] = useState(START);
  return (
    <FormPane
      text={text}
      onText={(next) => {
        setText(next);
        onText(next);
      }}
      onLine={(line) => lines.push(line)}
    />
  );
}

function opened() {
  const texts: string[] = [];
  shown(<Written onText={(text) => texts.push(text)} />, {});
  return texts;
}

afterEach(() => {
  cleanup();
  server.posted.length = 0;
  server.empty = false;
  server.whole = false;
  lines.length = 0;
});

describe('a document as a form', () => {
  it('puts each letter that is typed into the text', async () => {
    const texts = opened();
    const field = await screen.findByLabelText('n');
    await userEvent.clear(field);
    await userEvent.type(field, '10..20');
    expect(texts.at(-1)).toBe('draw: {n: 10..20}\nsay: So\n');
    expect(screen.getByLabelText<HTMLInputElement>('n').value).toBe('10..20');
    expect(screen.getByLabelText<HTMLInputElement>('Say').value).toBe('So');
  });

  it('shows how a formula is read, and what is wrong, a moment later', async () => {
    opened();
    const field = await screen.findByLabelText('Say');
    expect(screen.getByText('✗ Not So.')).toBeTruthy();
    await userEvent.type(field, 'me');
    await waitFor(() => expect(screen.getByText('✗ Not Some.')).toBeTruthy());
  });

  it('asks the server for a row more, and takes the text that it gives back', async () => {
    const texts = opened();
    await userEvent.click(await screen.findByRole('button', { name: 'One more of What is drawn' }));
    await waitFor(() => expect(texts).toEqual([`${START}# a row more\n`]));
    expect(server.posted.find(({ path }) => path.endsWith('/rows'))?.body).toEqual({
      text: START,
      path: 'variants.0.draw',
      row: -1,
    });
  });

  it('takes out the row whose button is pressed', async () => {
    opened();
    await userEvent.click(await screen.findByRole('button', { name: 'Take out row 2 of What is drawn' }));
    await waitFor(() =>
      expect(server.posted.find(({ path }) => path.endsWith('/rows'))?.body).toMatchObject({ row: 1 }),
    );
  });

  it('leads to the text where there are several cases', async () => {
    opened();
    await userEvent.click(await screen.findByRole('button', { name: 'Change it in the text, line 14' }));
    expect(lines).toEqual([14]);
    expect(screen.queryByLabelText('Ask')).toBeNull();
  });

  it('says what to do where the text is no document', async () => {
    server.empty = true;
    opened();
    expect(await screen.findByText('There is no form for this text yet.')).toBeTruthy();
  });

  it('says of an item that came whole from a file that it is changed in the text', async () => {
    server.whole = true;
    opened();
    expect(await screen.findByText(/as it came from a file/)).toBeTruthy();
    expect(screen.getByLabelText('Kind of items')).toBeTruthy();
  });
});
