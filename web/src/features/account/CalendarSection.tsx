import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, done, taken } from '../../api/client';
import { AskFirst } from '../../ui/AskFirst';
import { Button } from '../../ui/Button';
import { day } from '../../ui/dates';
import { Refused } from '../../ui/Refused';

const NAME = ['calendar'];

function useCalendar() {
  const queries = useQueryClient();
  const onSuccess = () => void queries.invalidateQueries({ queryKey: NAME });
  const state = useQuery({ queryKey: NAME, queryFn: () => taken(api.GET('/api/calendar')) });
  const renew = useMutation({ mutationFn: () => taken(api.POST('/api/calendar/address')), onSuccess, retry: false });
  const remove = useMutation({
    mutationFn: () => done(api.DELETE('/api/calendar/address')),
    onSuccess: () => {
      renew.reset();
      onSuccess();
    },
    retry: false,
  });
  return { state, renew, remove };
}

/** Due dates for one's own calendar: a file, or a private address that a calendar program asks by itself. */
export function CalendarSection() {
  const { state, renew, remove } = useCalendar();
  const madeAt = state.data?.madeAt;
  return (
    <section className="grid justify-items-start gap-2" aria-label="Calendar">
      <h2 className="font-serif text-xl font-semibold">Dates in your calendar</h2>
      <p className="max-w-2xl">
        <a href="/api/calendar/dates.ics" download>
          Take the dates as a file
        </a>{' '}
        once, or give your calendar program a private address: it then follows every change.
      </p>
      {renew.data !== undefined && <Address address={renew.data.address} />}
      {state.isSuccess && (
        <span className="flex flex-wrap items-center gap-3">
          {madeAt === undefined ? (
            <Button disabled={renew.isPending} onClick={() => renew.mutate()}>
              Make a private address
            </Button>
          ) : (
            <>
              <span className="text-soft">There is an address, made on {day(madeAt)}.</span>
              <AskFirst
                name="Make another one"
                words="The address of before stops working in every calendar that has it."
                yes="Yes, another one"
                disabled={renew.isPending}
                onYes={() => renew.mutate()}
              />
              <AskFirst
                name="Close it"
                words="Calendars that have the address get no more changes."
                yes="Yes, close it"
                disabled={remove.isPending}
                onYes={() => remove.mutate()}
              />
            </>
          )}
        </span>
      )}
      <Refused by={[renew, remove]} />
    </section>
  );
}

/** Said once: only its owner has it from then on. */
function Address({ address }: { address: string }) {
  return (
    <div role="status" className="grid max-w-full gap-2 rounded-slip border-l-4 border-larch-mark bg-larch-wash p-4">
      <p>
        This is the address. It is shown once. Whoever has it can read your dates, so give it to your own calendar
        alone.
      </p>
      <span className="flex flex-wrap items-center gap-3">
        <code className="min-w-0 break-all select-all">{address}</code>
        {window.isSecureContext && (
          <Button small onClick={() => void navigator.clipboard.writeText(address)}>
            Copy it
          </Button>
        )}
      </span>
    </div>
  );
}
