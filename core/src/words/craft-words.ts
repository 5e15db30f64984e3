/**
 * What painters call things, here and overseas, beside the words that stand in the app. Common words of the trade, from
 * memory: none is a name of a product. `own`: as it stands in a name or description; `also`: found by these as well.
 */
export const CRAFT_WORDS: readonly { own: readonly string[]; also: readonly string[] }[] = [
  { own: ['wash', 'shade in the recesses'], also: ['dark wash', 'shade', 'shader', 'sludge', 'liner', 'black wash', 'dirty thinner'] },
  {
    own: ['clear', 'protection', 'seal'],
    also: ['varnish', 'lacquer', 'top coat', 'topcoat', 'sealant', 'dullcoat', 'clearcoat', 'finish'],
  },
  { own: ['matt'], also: ['matte', 'flat', 'dead flat'] },
  { own: ['gloss'], also: ['shiny', 'glossy'] },
  { own: ['satin'], also: ['semi-gloss', 'semi-matt', 'eggshell', 'silk'] },
  { own: ['powder', 'pigment'], also: ['weathering powder', 'rust powder', 'dust powder', 'dry pigment', 'soot powder'] },
  { own: ['pastel'], also: ['chalk', 'soft pastel', 'chalk stick'] },
  { own: ['ink', 'umber', 'brown'], also: ['sepia'] },
  { own: ['undercoat', 'primer'], also: ['primer', 'prime', 'priming', 'undercoat', 'base coat', 'basecoat'] },
  { own: ['brush coat', 'airbrush coat', 'spray coat'], also: ['base coat', 'basecoat', 'paint', 'spray', 'coat of paint'] },
  { own: ['decal', 'lettering'], also: ['transfer', 'waterslide', 'sticker', 'insignia', 'numbers', 'logo'] },
  { own: ['setting liquid'], also: ['softener', 'decal solution', 'setter'] },
  { own: ['masking', 'mask'], also: ['tape', 'frisket', 'liquid mask', 'masking fluid'] },
  { own: ['drybrush', 'edges picked out', 'edge'], also: ['dry brush', 'dry-brush', 'highlight', 'highlights', 'edging'] },
  { own: ['filter'], also: ['glaze', 'tint'] },
  { own: ['filler'], also: ['putty', 'spackle', 'stopper'] },
  { own: ['white glue'], also: ['pva', 'wood glue', 'school glue'] },
  { own: ['scenery glue'], also: ['scenic cement', 'matte medium', 'ballast glue'] },
  { own: ['superglue'], also: ['cyanoacrylate', 'super glue', 'instant glue'] },
  { own: ['isopropanol', 'alcohol'], also: ['ipa', 'rubbing alcohol', 'isopropyl', 'meths', 'spirit'] },
  { own: ['white spirit'], also: ['mineral spirits', 'turps', 'turpentine', 'enamel thinner', 'odourless thinner'] },
  { own: ['thinner'], also: ['reducer', 'solvent', 'medium'] },
  { own: ['fixer', 'fix'], also: ['fixative', 'pigment fixer', 'binder', 'hairspray'] },
  { own: ['chipping', 'chips'], also: ['chipping fluid', 'hairspray technique', 'salt technique', 'flaking', 'worn paint', 'scratches'] },
  { own: ['rust'], also: ['corrosion', 'oxide', 'rusty'] },
  { own: ['mud'], also: ['dirt', 'splash', 'muck', 'earth'] },
  { own: ['dust', 'grime'], also: ['dirt', 'grime', 'road dirt', 'traffic film', 'weathering'] },
  { own: ['oil', 'fuel'], also: ['grease', 'diesel', 'leak', 'spill', 'stains'] },
  { own: ['spill'], also: ['leak', 'overflow', 'meal', 'grain'] },
  { own: ['soot'], also: ['smoke', 'exhaust', 'burnt'] },
  { own: ['faded'], also: ['bleached', 'sun-bleached', 'chalky', 'fading'] },
  { own: ['streak'], also: ['rain marks', 'runs', 'streaking', 'drips'] },
  { own: ['static grass', 'grass'], also: ['fibres', 'turf', 'meadow', 'weeds'] },
  { own: ['flock', 'moss', 'turf'], also: ['ground foam', 'scatter', 'foliage', 'lichen'] },
  { own: ['aggregate', 'loose load'], also: ['ballast', 'coal', 'gravel', 'chippings', 'stone'] },
  { own: ['limewash'], also: ['whitewash', 'lime', 'distemper'] },
  { own: ['emulsion'], also: ['house paint', 'household paint', 'latex', 'wall paint', 'tester pot'] },
  { own: ['aerosol'], also: ['rattle can', 'spray can', 'spray paint', 'can of paint'] },
  { own: ['graphite', 'bright'], also: ['pencil', 'bare metal', 'polished', 'shiny metal', 'steel'] },
  { own: ['metallic'], also: ['metal', 'silver', 'gunmetal', 'steel'] },
  { own: ['texture paste'], also: ['mud paste', 'acrylic mud', 'ground paste'] },
  { own: ['stone', 'brick'], also: ['masonry', 'bricks', 'blocks', 'ashlar'] },
  { own: ['timber'], also: ['wood', 'planks', 'boards', 'bare wood', 'lumber'] },
  { own: ['tags'], also: ['graffiti', 'chalk marks', 'scrawl'] },
  { own: ['colour'], also: ['color', 'paint', 'base colour', 'livery'] },
  { own: ['grey'], also: ['gray'] },
  { own: ['light from above'], also: ['zenithal', 'pre-shade', 'preshading', 'modulation'] },
];

/** What else painters call what a text names; some in several words. */
export const craftNames = (text: string): string[] => {
  const lower = text.toLowerCase();
  return CRAFT_WORDS.flatMap(({ own, also }) => (own.some((word) => lower.includes(word)) ? also : []));
};

/** The same as one text to be searched. */
export const alsoCalled = (text: string): string => craftNames(text).join(' ');
