/** What the Book adds to the stations of a wall, asked for once something hangs there. */
export { lateOn } from '../../core/index.ts';
