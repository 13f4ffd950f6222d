/** The most of anything that a circuit may ask for; above it a figure is taken for a slip of the pen. */
export const MOST_COUNT = 999;
export const MOST_SECONDS = 7200;
export const MOST_SETS = 50;
export const MOST_ROUNDS = 50;
export const MOST_POSITIONS = 20;
export const MOST_METRES = 5000;
export const MOST_PERCENT = 150;
export const MOST_SPEED = 60;
export const MOST_GRADE = 40;
export const MOST_STEPS = 60;
export const MOST_LOAD = 1000;
export const MOST_LIFT_STEPS = 12;
export const MOST_TAGS = 20;
/** The longest a single repetition may take, and the shortest. */
export const MOST_REP_SECONDS = 60;
export const LEAST_REP_SECONDS = 0.5;
/** Short versions kept with one circuit. */
export const MOST_VERSIONS = 8;
/** Changes refused in one of them. */
export const MOST_REFUSED = 200;
/** Letters in a circuit's texts. */
export const MOST_TITLE = 120;
export const MOST_PURPOSE = 120;
export const MOST_TAG = 40;
export const MOST_CUE = 200;
/** Lines of the script that are changed in one slot. */
export const MOST_SAID_INSTEAD = 24;
/** Of a line that could not be read; a longer one is kept as several. */
export const MOST_UNREAD = 500;
/** Of a line that is read at all; a longer one is kept as it is. */
export const MOST_TYPED = 1000;
/** Rows in one circuit, and blocks. */
export const MOST_LINES = 300;
export const MOST_BLOCKS = 100;
/** Lines of a board that are read; what follows is kept as it is. */
export const MOST_BOARD_LINES = 2000;
/** Times that somebody gets to work in one circuit: sides, sets and rounds multiplied. Two hours of nine seconds each have as many. */
export const MOST_STRETCHES = 800;
