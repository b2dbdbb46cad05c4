import { spawnSync } from 'node:child_process';
import path from 'node:path';

/** What is said of settings; asked in a program of its own, as the start command does. */
function checkSettings(env: object): { faults: string[]; notes: string[]; port: number } {
  const script = `import { checkSettings } from ${JSON.stringify(path.join(__dirname, 'settings.mjs'))};
    console.log(JSON.stringify(checkSettings(${JSON.stringify(env)})));`;
  return JSON.parse(spawnSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' }).stdout);
}

const SECRET = 'x'.repeat(40);
const OWN = {
  DATABASE_URL: 'postgres://farvin_app:abcdefgh@db:5432/farvin',
  DATABASE_OWNER_URL: 'postgres://o@db/farvin',
  FARVIN_SECRET: SECRET,
};

it('takes nothing, a local address, and a whole production setting', () => {
  expect(checkSettings({})).toEqual({ faults: [], notes: [], port: 3000 });
  expect(checkSettings({ FARVIN_URL: 'http://localhost:3000', PORT: '3000' }).faults).toEqual([]);
  const whole = {
    ...OWN,
    FARVIN_URL: 'https://yard.example',
    FARVIN_TRUST_PROXY: '1',
    PHOTO_STORE: 's3://yard',
    SMTP_URL: 'smtps://u:p@mail.example',
    MAIL_FROM: 'yard@mail.example',
    PORT: '8080',
  };
  expect(checkSettings(whole)).toEqual({ faults: [], notes: [], port: 8080 });
});

it.each([
  [{ PORT: 'eighty' }, 'PORT must be'],
  [{ FARVIN_URL: 'yard.example' }, 'FARVIN_URL must be'],
  [{ FARVIN_URL: 'https://example.org/farvin' }, 'not under a path'],
  [{ HOST: '0.0.0.0' }, 'opens Farvin to the network'],
  [{ FARVIN_SECRET: 'short' }, '32 or more'],
  [{ ...OWN, DATABASE_URL: 'mysql://farvin_app@db/x' }, 'DATABASE_URL must be'],
  [{ ...OWN, DATABASE_URL: 'postgres://postgres@db/x' }, 'role farvin_app'],
  [{ ...OWN, FARVIN_SECRET: '' }, 'set FARVIN_SECRET too'],
  [{ PHOTO_STORE: 'photos' }, 'whole path'],
  [{ SMTP_URL: 'mail.example' }, 'SMTP_URL must be'],
  [{ SMTP_URL: 'smtp://mail.example' }, 'MAIL_FROM'],
])('says what is wrong with %j', (env, says) => {
  const { faults } = checkSettings(env);
  expect(faults).toHaveLength(1);
  expect(faults[0]).toContain(says);
});

it('tells what is worth knowing without refusing', () => {
  expect(checkSettings({ FARVIN_URL: 'http://yard.example' }).notes[0]).toContain('not https');
  expect(checkSettings({ FARVIN_URL: 'https://yard.example' }).notes[0]).toContain('FARVIN_TRUST_PROXY');
  expect(checkSettings({ ...OWN, DATABASE_OWNER_URL: '' }).notes[0]).toContain('DATABASE_OWNER_URL');
});
