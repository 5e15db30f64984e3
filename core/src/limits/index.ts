/**
 * How much of anything is taken: the server refuses more, the page's fields stop there, files are held against it. They stand here once; they are so wide
 * that nobody meets them but by a slip of the finger.
 */
export const LONGEST_NAME = 120;
export const LONGEST_TEXT = 4000;

/** Entries of a list for which nothing else is said. */
export const MOST_ITEMS = 500;
/** Bottles, and materials they are of, that a shelf file may bring at once. */
export const MOST_AT_ONCE = 5000;

/** Of any liquid, in ml; parts of a ratio, too. */
export const MOST_ML = 100_000;
export const MOST_PRICE = 100_000;
/** A wait, in min: ten weeks. */
export const MOST_MIN = 100_000;
/** What counts up by one with each that is made: numbers of mixes, versions of finishes. */
export const MOST_COUNT = 100_000;

/** Of a strip and across it, in mm; a length of curtain rail is shorter. */
export const LONGEST_STRIP_MM = 10_000;
export const THICKEST_STRIP_MM = 500;
export const MOST_OFFCUTS = 200;
export const MOST_CUT_LINES = 60;
/** Boards of a bundle across or up, straps round it. */
export const MOST_BOARDS = 100;

/** Sorts of grain in a load; what a wagon weighs, in g. */
export const MOST_GRAINS = 12;
export const MOST_WAGON_G = 20_000;

/** Of a planting: sorts of growth and of plants, plants of one sort, strips where nothing grows, boards of a face. */
export const MOST_SORTS = 12;
export const MOST_PLANTS = 200;
export const MOST_KEEP_OFFS = 30;
export const MOST_ROUNDS = 4;
export const MOST_GLUED_BOARDS = 40;

export const MOST_PARTS = 40;
export const MOST_ZONES = 60;
/** Groups that a zone belongs to. */
export const MOST_SETS = 12;
/** How far anything drawn may reach, in mm. */
export const FARTHEST_MM = 20_000;
/** Patches and lines of a drawn view, corners of one of them. */
export const MOST_PATCHES = 400;
export const MOST_LINES = 600;
export const MOST_CORNERS = 400;
/** Things alike of a zone. */
export const MOST_ALIKE = 1000;
export const MOST_MEMBERS = 60;
export const MOST_PICTURES = 60;
export const MOST_CHECKS = 60;
export const MOST_WISHES = 60;
export const MOST_GROUPS = 40;
export const MOST_STEPS = 200;
export const MOST_COATS = 10;
/** Times of sitting down to one step. */
export const MOST_SITTINGS = 200;
/** Changes of a mix, versions of a finish, findings let stand: what gathers over the years. */
export const MOST_CHANGES = 200;

/** The model is so many times smaller than the real thing. */
export const [LEAST_RATIO, MOST_RATIO] = [1, 1000] as const;
