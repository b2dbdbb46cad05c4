import fc from 'fast-check';
import { planOf } from '@/core/body/plan';
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
        item.note ? `“${item.note}”` : '',
      ];
      return `${item.zone} ${item.flaw} ${extent.filter((e) => e !== '').join(' ')}${item.where ? ` (${item.where})` : ''}`;
    }
    case 'gap':
      return `gap ${item.seam} ${item.gapsMm.join(' ')}${item.flushMm.length > 0 ? ` flush ${item.flushMm.join(' ')}` : ''}${item.by === 'feeler' ? '' : ` by ${item.by}`}`;
    case 'spot-test':
      return `test ${item.zone} ${Object.entries(item.results)
        .map((r) => r.join(' '))
        .join(', ')}${item.where ? ` (${item.where})` : ''}`;
    case 'fluid':
      return `fluid ${[item.fluid, item.level ?? '', ...item.looks].filter(Boolean).join(' ')}`;
    case 'wet':
      return `wet ${[item.place, item.amount, item.fluid ?? ''].filter(Boolean).join(' ')}`;
    case 'number':
      return `number ${item.place} ${item.asRead}`;
    case 'odometer':
      return `odometer ${item.value} ${item.unit ?? ''}`.trim();
    case 'part':
      return `part ${item.part} ${item.state}`;
    case 'gauge':
      return `gauge ${[...item.shown.map((s) => `${s.gauge} ${s.said}`), item.when, item.afterS ?? ''].filter((x) => x !== '').join(', ')}`;
    case 'road':
      return `road ${item.noted.map((n) => `${n.what} ${n.how}`).join(', ')}`;
    case 'start':
      return `start ${JSON.stringify(item.says)}`;
    case 'tried':
      return `${item.state} ${item.function}${item.seconds === null ? '' : ` ${item.seconds} s`}${item.why ? ` (${item.why})` : ''}`;
    case 'tire':
      return `tire ${item.zone}${item.code ? ` ${item.code}` : ''}${item.treadMm === null ? '' : ` tread ${item.treadMm}`}`;
    case 'go':
      return `go ${item.zone}`;
    case 'undo':
      return 'undo';
    case 'told':
      return `told ${item.claim}`;
    case 'mark':
      return `mark ${item.zone} ${item.mark}`;
    case 'renewed':
      return `${item.state} ${item.zone}`;
    case 'came-along':
      return `${item.there ? 'along' : 'not along'} ${item.items.join(' ')}`;
    case 'stands':
      return `stands ${item.how}`;
    case 'presents':
      return `presents from ${Math.round(item.fromM * 10) / 10}m`;
  }
}

const LAMPS = ['side', 'head.low', 'head.high', 'tail', 'plate', 'turn', 'hazard', 'brake', 'dash', 'courtesy'].map(
  (l) => `lamp.${l}`,
);
const panel = '[paint,shape,fit,corrosion]';

describe('phrasings and the records they mean', () => {
  it.each<[string, EntryContext, string[]]>([
    // marks, somebody's word, what comes along, how it stands
    ['hood bolts untouched', um, ['mark hood fasteners-untouched']],
    ['lf door jamb different color', um, ['mark door.left.front jamb-other']],
    ['the owner says it was repainted in 1992', um, ['told restored']],
    ['supposedly never hit', um, ['told never-hit']],
    ['comes with the jack and a spare key', um, ['along spare-key jack']],
    ['sits low at the left rear', um, ['stands low-left-rear']],
    ['2 footer', um, ['presents from 0.6m']],
    ['left rear floor has been replaced', um, ['replaced floor.left.rear']],
    ['roof solid', um, ['clean roof [corrosion]']],
    ['hood scratch in the clear', um, ['hood scratch-clear 1']],
    ['deck lid 129', um, ['deck 129']],
    // tests of the metal
    ['left rocker magnet holds', um, ['test rocker.left magnet holds']],
    ['lf fender bottom magnet off, dull', um, ['test fender.left magnet off, tap dull (bottom)']],
    ["right quarter magnet doesn't stick", um, ['test quarter.right magnet off']],
    ['magnet barely holds', um, ['test hood magnet weak']],
    ['left door rings', um, ['test door.left.front tap rings']],
    ['deck feels soft', um, ['test deck press gives']],
    ['left rocker damp to the touch', um, ['test rocker.left touch damp']],
    ['boot floor feels dry, magnet holds', um, ['test trunk.floor magnet holds, touch dry']],
    // tires
    ['lf tyre date code 3112', um, ['tire wheel.left.front 3112']],
    ['rr wheel dot U2LL LMLR 3112, tread 5.5 mm', um, ['tire wheel.right.rear U2LL LMLR 3112 tread 5.5']],
    ['left front tire tread 6/32', um, ['tire wheel.left.front tread 4.8']],
    ['date code 409', { ...um, zone: 'wheel.left.rear' }, ['tire wheel.left.rear 409']],
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
    ['left hood corner chip', um, ['hood chip 1 (left corner)']],
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
    ['ok left headlight', um, ['clean lamp.left.head [glass]']],
    ['ok left headlight function', um, ['clean lamp.left.head [function]']],
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
    ['clock dead dash', um, ['dead clock']],
    ['horn works', um, ['works horn']],
    // numbers, the clock, parts
    ['engine number QH 04418', um, ['number engine-stamp QH 04418']],
    ['chassis plate reads QHF67-04418', um, ['number chassis-plate QHF67-04418']],
    ['odometer 61,412', um, ['odometer 61412']],
    ['odometer reads 48 210 km', um, ['odometer 48210 km']],
    ['radio period correct', um, ['part radio period']],
    ['the exhaust is a reproduction', um, ['part exhaust reproduction']],
    // the dash, the road
    ['oil pressure 45 psi at idle', um, ['gauge oil 45 psi, idle']],
    ['oil 3.2 bar, temperature 85, 13.8 volts', um, ['gauge oil 3.2 bar, temperature 85 c, volts 13.8 v']],
    ['temp 185 f after 12 minutes', um, ['gauge temperature 185 f, 720']],
    ['idles at 850', um, ['gauge rpm 850 rpm']],
    ['fuel gauge reads half', um, ['gauge fuel half']],
    ['charging at 14.1 volts warm', um, ['gauge volts 14.1 v, warm']],
    ['tracks straight and brakes pull left', um, ['road brakes pulls-left, tracking straight']],
    ['crunches into second', um, ['road shifts crunches']],
    ['rear axle whines', um, ['road axle whines']],
    // fluids, leaks, the start
    ['brake fluid dark', um, ['fluid brake dark']],
    ['engine oil is low and milky', um, ['fluid engine-oil low milky']],
    ['rear main weeping', um, ['wet engine.rear-main damp']],
    ['valve cover wet with oil', um, ['wet engine.valve-cover wet engine-oil']],
    ['water pump dry', um, ['wet engine.water-pump dry']],
    ['cold start no smoke', um, ['start {"smoke":{"colour":"none","course":null}}']],
    ['cranks slowly', um, ['start {"cranks":"slow"}']],
    ['all lamps work but the reverse', um, [...LAMPS.map((l) => `works ${l}`), 'dead lamp.reverse']],
    ['left front window slow 9 s', um, ['poor window.left.front 9 s']],
    ['rf door lock dead', um, ['dead lock.right.front']],
    ['air conditioning not fitted', um, ['absent air-conditioning']],
    ['radio not tried no power', um, ['untried radio (no-power)']],
    ['wipers stiff', um, ['poor wipers']],
    ['top slow 41 s', { ...um, plan: planOf('convertible')! }, ['poor top 41 s']],
    ['rf wheel old tyre', um, ['wheel.right.front tire-aged 1']],
    ['lr wheel cords showing', um, ['wheel.left.rear tire-damaged 1']],
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

describe('what strangers typed, and what it must not become', () => {
  const fourDoors = (zone: string | null): EntryContext => ({ ...saloon, zone });
  const at = (zone: string): EntryContext => ({ ...um, zone });
  it.each<[string, EntryContext, string[]]>([
    // Absences are clean looks at the aspect, not findings.
    ['no dents on the hood', at('roof'), ['clean hood [shape]']],
    ['left headlight no cracks', um, ['clean lamp.left.head [glass]']],
    ['windscreen no chips or cracks', um, ['clean glass.windshield [glass]']],
    [
      'no cracks, no chips, no delamination',
      at('glass.windshield'),
      ['clean glass.windshield [glass]', 'clean glass.windshield [glass]', 'clean glass.windshield [glass]'],
    ],
    ["I don't see any rust on the left sill", um, ['clean rocker.left [corrosion]']],
    ['hood no chips, one dent 20mm', um, ['clean hood [paint]', 'hood dent 1 20mm']],
    ['no rust no dents', at('roof'), ['clean roof [corrosion,shape]']],
    [
      'all doors no rust',
      fourDoors('hood'),
      [
        'clean door.left.front [corrosion]',
        'clean door.right.front [corrosion]',
        'clean door.left.rear [corrosion]',
        'clean door.right.rear [corrosion]',
      ],
    ],
    ['nothing to report', at('roof'), ['clean roof [paint,shape,corrosion]']],
    // What it is follows from what the place is made of.
    ['windscreen cracked', um, ['glass.windshield glass-crack 1']],
    ['dashboard cracked', um, ['dash dash-cracked 1']],
    ['driver seat torn', um, ['seat.left.front split 1']],
    ['hood cracked', um, ['hood cracking 1']],
    ['windscreen scratched', um, ['glass.windshield glass-scratched 1']],
    ['sill left rust holes', um, ['rocker.left perforated 1']],
    // Things that work or do not are where they are looked at, wherever one stands.
    ['clock dead', at('deck'), ['dead clock']],
    ['no start', at('hood'), ['engine inoperative 1 (does not start)']],
    ["won't start", at('hood'), ['engine inoperative 1 (does not start)']],
    ['right door will not open', um, ['door.right.front inoperative 1 (does not open)']],
    ['left door jammed', um, ['door.left.front inoperative 1 (jammed)']],
    ['tank dripping', um, ['tank leak-drips 1']],
    // Several places only where that is said.
    ['both sills rusted through', at('roof'), ['rocker.left perforated 1', 'rocker.right perforated 1']],
    // Beside a place is not at it.
    ['rust bubbles below the rear window', at('roof'), ['roof rust-blister 1 (below the rear window)']],
    ['lf wing hole 30mm behind the wheel', um, ['fender.left perforated 1 30mm (behind the wheel)']],
    // Quoted and describing words are kept as they are.
    ['hood chip "from the tram"', um, ['hood chip 1 “from the tram”']],
    ['hood tiny dent', um, ['hood dent 1 “tiny”']],
    ['hood maybe filler', um, ['hood filler-visible 1 inferred']],
    ['gap bonnet left wing 4 5 6', at('hood'), ['gap fender.left|hood 4 5 6']],
    ['roof ≥650', um, ['roof over']],
    ['no reading', at('roof'), ['roof none']],
  ])('%s', (text, context, expected) => {
    const entry = parseEntry(text, context);
    expect({ problems: entry.problems, items: entry.items.map(said) }).toEqual({ problems: [], items: expected });
  });

  it.each<[string, EntryContext, string]>([
    ['left rocker magnet holds magnet off', um, 'not-understood'],
    ['left rocker magnet', um, 'not-understood'],
    ['magnet off 12', um, 'figure-left'],
    ['windscreen magnet holds', um, 'not-understood'],
    ['sills holes', at('roof'), 'which-zone'],
    ['sills rusted through', at('door.left.front'), 'which-zone'],
    ['rear doors 120 118', fourDoors('hood'), 'which-zone'],
    ['washer pump runs no fluid', at('hood'), 'not-understood'],
    ['left quarter 14.5 11 9.5 18 filler', um, 'figure-left'],
    ['aerial hole left front wing', um, 'not-understood'],
    ['front wheel left 1219', um, 'no-film'],
    ['hood date code 3112', um, 'not-understood'],
    ['lf tyre date code 5412', um, 'absurd'],
    ['lf tyre date code 3112 nearly new', um, 'not-understood'],
    ['date code 3112', { ...um, zone: null }, 'no-zone'],
    ['windscreen 120', um, 'no-film'],
    ['seat torn', um, 'which-zone'],
    ['wheel cracked', at('wheel.left.front'), 'flaw-not-here'],
    ['oil leak under the gearbox', at('deck'), 'not-understood'],
    ['no rear bumper', um, 'not-understood'],
    ['no key', um, 'not-understood'],
    ['not only chips', um, 'not-understood'],
    ['hood no longer dented', um, 'not-understood'],
    ['hood chip dent', um, 'not-understood'],
    ['hood chip 3 5', um, 'figure-left'],
    ['hood dent roof', um, 'two-places'],
    ['hood no chips dents', um, 'not-understood'],
    ['hood dent clock', um, 'not-understood'],
    ['hood clock dead', um, 'flaw-not-here'],
    ['radio not tried', um, 'say-why'],
    ['all lamps work but the nose', um, 'not-understood'],
    ['window cracked', { ...um, zone: null }, 'which-zone'],
    ['not seen', at('roof'), 'say-why'],
    ['hood ok no dents 120', um, 'not-understood'],
    ['blocked hood wet 3', um, 'figure-left'],
    ['blocked hood wet rust holes', um, 'not-understood'],
    ['ok roof fit', um, 'not-understood'],
    ['left headlight broken', um, 'which-flaw'],
    ['no leaks', at('hood'), 'flaw-not-here'],
    ['both doors dents 3', um, 'figure-left'],
    ['"seller was rude"', um, 'not-understood'],
    ['hood looks gorgeous', um, 'not-understood'],
  ])('asks about %s', (text, context, problem) => {
    const entry = parseEntry(text, context);
    expect(entry.items).toEqual([]);
    expect(entry.problems.map((p) => p.kind)).toContain(problem);
  });

  it('keeps the figure of “at least”, whatever the gauge’s ceiling is', () => {
    const [item] = parseEntry('roof ≥650', { ...um, ceilingUm: 2000 }).items;
    expect(item).toMatchObject({ state: 'over', thicknessUm: 650, typed: { text: '≥650', unit: 'um' } });
    const [mils] = parseEntry('roof >20', { ...mil, ceilingUm: 500 }).items;
    expect(mils).toMatchObject({ state: 'over', thicknessUm: 508 });
  });
});

/** Figures and negations of a text, told without the grammar: by the eye, as it were. */
function toldByEye(text: string): { figures: number[]; negations: number } {
  const words = text.toLowerCase().split(/[\s,;]+/);
  const named: Record<string, number> = {
    one: 1,
    two: 2,
    three: 3,
    four: 4,
    five: 5,
    six: 6,
    seven: 7,
    eight: 8,
    nine: 9,
    ten: 10,
  };
  const figures = words.flatMap((w) => {
    const m = /^[x≥>]?(-?\d+(?:\.\d+)?)(?:mm|cm|m|%|mil|um)?$/.exec(w);
    return m ? [Number(m[1])] : w in named ? [named[w]!] : [];
  });
  const negations = words.filter((w) => /^(no|not|without|never|nor|don't|isn't)$/.test(w)).length;
  return { figures, negations };
}

/** Figures that an item took, as they were typed. */
function figuresIn(item: EntryItem): number[] {
  switch (item.kind) {
    case 'reading':
    case 'replace-last':
      return item.state === 'none'
        ? []
        : [Number(item.typed.text.replace(/[^\d.-]/g, ''))].filter(
            (v) => item.typed.text !== 'over' && Number.isFinite(v),
          );
    case 'finding':
      return [item.count, item.sizeMm, item.share === null ? null : item.share * 100, item.visibleFromM].filter(
        (v): v is number => v !== null,
      );
    case 'gap':
      return [...item.gapsMm, ...item.flushMm];
    default:
      return [];
  }
}

it('takes or shows as not understood each figure and each negation, whatever is typed', () => {
  const words = fc.constantFrom(
    ...(
      'hood roof sills left right door doors window dash clock seat wheel front rear no not without never or and the on any ' +
      'chip dent cracks rust hole filler leak torn dead stuck scratch ok clean blocked wet over nr again 12 131 3 2mm 40% 5cm x2 ' +
      '≥600 two three tiny edge below behind from 2m mil told maybe both all gap flush , ;'
    ).split(' '),
  );
  fc.assert(
    fc.property(fc.array(words, { minLength: 1, maxLength: 9 }), fc.nat(2), (list, which) => {
      const context = [um, mil, saloon][which]!;
      const text = list.join(' ');
      for (const sentence of text.split(';')) {
        const entry = parseEntry(sentence, context);
        if (entry.problems.length > 0 || entry.items.length === 0) continue;
        const { figures, negations } = toldByEye(sentence);
        const taken = entry.items.flatMap(figuresIn);
        const near = (a: number, b: number) =>
          Math.abs(a - b) < 1e-6 || [10, 1000].some((f) => Math.abs(a * f - b) < 1e-6);
        // A figure behind `again` or `no` stands for the one before it.
        const replaced = list.filter((w) => ['again', 'no'].includes(w)).length;
        const lost = figures.filter((f) => !taken.some((t) => near(f, t)));
        if (lost.length > replaced) throw new Error(`${sentence}: ${lost} not taken`);
        // What is said not to be is a clean look, a place that could not be seen, a figure replaced, or a fault.
        const says = entry.items.some(
          (i) =>
            (i.kind === 'look' && i.outcome === 'clean') ||
            (i.kind === 'look' && i.outcome === 'blocked') ||
            i.kind === 'reading' ||
            i.kind === 'replace-last',
        );
        if (negations > 0 && !says) throw new Error(`${sentence}: a negation was passed over`);
        if (negations > 0 && entry.items.some((i) => i.kind === 'finding') && !sentence.includes(','))
          throw new Error(`${sentence}: a negation became a finding`);
      }
      return true;
    }),
    { seed: 20261125, numRuns: 6000 },
  );
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
        return entry.items.every((i) => !('zone' in i) || context.plan.zones.has(i.zone));
      },
    ),
    { seed: 99, numRuns: 3000 },
  );
});
