import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { useDeletedQuery, useForgetDeletedMutation, useRestoreDeletedMutation, type Deleted } from '../store/api.js';
import { calledOf } from '../store/kept-lists.js';
import { toast } from '../store/toast.js';
import { Ask } from '../ui/ask.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { TableHead } from '../ui/table-head.js';
import { noticeIsOld, notifyFailure } from '../ui/notify.js';
import { countWords } from '../ui/words.js';

/** What was deleted in the last thirty days: brought back as it was, or let go for good. */
export function DeletedView() {
  const { data, isError, refetch } = useDeletedQuery();
  const [restore] = useRestoreDeletedMutation();
  const [forget] = useForgetDeletedMutation();
  const days = useDays();
  const [asked, setAsked] = useState<Deleted | null>(null);
  if (isError && !data)
    return (
      <Failed
        what="what was deleted"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  if (!data) return <Loading what="what was deleted" />;
  const bringBack = async (one: Deleted) => {
    try {
      await restore(one).unwrap();
      noticeIsOld(one);
      toast(`${one.name} is back`);
    } catch (error) {
      notifyFailure(`${one.name} was not brought back`, error);
    }
  };
  const letGo = async (one: Deleted) => {
    try {
      await forget(one).unwrap();
      noticeIsOld(one);
      toast(`${one.name} is gone for good`);
    } catch (error) {
      notifyFailure(`${one.name} stays here`, error);
    }
  };
  return (
    <main className="max-w-4xl p-4">
      <h1 className="mb-1 text-[1.6875rem] leading-8 font-bold">Recently deleted</h1>
      <p className="mb-3 text-ink-2">
        What is deleted stays here for 30 days. Brought back, it is where it was, in the steps that used it too.
      </p>
      {data.length === 0 ? (
        <Empty title="Nothing was deleted">Pieces, bottles, mixes, finishes and own materials come here when they are deleted.</Empty>
      ) : (
        <table className="w-full border-y border-line text-left">
          <TableHead heads={['What', 'Name', 'Deleted', 'Stays', '']} />
          <tbody>
            {data.map((one) => (
              <tr key={`${one.kind} ${one.id}`} className="border-b border-line">
                <td className="px-2 py-1.5 text-ink-2">{calledOf(one.kind)}</td>
                <th scope="row" className="px-2 py-1.5 font-semibold">
                  {one.name}
                </th>
                <td className="px-2 py-1.5 whitespace-nowrap">{days.moment(new Date(one.deletedAt))}</td>
                <td className="px-2 py-1.5 whitespace-nowrap">{countWords(one.daysLeft, 'day')} more</td>
                <td className="px-2 py-1.5">
                  <span className="flex justify-end gap-2">
                    <Button small aria-label={`Bring ${one.name} back`} onClick={() => void bringBack(one)}>
                      <Undo2 size={14} aria-hidden="true" /> Bring back
                    </Button>
                    <Button
                      small
                      aria-label={`Delete ${one.name} for good`}
                      onClick={() => {
                        setAsked(one);
                      }}
                    >
                      Delete for good …
                    </Button>
                  </span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Ask
        asked={
          asked && {
            title: `Delete ${asked.name} for good?`,
            text:
              asked.kind === 'piece'
                ? 'Its steps, pictures and its part of the log go with it. Only a backup brings it back.'
                : 'Only a backup brings it back.',
            yes: 'Delete for good',
          }
        }
        onAnswer={(yes) => {
          if (yes && asked) void letGo(asked);
          setAsked(null);
        }}
      />
    </main>
  );
}
