import {
  choiceKey,
  compared,
  partWords,
  upgradedPart,
  usualChoice,
  type Choice,
  type Compared,
  type PartFile,
  type PlanFile,
} from '@eveningtide/core/plan-file';
import { useMemo, useState } from 'react';
import { refusalOf, useAddPartMutation, useTakeBackPartMutation } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { Faults, type Refused } from '../ui/faults.js';
import { notifyWithUndo } from '../ui/notify.js';
import { TableHead } from '../ui/table-head.js';

const STATE_WORDS: Record<Compared['state'], string> = { new: 'new here', same: 'the same here', different: 'here, but different' };
const CHOICE_WORDS: Record<Choice, string> = { mine: 'keep mine', theirs: 'take the file’s', both: 'add it beside mine' };

/** How the things of a file stand to what is here; null where it is no such file. */
function lookedThrough(plan: PlanFile, file: unknown): Compared[] | null {
  try {
    return compared(plan, upgradedPart(file) as PartFile);
  } catch {
    return null;
  }
}

interface AddPartProps {
  name: string;
  file: unknown;
  /** What is here now. */
  plan: PlanFile;
  onClose: () => void;
}

/** What a file brings, against what is here; what differs is asked for, and nothing of one's own is overwritten unasked. */
export function AddPartDialog({ name, file, plan, onClose }: AddPartProps) {
  const [add, { isLoading }] = useAddPartMutation();
  const [takeBack] = useTakeBackPartMutation();
  const [choices, setChoices] = useState<Readonly<Record<string, Choice>>>({});
  const [refused, setRefused] = useState<Refused | null>(null);
  const found = useMemo(() => lookedThrough(plan, file), [plan, file]);
  const choiceOf = (one: Compared): Choice => choices[choiceKey(one)] ?? usualChoice(one.key);
  const comes = found?.filter((one) => one.state === 'new' || (one.state === 'different' && choiceOf(one) !== 'mine')) ?? [];
  const bottlesCome = comes.some(({ key, state }) => key === 'bottles' && state === 'new');
  const put = async () => {
    const chosen = (found ?? [])
      .filter(({ state }) => state === 'different')
      .map((one) => ({ list: one.key, id: one.id, choice: choiceOf(one) }));
    try {
      const { written } = await add({ part: file, choices: chosen }).unwrap();
      notifyWithUndo(`${name}: ${String(written.length)} added`, () => takeBack({ written, before: plan }).unwrap());
      onClose();
    } catch (error) {
      const refusal = refusalOf(error);
      setRefused({ message: refusal?.data.message ?? 'The server does not answer.', faults: refusal?.data.faults ?? [] });
    }
  };
  return (
    <Dialog
      title={`Add from ${name}`}
      note="Nothing of yours is replaced unless you choose it."
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      {refused || !found ? (
        <Faults refused={refused ?? { message: 'It holds no piece, finish or mix that was saved to a file.', faults: [] }} />
      ) : (
        <table className="w-full border-y border-line text-left">
          <TableHead heads={['What', 'Name', 'Stands', 'Do']} />
          <tbody>
            {found.map((one) => (
              <tr key={choiceKey(one)} className="border-b border-line">
                <td className="px-2 py-1 text-ink-2">{partWords(one.key)}</td>
                <th scope="row" className="px-2 py-1 font-semibold">
                  {one.name}
                </th>
                <td className="px-2 py-1">{STATE_WORDS[one.state]}</td>
                <td className="px-2 py-1">
                  {one.state === 'new' && 'add'}
                  {one.state === 'different' && (
                    <select
                      aria-label={`What to do with ${one.name}`}
                      className="field"
                      value={choiceOf(one)}
                      onChange={(event) => {
                        setChoices({ ...choices, [choiceKey(one)]: event.target.value as Choice });
                      }}
                    >
                      {Object.entries(CHOICE_WORDS).map(([id, words]) => (
                        <option key={id} value={id}>
                          {words}
                        </option>
                      ))}
                    </select>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {bottlesCome && !refused && (
        <p className="mt-2 text-[0.8125rem] text-ink-2">
          Bottles that are new here come empty: they stand on the list of what to buy until you say how much there is.
        </p>
      )}
      <div className="mt-3 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="ink" disabled={isLoading || refused !== null || comes.length === 0} onClick={() => void put()}>
          {found !== null && comes.length === 0 ? 'Nothing to add' : 'Add'}
        </Button>
      </div>
    </Dialog>
  );
}
