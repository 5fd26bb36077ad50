// @vitest-environment jsdom
import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { shown } from '../../testing/screen';
import { Added } from './Roster';

afterEach(cleanup);

const PIA = { id: 'p', name: 'Pia Lark', username: 'pia', code: 'code' };
const LAST = { id: '7', takenAt: '2026-05-02T10:00:00Z', until: '2026-05-03T10:00:00Z', says: '1 added' };

describe('a table that was taken in', () => {
  it('says what came of it and that it can be undone', () => {
    shown(<Added added={[PIA]} refused={['Line 3: no name']} />, { oneroster: LAST });
    expect(screen.getByRole('status').textContent).toBe(
      '1 student added, 1 student not taken in. For a day you can undo it, below.',
    );
  });

  it('promises nothing once it is undone', () => {
    shown(<Added added={[PIA, PIA]} refused={[]} />, { oneroster: null });
    expect(screen.getByRole('status').textContent).toBe('2 students added.');
  });

  it('promises nothing where nobody was added', () => {
    shown(<Added added={[]} refused={['Line 2: no name']} />, { oneroster: LAST });
    expect(screen.getByRole('status').textContent).not.toContain('undo');
  });
});
