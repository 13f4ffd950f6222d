const { options } = require('./.dependency-cruiser.cjs');

/** No circle between the folders of a room: each can be read once those that it stands on are known. Tests may look anywhere. */
module.exports = {
  forbidden: [
    {
      name: 'no-circles-between-folders',
      scope: 'folder',
      severity: 'error',
      from: { path: '^(core|web)/' },
      to: { path: '^(core|web)/', circular: true },
    },
  ],
  options: { ...options, exclude: { path: '(^|/)(dist|\\.data|\\.cache|testing)/|\\.test\\.ts$' } },
};
