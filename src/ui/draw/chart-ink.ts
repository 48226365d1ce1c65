/** The tokens of the theme in force, so that charts follow light and dark. */
export function chartInk() {
  const style = getComputedStyle(document.documentElement);
  const token = (name: string) => style.getPropertyValue(`--${name}`).trim();
  return {
    ink: token("ink"),
    muted: token("muted"),
    line: token("line"),
    paper: token("card"),
    beet: token("beet"),
    leaf: token("leaf"),
    marigold: token("marigold"),
    soil: token("soil"),
    "soil-light": token("soil-light"),
    water: token("water"),
  };
}
