/** Lightness (CIE L*) of colours as people call them, house values; what darkens or lightens comes before what is darkened. */
const LIGHTNESS: readonly (readonly [name: string, L: number])[] = [
  ['dark', 25],
  ['midnight', 15],
  ['black', 10],
  ['ebony', 10],
  ['navy', 20],
  ['maroon', 25],
  ['burgundy', 25],
  ['claret', 25],
  ['oxblood', 25],
  ['aubergine', 22],
  ['bottle', 27],
  ['charcoal', 30],
  ['light', 75],
  ['pale', 80],
  ['white', 93],
  ['ivory', 90],
  ['cream', 88],
  ['silver', 75],
  ['yellow', 82],
  ['primrose', 86],
  ['beige', 78],
  ['sand', 74],
  ['grey', 55],
  ['gray', 55],
  ['green', 42],
  ['blue', 40],
  ['red', 42],
  ['orange', 62],
  ['brown', 36],
  ['bronze', 45],
  ['gold', 65],
  ['turquoise', 62],
];

/** Lightness of a colour as it is called, CIE L*; null where the name tells nothing. The first name of the list that is in it holds. */
export function lightnessOf(colour: string): number | null {
  const said = colour.toLowerCase();
  return LIGHTNESS.find(([name]) => new RegExp(`\\b${name}`).test(said))?.[1] ?? null;
}
