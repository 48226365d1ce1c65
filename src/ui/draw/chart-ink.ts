/** The tokens of the theme in force, so that charts follow light and dark; and its text, by the name of its font: what is only inherited is measured too narrow. */
export function chartInk() {
  const style = getComputedStyle(document.documentElement);
  const token = (name: string) => style.getPropertyValue(`--${name}`).trim();
  return {
    text: { fontFamily: getComputedStyle(document.body).fontFamily, color: token("ink") },
    ink: token("ink"),
    muted: token("muted"),
    line: token("line"),
    page: token("paper"),
    paper: token("card"),
    beet: token("beet"),
    leaf: token("leaf"),
    marigold: token("marigold"),
    soil: token("soil"),
    "soil-light": token("soil-light"),
    water: token("water"),
  };
}
