/** A step of checking a sealed report with common tools alone: what it shows, and what to type beside `report.json`. */
export interface ProofStep {
  readonly says: string;
  readonly command: string;
}

const HEX = `bytes() { printf "$(jq -r "$1" report.json | sed 's/../\\\\x&/g')"; }`;

/**
 * How anybody checks a sealed report without this program: OpenSSL 1.1.1 or newer, jq and a shell. The file holds what was
 * sealed as its canonical form (RFC 8785), which is what is hashed; the signature is Ed25519 (RFC 8032) over the hash.
 */
export const PROOF: readonly ProofStep[] = [
  {
    says: 'The hash of what was sealed, computed anew, is the hash that the file states: both lines are the same.',
    command: [
      `sed -e 's/^{"format":"farvin.report","version":[0-9]*,"snapshot"://' -e 's/,"sha256":"[0-9a-f]*","signature":"[0-9a-f]*","publicKey".*$//' report.json | tr -d '\\n' | openssl dgst -sha256 -r | cut -d ' ' -f 1`,
      'jq -r .sha256 report.json',
    ].join('\n'),
  },
  {
    says: 'The signature over the hash is by the key that the file states: “Signature Verified Successfully”.',
    command: [
      HEX,
      `{ printf '\\x30\\x2a\\x30\\x05\\x06\\x03\\x2b\\x65\\x70\\x03\\x21\\x00'; bytes .publicKey; } > key.der`,
      'bytes .sha256 > hash.bin; bytes .signature > signature.bin',
      'openssl pkeyutl -verify -pubin -keyform DER -inkey key.der -rawin -in hash.bin -sigfile signature.bin',
    ].join('\n'),
  },
  {
    says: 'The key is one of the house’s: its list of keys, taken from the house itself, prints this line.',
    command: 'jq -r .keys[].publicKey keys.json | grep -x "$(jq -r .publicKey report.json)"',
  },
  {
    says: 'The house cannot have sealed it later than it says: its list of seals names this one, between its neighbours.',
    command:
      'jq --arg hash "$(jq -r .sha256 report.json)" \'.seals[] | select(.sha256 == $hash or .previous == $hash)\' seals.json',
  },
];

/** The same as plain lines, for the file itself. */
export const PROOF_LINES: readonly string[] = PROOF.flatMap(({ says, command }) => [says, ...command.split('\n')]);
