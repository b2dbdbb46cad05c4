import fc from 'fast-check';
import { planOf } from '../body/plan';
import { type EntryContext, type EntryItem, parseEntry } from './parse';

const two = planOf('fastback')!;
const four = planOf('saloon4')!;
const um: EntryContext = { plan: two, zone: 'hood', unit: 'um', ceilingUm: 500, steering: 'left', kerb: 'left' };
const mil: EntryContext = { ...um, unit: 'mil' };
const british: EntryContext = { ...um, steering: 'right' };
const saloon: EntryContext = { ...um, plan: four, zone: null };

/** A compact spelling of what was understood. */
function said(item: EntryItem): string {
  switch (item.kind) {
    case 'reading':
    case 'replace-last':
      return `${item.kind === 'reading' ? '' : 'again '}${item.zone} ${item.state === 'read' ? `${Math.round(item.thicknessUm! * 10) / 10}${item.askUnit ? '?' : ''}` : item.state}`;
    case 'look':
      return `${item.outcome} ${item.zone} ${item.why ?? ''}[${item.aspects.join(',')}]`;
    case 'finding': {
      const extent = [
        item.count,
        item.sizeMm === null ? '' : `${item.sizeMm}mm`,
        item.share === null ? '' : `${item.share * 100}%`,
        item.visibleFromM === null ? '' : `from ${item.visibleFromM}m`,
        item.touchedIn ? 'touched' : '',
        item.evidence === 'seen' ? '' : item.evidence,
      ];
      return `${item.zone} ${item.flaw} ${extent.filter((e) => e !== '').join(' ')}${item.where ? ` (${item.where})` : ''}`;
    }
    case 'gap':
      return `gap ${item.seam} ${item.gapsMm.join(' ')}${item.flushMm.length > 0 ? ` flush ${item.flushMm.join(' ')}` : ''}${item.by === 'feeler' ? '' : ` by ${item.by}`}`;
    case 'go':
      return `go ${item.zone}`;
    case 'undo':
      return 'undo';
  }
}

const panel = '[paint,shape,fit,corrosion]';

describe('phrasings and the records they mean', () => {
  it.each<[string, EntryContext, string[]]>([
    // gaps
    ['gap lf door/fender 4.2 4.5 5.1 flush +1', um, ['gap door.left.front|fender.left 4.2 4.5 5.1 flush 1']],
    ['gap lf door / wing 4,2', um, ['gap door.left.front|fender.left 4.2']],
    ['gap left wing/door 4.2 flush 0.5', um, ['gap door.left.front|fender.left 4.2 flush -0.5']],
    ['gap rf door/quarter 4 5 flush -1 0.5', um, ['gap door.right.front|quarter.right 4 5 flush -1 0.5']],
    ['gap hood/cowl 6', um, ['gap cowl|hood 6']],
    ['gap hood/cowl 6 5.5 by wedge', um, ['gap cowl|hood 6 5.5 by wedge']],
    ['gap hood/cowl 6 flush 1 calliper', um, ['gap cowl|hood 6 flush -1 by caliper']],
    ['gap hood/cowl 6 with feelers', um, ['gap cowl|hood 6']],
    ['gap deck/panel flush −2', um, ['gap deck|panel.rear  flush -2']],
    // readings
    ['131', um, ['hood 131']],
    ['131 128 140', um, ['hood 131', 'hood 128', 'hood 140']],
    ['lf fender 13.5 12 14.5', mil, ['fender.left 342.9', 'fender.left 304.8', 'fender.left 368.3']],
    ['lf fender 13,5 12', mil, ['fender.left 342.9', 'fender.left 304.8']],
    ['hood 5.2 mil', um, ['hood 132.1']],
    ['hood 5.2 5.0 4.9 mil', um, ['hood 132.1', 'hood 127', 'hood 124.5']],
    ['hood 131um', mil, ['hood 131']],
    ['hood 131 µm', mil, ['hood 131']],
    ['bonnet 120, 118, 125', um, ['hood 120', 'hood 118', 'hood 125']],
    [
      'lq over over 412 388 again 395',
      um,
      ['quarter.left over', 'quarter.left over', 'quarter.left 412', 'quarter.left 395'],
    ],
    ['rq nr', um, ['quarter.right none']],
    ['rear wing left 300', um, ['quarter.left 300']],
    ['nearside rear wing 300', um, ['quarter.left 300']],
    ['offside front wing 118', um, ['fender.right 118']],
    ['driver door 122', um, ['door.left.front 122']],
    ["driver's door 122", british, ['door.right.front 122']],
    ['passenger fender 119', british, ['fender.left 119']],
    ['boot lid 247', um, ['deck 247']],
    ['trunk lid 247', um, ['deck 247']],
    ['deck 9.7 mil', um, ['deck 246.4']],
    ['left sill 139', um, ['rocker.left 139']],
    ['rr door 130', saloon, ['door.right.rear 130']],
    ['left rear door 130 131', saloon, ['door.left.rear 130', 'door.left.rear 131']],
    ['lfd 121', saloon, ['door.left.front 121']],
    ['roof 620', um, ['roof over']],
    ['roof >500', um, ['roof over']],
    ['again 128', um, ['again hood 128']],
    ['hood 130 no 131', um, ['hood 131']],
    ['fender.right 119', um, ['fender.right 119']],
    ['right 119', { ...um, zone: 'fender.left' }, ['fender.right 119']],
    ['hood 13.5', um, ['hood 13.5?']],
    ['hood reads 131', um, ['hood 131']],
    ['lr fender 300', um, ['quarter.left 300']],
    ['front bumper 12 mil', um, ['bumper.front 304.8']],
    ['hood 120; roof 130', um, ['hood 120', 'roof 130']],
    // looks
    ['ok', um, [`clean hood ${panel}`]],
    ['ok roof', um, ['clean roof [paint,shape,corrosion]']],
    ['roof ok', um, ['clean roof [paint,shape,corrosion]']],
    ['roof clean', um, ['clean roof [paint,shape,corrosion]']],
    ['ok hood paint', um, ['clean hood [paint]']],
    ['hood rust ok', um, ['clean hood [corrosion]']],
    ['ok left headlight', um, ['clean lamp.left.head [glass,function]']],
    ['ok windscreen', um, ['clean glass.windshield [glass,rubber]']],
    ['ok rear window', um, ['clean glass.rear [glass,rubber]']],
    ['blocked roof wet', um, ['blocked roof wet[paint,shape,corrosion]']],
    ['blocked spare wheel well trim on', um, ['blocked trunk.well trim-on[corrosion,paint]']],
    ['tank blocked no lift', um, ['blocked tank no-lift[corrosion]']],
    ['blocked left door stuck', um, ['blocked door.left.front locked[paint,shape,fit,corrosion,function]']],
    ['not seen left front floor carpet on', um, ['blocked floor.left.front trim-on[corrosion,structure]']],
    ['blocked', um, [`blocked hood other${panel}`]],
    // findings
    ['hood chip 3 2mm leading edge touched in', um, ['hood chip 3 2mm touched (leading edge)']],
    ['3 chips', um, ['hood chip 3']],
    ['chip', um, ['hood chip 1']],
    ['left door ding 20mm', um, ['door.left.front ding 1 20mm']],
    ['lq two cracks 30 mm', um, ['quarter.left cracking 2 30mm']],
    ['roof fading 40%', um, ['roof fading 1 40%']],
    ['boot lid rust bubbles 5 8mm lower edge', um, ['deck rust-blister 5 8mm (lower edge)']],
    ['left rear floor hole 40mm', um, ['floor.left.rear perforated 1 40mm']],
    ['lq wave 42cm from 2m', um, ['quarter.left wave 1 420mm from 2m']],
    ['headliner sagging', um, ['headliner sagging 1']],
    ['front bumper pitting 2%', um, ['bumper.front pitting 1 2%']],
    ['engine weeping', um, ['engine leak-damp 1']],
    ['clock dead dash', um, ['dash inoperative 1 (clock)']],
    ['rf wheel old tyre', um, ['wheel.right.front tire-aged 1']],
    ['hood dent x2 15mm', um, ['hood dent 2 15mm']],
    ['left head lamp missing told', um, ['lamp.left.head missing 1 told']],
    ['roof scratch through the colour 200 mm', um, ['roof scratch-through 1 200mm']],
    // going and taking back
    ['roof', um, ['go roof']],
    ['undo', um, ['undo']],
    ['scratch that', um, ['undo']],
  ])('%s', (text, context, expected) => {
    const entry = parseEntry(text, context);
    expect({ problems: entry.problems, items: entry.items.map(said) }).toEqual({ problems: [], items: expected });
  });

  it('takes a whole view at once', () => {
    const entry = parseEntry('blocked trunk no key', um);
    expect(entry.problems).toEqual([]);
    expect(entry.items.map((i) => 'zone' in i && i.zone)).toEqual(two.lap.trunk);
    expect(entry.items.every((i) => i.kind === 'look' && i.why === 'no-key')).toBe(true);
  });
});

describe('what it will not guess', () => {
  it.each([
    ['door 130', saloon, 'which-zone'],
    ['wheel old tyre', { ...um, zone: null }, 'which-zone'],
    ['fendr.left 130', um, 'no-such-zone'],
    ['130', { ...um, zone: null }, 'no-zone'],
    ['hood 131 blurb', um, 'not-understood'],
    ['hood 9000000', um, 'absurd'],
    ['hood -40', um, 'absurd'],
    ['hood 131 again', um, 'nothing-to-replace'],
    ['gobbledegook', um, 'not-understood'],
    ['roof fading 400%', um, 'absurd'],
    ['ok hood maybe', um, 'not-understood'],
  ] as [string, EntryContext, string][])('%s', (text, context, problem) => {
    const entry = parseEntry(text, context);
    expect(entry.problems.map((p) => p.kind)).toContain(problem);
    expect(entry.items).toEqual([]);
  });

  it('names the nearest zone', () => {
    expect(parseEntry('fendr.left 130', um).problems).toEqual([{ kind: 'no-such-zone', nearest: 'fender.left' }]);
  });
});

it('never throws, and only names zones the car has, whatever is typed', () => {
  const words = fc.constantFrom(
    'hood',
    'lf',
    'rear',
    'over',
    'nr',
    'again',
    '12',
    '13.5',
    '-3',
    'mil',
    'ok',
    'blocked',
    'chip',
    '2mm',
    '%',
    'undo',
    ';',
    'door',
    "driver's",
    'no',
    'key',
    ',',
    '%5',
    '500',
    'from',
    'm',
  );
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string({ maxLength: 80 }),
        fc.string({ unit: 'grapheme', maxLength: 60 }),
        fc.array(words, { maxLength: 14 }).map((w) => w.join(' ')),
      ),
      fc.constantFrom(um, mil, saloon, british),
      (text, context) => {
        const entry = parseEntry(text, context);
        return entry.items.every((i) => i.kind === 'undo' || context.plan.zones.has(i.zone));
      },
    ),
    { seed: 99, numRuns: 3000 },
  );
});
