import fc from 'fast-check';

// property tests try the same cases every time; give EVENINGTIDE_SEED another number to try others
fc.configureGlobal({ seed: Number(process.env.EVENINGTIDE_SEED ?? 20261124) });
