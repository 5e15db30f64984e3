import { CAUTIONS, DEFER, figuresOf } from '@eveningtide/core/materials';
import { ArrowLeft } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { Empty } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { useSupplies } from '../workers/outlook-context.js';

/** Every figure of one material, each with where it comes from. */
export function MaterialPage() {
  const { materialId = '' } = useParams();
  const supplies = useSupplies();
  if (!supplies.isMaterial(materialId))
    return <Empty title="There is no such material">It may have been one of your own that is gone.</Empty>;
  const material = supplies.material(materialId);
  return (
    <main className="max-w-4xl p-4">
      <Link to="/handbook?part=materials" className="flex items-center gap-1.5 text-[0.8125rem] underline">
        <ArrowLeft size={14} aria-hidden="true" /> All materials
      </Link>
      <h1 className="mt-1 flex items-center gap-3 text-[1.6875rem] leading-8 font-bold">
        <Swatch colour={material.colour} size={22} /> {material.name}
      </h1>
      <table className="mt-3 w-full text-left">
        <thead>
          <tr className="border-b border-line text-[0.8125rem] text-ink-3">
            {['What', 'Figure', 'Source'].map((head) => (
              <th key={head} scope="col" className="px-2 py-1 font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {figuresOf(material).map(({ what, value, source }) => (
            <tr key={what} className="border-t border-line">
              <th scope="row" className="w-1/4 px-2 py-1 font-normal">
                {what}
              </th>
              <td className="px-2 py-1 font-semibold">{value}</td>
              <td className="px-2 py-1 text-[0.8125rem] text-ink-2">{source}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-[0.8125rem] text-ink-3">Times in still air, for the usual film.</p>
      {material.hazards.length > 0 && (
        <section aria-label="Cautions" className="mt-3 border-l-4 border-ink-2 bg-paper px-3 py-2">
          <ul className="list-disc pl-4">
            {material.hazards.map((hazard) => (
              <li key={hazard}>{CAUTIONS[hazard]}</li>
            ))}
          </ul>
          <p className="mt-1 font-semibold">{DEFER}</p>
        </section>
      )}
    </main>
  );
}
