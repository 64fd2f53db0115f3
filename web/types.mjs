/** Writes the types of the API; a number that a format names is a type of its own. */
import { argv } from 'node:process';
import { readFile, writeFile } from 'node:fs/promises';
import openapiTS, { astToString } from 'openapi-typescript';
import ts from 'typescript';

const OF_FORMAT = { 'chart-id': 'ChartId', 'version-id': 'VersionId' };

const [from, to] = argv.slice(2);
const ast = await openapiTS(JSON.parse(await readFile(from, 'utf8')), {
  inject: `import type { ${Object.values(OF_FORMAT).join(', ')} } from './ids';\n`,
  transform: ({ format }) =>
    OF_FORMAT[format] ? ts.factory.createTypeReferenceNode(OF_FORMAT[format]) : undefined,
});
const header = '// Written by ./brisk types.\n';
await writeFile(to, header + astToString(ast));
