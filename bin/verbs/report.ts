import { randomBytes } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { canonicalText } from '@/core/seal/seal';
import { sealSnapshot } from '@/report/sealed-report';
import { takeSnapshot } from '@/report/snapshot';
import { bundleAt, onYear } from '../bundles';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { out: TEXT, key: TEXT, 'on-year': TEXT } as const;

async function seal(path: string, flags: FlagsOf<typeof OPTIONS>): Promise<object> {
  if (!flags.out) throw new Usage('report needs --out FILE');
  const { bundle } = bundleAt(path);
  const key = flags.key ?? randomBytes(32).toString('hex');
  if (!/^[0-9a-f]{64}$/.test(key)) throw new Usage('--key is an Ed25519 secret of 64 hexadecimal digits');
  const taken = takeSnapshot({
    bundle,
    sale: { name: bundle.lot.sale, closesOn: null },
    sealedAt: new Date().toISOString(),
    sealedBy: 'command line',
    onYear: onYear(flags['on-year']),
  });
  if (!taken.ok) throw new Refusal(taken.reason);
  const file = await sealSnapshot(taken.snapshot, key);
  try {
    writeFileSync(flags.out, canonicalText(file));
  } catch (cause) {
    throw new Refusal('not-written', {
      message: `${flags.out} cannot be written (${(cause as NodeJS.ErrnoException).code ?? 'error'})`,
    });
  }
  return { ok: true, out: flags.out, sha256: file.sha256, signature: file.signature, publicKey: file.publicKey };
}

export const verb = defineVerb({
  usage: 'BUNDLE --out FILE [--key HEX] [--on-year YYYY]',
  does: 'Seals a report of a bundle, with a new key when none is given.',
  gives: 'a sealed report; a new key unless one is given',
  takes: 'file',
  options: OPTIONS,
  run: seal,
});
