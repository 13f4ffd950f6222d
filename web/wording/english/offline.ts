/** What the pages of this room say, part by part. */
export const offline = {
  updateOffer: { newer: 'A newer version is here.', reload: 'Reload now', later: 'Later' },
};
