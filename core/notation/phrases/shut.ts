import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";
import { stitchAhead } from "./stitches";

/** What is done to a piece before both its edges are closed at once. */
const FLATTENS = words("fold flatten press pinch squash squeeze");
const FLAT = words("flat half shut closed together");
const CLOSES = words("shut closed");
const STOP = words(". ; ( [ { = \n *");

/**
 * "Fold flat and crochet shut with 6 sc", "pinch closed, sc 6": both edges of a flattened piece are worked as
 * one, though nobody speaks of layers. The stitches come behind.
 */
export const shut: Phrase = {
  name: "shut",
  starts: words("fold flatten press pinch squash squeeze crochet work close sc dc"),
  read(c, x) {
    // "Sc shut with 9 sc": the first stitch names only how.
    if (c.is("sc", "dc") && !CLOSES.has(c.text(1))) return NONE;
    let closes = c.is("flatten", "pinch", "fold", "close");
    const signs = FLATTENS.has(c.text()) ? FLAT : CLOSES;
    c.at++;
    for (let n = 0; n < 10 && !c.done && !STOP.has(c.text()); n++) {
      if (c.kind() === "number" || stitchAhead(c, x))
        return closes && n > 0
          ? [
              {
                to: c.at,
                cost: COST.aside,
                piece: { kind: "layers", layers: [] },
              },
            ]
          : NONE;
      if (signs.has(c.text())) closes = true;
      c.at++;
    }
    return NONE;
  },
  examples: [],
};
