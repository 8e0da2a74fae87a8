/**
 * Shade words that stand for a colour slot without any introduction, each with the colour a part is drawn in
 * until a yarn is chosen. Everyday words only; the colours are our own choice, near what wool of that name
 * looks like.
 */
const TABLE = `
white #f4f2ec
cream #efe6cf
ivory #efe9d6
beige #d9c7a5
ecru #e3d9bf
natural #e6dcc4
oatmeal #d8cbb0
skin #e3b996
tan #c39a6b
sand #d6bd8f
straw #dcc27a
brown #7a4f33
chocolate #4d3021
caramel #b57a43
ginger #c0692c
chestnut #7b3f2a
copper #b3673f
black #1f2224
charcoal #3f4447
grey #8f979b
gray #8f979b
silver #b9bfc2
slate #5f6c75
stone #a59c8d
navy #22314f
blue #2f64a8
denim #4a6585
indigo #363a6d
sky #8fbfe0
ocean #1f6f8b
sea #4c9a9a
teal #1f7a7a
turquoise #35b0ab
aqua #6cc7c4
mint #a8d8bf
green #3f8a4e
olive #757a35
lime #a4c639
moss #6d7a3a
forest #24523a
sage #98a684
yellow #f0cd45
mustard #d0a02f
gold #cf9f3a
honey #dba339
ochre #c08a34
orange #e6812f
peach #f3b995
apricot #f0a86e
coral #ee7d66
salmon #ee9680
rust #a54a2a
red #b8322f
crimson #9f1f33
scarlet #c9302c
cherry #a32035
burgundy #6a1f33
maroon #6b2027
pink #eda6b8
rose #d98a9a
fuchsia #c23b83
purple #6c4490
lilac #b79fce
lavender #b5a5d4
violet #7a57a8
plum #6b3555
terracotta #b5573c
sienna #a0522d
cinnamon #a45a2a
russet #80461b
umber #6b4a2f
toffee #a9743f
mocha #7b5a45
fawn #c8a27a
camel #c19a6b
taupe #8b7d6b
khaki #a39a6b
ebony #3a332f
vanilla #f3e5ab
champagne #f1ddb8
saffron #e9a92f
bronze #a97142
magenta #c2307f
mauve #a98aa6
blush #e6b0aa
cyan #37b6c9
azure #3d8fd6
cobalt #1f4fa3
petrol #1f5f6b
jade #2f9e77
emerald #2a8f5b
pistachio #a9c67d
`;

/** Shade word → "#rrggbb". */
export const SHADES: ReadonlyMap<string, string> = new Map(
  TABLE.trim()
    .split("\n")
    .map((row) => row.split(" ") as [string, string]),
);

/** Words that make a shade darker or lighter, by how much of black (below zero) or white is mixed in. */
export const TONES: ReadonlyMap<string, number> = new Map(
  Object.entries({
    dark: -0.35,
    deep: -0.25,
    light: 0.4,
    pale: 0.5,
    bright: 0,
    soft: 0.25,
    warm: 0,
    cool: 0,
    off: -0.04,
    mid: 0,
    medium: 0,
  }),
);

/**
 * The colour that a slot's name speaks of ("dark blue"), as "#rrggbb"; undefined for letters and names of no
 * shade.
 */
export function shadeColour(slot: string): string | undefined {
  const words = slot.toLowerCase().split(/[\s-]+/);
  const hex = words.map((w) => SHADES.get(w)).findLast((h) => h !== undefined);
  if (hex === undefined) return undefined;
  const mix = words.reduce((sum, w) => sum + (TONES.get(w) ?? 0), 0);
  const end = mix < 0 ? 0 : 255;
  const part = (at: number) => {
    const v = parseInt(hex.slice(at, at + 2), 16);
    return Math.round(v + (end - v) * Math.min(0.8, Math.abs(mix)))
      .toString(16)
      .padStart(2, "0");
  };
  return `#${part(1)}${part(3)}${part(5)}`;
}
