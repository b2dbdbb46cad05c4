import { spawnSync } from 'node:child_process';
import { openApi } from './openapi';

const document = openApi('0.1.0', 'https://yard.example/api/v1');

it('is a valid document by a common validator', () => {
  const script = `import { Validator } from '@seriousme/openapi-schema-validator';
    let text = ''; for await (const piece of process.stdin) text += piece;
    const validator = new Validator(); const found = await validator.validate(JSON.parse(text));
    console.log(JSON.stringify({ valid: found.valid, errors: found.errors ?? null, version: validator.version }));`;
  const { stdout } = spawnSync(process.execPath, ['--input-type=module', '-e', script], {
    input: JSON.stringify(document),
    encoding: 'utf8',
    cwd: process.cwd(),
  });
  expect(JSON.parse(stdout)).toEqual({ valid: true, errors: null, version: '3.1' });
});

it('carries the bounds by which the routes check', () => {
  const { paths } = document as {
    paths: Record<
      string,
      {
        post: {
          requestBody: {
            content: { 'application/json': { schema: { properties: Record<string, object>; required: string[] } } };
          };
        };
      }
    >;
  };
  const { schema } = paths['/sales/{id}/lots']!.post.requestBody.content['application/json'];
  expect(schema.properties.number).toMatchObject({ type: 'integer', minimum: 1, maximum: 1_000_000 });
  expect(schema.required).toEqual(['title', 'number']);
});
