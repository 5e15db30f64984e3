import { useNavigate } from 'react-router';
import { displayActions } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Failed, Loading } from '../ui/states.js';
import { useWorkshop } from '../workshop/use-workshop.js';
import { PaintsQuestion } from './paints-question.js';
import { Samples } from './samples.js';
import { ToolsQuestion } from './tools-question.js';
import { WhenQuestion } from './when-question.js';

/** Three questions with usual answers, then something to begin with. All of it can be changed later, and is found again under Workshop. */
export function BeginView() {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { workshop, change, isError, retry } = useWorkshop();
  const hasToured = useAppSelector((state) => state.display.hasToured);
  if (isError && !workshop) return <Failed what="the workshop" onRetry={retry} />;
  if (!workshop) return <Loading what="the workshop" />;
  const leave = (to: string) => {
    dispatch(displayActions.begun());
    void navigate(to);
  };
  return (
    <main className="mx-auto w-full max-w-[60rem] p-4 pb-10">
      <header className="mb-4 flex flex-wrap items-start justify-between gap-3">
        <div>
          <h1 className="text-[1.6875rem] leading-8 font-bold">First steps</h1>
          <p className="text-ink-2">Three questions, then your first piece. Each has a usual answer; all can be changed later.</p>
        </div>
        <Button
          look="quiet"
          onClick={() => {
            leave('/pieces');
          }}
        >
          Skip this
        </Button>
      </header>
      <div className="grid grid-cols-2 gap-4 max-[52rem]:grid-cols-1">
        <WhenQuestion weekly={workshop.weekly} onChange={(weekly) => change({ weekly })} />
        <ToolsQuestion workshop={workshop} onChange={change} />
      </div>
      <PaintsQuestion />
      <h2 className="mt-6 mb-2 text-xl font-semibold">Begin with</h2>
      <Samples
        onLeave={(to) => {
          leave(to);
          // with an example there is something to be shown
          if (!hasToured) dispatch(displayActions.tourBegun(to));
        }}
      />
      <div className="mt-4 flex flex-wrap gap-2">
        <Button
          look="ink"
          onClick={() => {
            leave('/pieces?new');
          }}
        >
          A piece of my own
        </Button>
        <Button
          onClick={() => {
            dispatch(displayActions.begun());
            dispatch(displayActions.tourBegun('/pieces'));
          }}
        >
          Show me around first
        </Button>
      </div>
    </main>
  );
}
