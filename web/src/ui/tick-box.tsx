/** A box to be ticked with a pen; on paper only. */
export function TickBox({ className = '' }: { className?: string }) {
  return <span aria-hidden="true" className={`hidden size-3 shrink-0 border border-ink print:inline-block ${className}`} />;
}
