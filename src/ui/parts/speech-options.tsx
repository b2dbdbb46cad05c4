/** The words that Farvin can use, as choices of a select. */
export function WordsOptions() {
  return (
    <>
      <option value="en-GB">bonnet, wing, boot</option>
      <option value="en-US">hood, fender, trunk</option>
    </>
  );
}

/** The units of film thickness, as choices of a select. */
export function FilmUnitOptions() {
  return (
    <>
      <option value="um">µm</option>
      <option value="mil">mil</option>
    </>
  );
}
