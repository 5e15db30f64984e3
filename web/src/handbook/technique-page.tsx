import { DEFER } from '@eveningtide/core/materials';
import { cautionsOfTechnique } from '@eveningtide/core/safety';
import { HOW_TO, isTechniqueId, techniqueById } from '@eveningtide/core/techniques';
import { ArrowLeft, Eye } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { Link, useParams } from 'react-router';
import { Empty } from '../ui/states.js';
import { DepositDrawing } from './deposit-drawing.js';
import { laysPaint, techniqueFacts } from './technique-facts.js';

const TechniqueCard = lazy(async () => ({ default: (await import('./technique-card.js')).TechniqueCard }));

/** How one technique is done, how it is seen that it is right, and what the plan takes of it. */
export function TechniquePage() {
  const { techniqueId = '' } = useParams();
  if (!isTechniqueId(techniqueId))
    return <Empty title="There is no such technique">Its name may have changed. The handbook lists all of them.</Empty>;
  const technique = techniqueById(techniqueId);
  const how = HOW_TO[techniqueId];
  const cautions = cautionsOfTechnique(technique);
  return (
    <main className="max-w-4xl p-4">
      <Link to="/handbook?part=techniques" className="flex items-center gap-1.5 text-[0.8125rem] underline">
        <ArrowLeft size={14} aria-hidden="true" /> All techniques
      </Link>
      <h1 className="mt-1 text-[1.6875rem] leading-8 font-bold">{technique.name}</h1>
      <div className="mt-3 flex flex-wrap items-start gap-x-10 gap-y-4">
        {how && (
          <div className="max-w-prose min-w-0 flex-1 basis-80">
            <ol className="list-decimal space-y-1.5 pl-6 text-lg">
              {how.steps.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ol>
            <p className="mt-3 flex items-start gap-2 border-l-4 border-tide bg-paper px-3 py-2">
              <Eye size={18} aria-hidden="true" className="mt-0.5 shrink-0" />
              <span>
                <b>It is right when:</b> {how.right.charAt(0).toLowerCase() + how.right.slice(1)}
              </span>
            </p>
          </div>
        )}
        {laysPaint(technique) && (
          <figure className="m-0">
            <DepositDrawing technique={technique} widthPx={280} />
            <figcaption className="mt-1 flex justify-between text-[0.8125rem] text-ink-2">
              <span className="pl-14">recess</span>
              <span>face</span>
              <span className="pr-14">edge</span>
            </figcaption>
          </figure>
        )}
      </div>
      <Suspense>
        <TechniqueCard techniqueId={techniqueId} />
      </Suspense>
      {cautions.length > 0 && (
        <section aria-label="Cautions" className="mt-4 border-l-4 border-brick bg-paper px-3 py-2">
          <p className="font-semibold">To mind, as it goes with what is used:</p>
          <ul className="list-disc pl-4">
            {cautions.map(({ id, words }) => (
              <li key={id}>{words}</li>
            ))}
          </ul>
          <p className="mt-1 font-semibold">{DEFER}</p>
        </section>
      )}
      <table className="mt-5 w-full border-y border-line text-left">
        <tbody>
          {techniqueFacts(technique).map(({ what, words }) => (
            <tr key={what} className="border-b border-line align-top last:border-0">
              <th scope="row" className="w-1/4 px-2 py-1 font-normal text-ink-2">
                {what}
              </th>
              <td className="px-2 py-1">{words}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </main>
  );
}
