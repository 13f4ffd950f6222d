/** What goes out as files with the application. */
export { catalogue as drills } from './index.ts';
export { figures } from './figures/index.ts';
