/** Lets the browser paint and answer before the next step: on a phone several in one go hold it up noticeably. */
export const turn = (): Promise<void> => new Promise((done) => setTimeout(done));
