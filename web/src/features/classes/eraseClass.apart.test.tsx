// @vitest-environment jsdom
import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { shown } from '../../testing/screen';
import { EraseClass } from './EraseClass';
import { goesWith } from './useClassErasure';

const { GET, POST } = vi.hoisted(() => ({
  GET: vi.fn<(path: string) => Promise<unknown>>(),
  POST: vi.fn<(path: string, sent: unknown) => Promise<unknown>>(),
}));
vi.mock('../../api/client', async (original) => ({
  ...(await original<typeof import('../../api/client')>()),
  api: { GET, POST },
}));

afterEach(cleanup);

const GOING = { name: 'Hut class', students: 12, items: 1, pages: 0 };
const OK = { ok: true };

describe('deleting a class', () => {
  it('says what goes, and nothing of what there is none of', () => {
    expect(goesWith(GOING)).toBe(
      'This deletes “Hut class” from this server for good, and with it 12 accounts of students and one item with its answers.',
    );
    expect(goesWith({ ...GOING, students: 1, items: 0 })).toContain('with it one account of a student.');
    expect(goesWith({ ...GOING, items: 2345, pages: 3 })).toContain(
      '12 accounts of students, 2,345 items with all their answers and 3 pages of work.',
    );
  });

  it('offers the zip, and waits for the name to be typed', async () => {
    GET.mockReset().mockResolvedValue({ data: GOING, response: OK });
    POST.mockReset().mockResolvedValue({ response: OK });
    shown(<EraseClass id="c/1" name="Hut class" />, {});
    expect(GET).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole('button', { name: 'Delete it …' }));
    expect(await screen.findByText(/12 accounts/)).toBeDefined();
    expect(screen.getByRole('link').getAttribute('href')).toBe('/api/exchange/class-archive.zip?of=c%2F1');
    const yes = screen.getByRole('button', { name: 'Delete the class for good' });
    const field = screen.getByLabelText('Type the name of the class to delete it');
    expect(yes.getAttribute('aria-disabled')).toBe('true');
    await userEvent.type(field, 'Hut class');
    await userEvent.click(yes);
    expect(POST).toHaveBeenCalledWith('/api/classes/{id}/everything/erase', {
      params: { path: { id: 'c/1' } },
      body: { name: 'Hut class' },
    });
  });

  it('is told why it cannot be, and is left without anything done', async () => {
    GET.mockReset().mockResolvedValue({
      error: { detail: 'Others teach this class as well.' },
      response: { ok: false, status: 409 },
    });
    POST.mockReset();
    shown(<EraseClass id="c" name="Hut class" />, {});
    await userEvent.click(screen.getByRole('button', { name: 'Delete it …' }));
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('Others teach this class'));
    await userEvent.click(screen.getByRole('button', { name: 'Not now' }));
    expect(screen.getByRole('button', { name: 'Delete it …' })).toBeDefined();
    expect(POST).not.toHaveBeenCalled();
  });
});
