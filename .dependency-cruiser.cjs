const { join } = require('node:path');

/** Rooms stand in one direction: none imports one that imports it, and no two files import each other. */
module.exports = {
  forbidden: [
    { name: 'rooms-in-a-ring', severity: 'error', scope: 'folder', from: {}, to: { circular: true } },
    { name: 'files-in-a-ring', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: ['\\.test\\.tsx?$', '/dist/'] },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: join(__dirname, 'web', 'tsconfig.json') },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js'] },
  },
};
