/**
 * Rows that wait, by name, with the reason: for a rule which is not built yet, or because we think them wrong. A pending row
 * is named in the output and counts neither as passed nor as failed. One that passes may not stay here: the runner then fails it.
 */
export const PENDING_ROWS: Readonly<Record<string, string>> = {
  'fault: coal heaped dry into a wagon that runs': 'the rule loose-load-unbound',
  'fault: thin glue dropped onto dry sifted earth': 'the rule flood-needs-wetting',
  'fault: static grass shot at dry paint': 'the rule scatter-needs-glue',
  'fault: foot of a wall drybrushed over its grass': 'the rule brushed-over-growth',
  'fault: acrylic wash on a bare card wall': 'the rule water-warps-card',
  'fault: wet mud and oil, then the matt can over all': 'the rule gleam-dulled',
  'fault: gloss oil stains, then a matt can over all':
    'the rule gleam-dulled: the last sheen is the one that was wanted, what is spoilt is the gleam of the stains',
};
