// @vitest-environment jsdom
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { shown } from '../../testing/screen';
import { Arrival } from './Arrival';
import { comesWith } from './useArrival';

const { POST } = vi.hoisted(() => ({ POST: vi.fn<(path: string) => Promise<unknown>>() }));
vi.mock('../../api/client', async (original) => ({
  ...(await original<typeof import('../../api/client')>()),
  api: { POST, GET: vi.fn<() => Promise<unknown>>().mockResolvedValue({ data: {}, response: { ok: true } }) },
}));

afterEach(cleanup);

const PLAN = {
  className: 'Hut class',
  students: [{ name: 'Ansa', says: 'signs in as ansa' }],
  things: ['2 pages of work', '1 photo'],
};

const choose = () => userEvent.upload(screen.getByLabelText('Archive of a class'), new File(['zip'], 'class.zip'));

describe('a class from an archive', () => {
  it('says what comes in one sentence', () => {
    expect(comesWith({ ...PLAN, things: [] })).toBe('1 student.');
    expect(comesWith(PLAN)).toBe('1 student, 2 pages of work and 1 photo.');
    expect(comesWith({ ...PLAN, students: [...PLAN.students, ...PLAN.students] })).toContain('2 students');
  });

  it('shows what will come before anything does', async () => {
    POST.mockReset().mockResolvedValue({ data: PLAN, response: { ok: true } });
    shown(<Arrival />, { 'class-archive': null });
    expect(screen.queryByRole('button', { name: 'Bring it in' })).toBeNull();
    await choose();
    expect(await screen.findByText('signs in as ansa')).toBeDefined();
    expect(screen.getByText(/Passwords do not travel/)).toBeDefined();
    expect(POST.mock.calls.map(([path]) => path)).toEqual(['/api/exchange/class-archive/plan']);
    await userEvent.click(screen.getByRole('button', { name: 'Not now' }));
    expect(screen.queryByText('signs in as ansa')).toBeNull();
    expect(POST).toHaveBeenCalledTimes(1);
  });

  it('brings it in, and says where its codes are', async () => {
    POST.mockReset().mockResolvedValue({ data: PLAN, response: { ok: true } });
    shown(<Arrival />, { 'class-archive': null });
    await choose();
    await userEvent.click(await screen.findByRole('button', { name: 'Bring it in' }));
    expect(await screen.findByText(/“Hut class” is here/)).toBeDefined();
    expect(POST.mock.calls[1]?.[0]).toBe('/api/exchange/class-archive');
  });

  it('offers to undo what was taken in last', async () => {
    const last = { classId: 'c', takenAt: '2026-05-02T10:00:00Z', until: '2026-05-03T10:00:00Z', says: 'Hut class' };
    shown(<Arrival />, { 'class-archive': last });
    expect(await screen.findByText(/Hut class/)).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: 'Undo it' }));
    expect(POST).toHaveBeenCalledWith('/api/exchange/class-archive/{classId}/undo', expect.anything());
  });
});
