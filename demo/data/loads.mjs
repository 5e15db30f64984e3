/** The peat of the harbour line, carved in foam under two sorts of grain, for three wagons alike. */
export const LOADS = [
  {
    id: 'peat-load',
    name: 'Cut peat for the three wagons',
    scaleRatio: 76,
    count: 3,
    ...{ lengthMm: 66, widthMm: 28, depthMm: 14, overMm: 6, profile: 'heap', former: 'foam', coverMm: 3 },
    grains: [
      { id: 'g1', name: 'Peat crumbs', matter: 'peat', grainMm: 1.5, parts: 3 },
      { id: 'g2', name: 'Cut sods', matter: 'cork', grainMm: 4, parts: 1 },
    ],
    ...{
      glueParts: 1,
      waterParts: 3,
      lifts: true,
      leaks: false,
      wagonMm: 74,
      wagonG: 38,
      wagonId: 'peat-wagons',
      consist: 'Monday goods, moss to drying sheds',
    },
    note: 'Goes to the drying sheds on Mondays.',
  },
];
