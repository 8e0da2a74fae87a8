import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

/** Colours of the body with a sentence above its first round, and in the middle of it. */
const WORKED = ["Rnd 1: 6 sc in MR (6)", "Rnd 2: inc x6 (12)", "Rnd 3: sc around (12)", "Rnd 4: dec x6 (6)"];
const above = (said: string) => colours(["Body", said, ...WORKED]);
const amid = (said: string) => colours(["Body", ...WORKED.slice(0, 2), said, ...WORKED.slice(2)]);
function colours(lines: readonly string[]): string[] {
  const { parts, problems } = checkPattern([...lines, "Fasten off."].join("\n"));
  expect(problems).toEqual([]);
  expect(parts.map((p) => p.name)).toEqual(["Body"]);
  return parts.flatMap((p) => p.bySlot.map((s) => s.slot));
}

describe("a sentence of another thing's colour colours nothing", () => {
  it.each([
    "Use green for the eyes.",
    "Use green yarn for the eyes.",
    "The eyes are green.",
    "Green is for the eyes.",
    "For the eyes use green.",
    "Black for the nose, white for the belly.",
    "You will need green for the eyes later.",
    "Keep the green for the eyes.",
    "Save the green yarn for the eyes.",
    "The nose is embroidered in pink.",
    "Embroider the nose in pink.",
    "With pink, embroider the nose.",
    "I used green for the eyes.",
    "Scraps of green for the eyes.",
    "Green embroidery thread for the eyes.",
    "The mouth is stitched with black thread.",
    "Use black thread for the mouth.",
    "Use black for the mouth and pink for the cheeks.",
    "Any colour will do, I used blue.",
    "Choose your own colour; mine is blue.",
  ])("%s", (said) => {
    expect(above(said)).toEqual(["main"]);
    expect(amid(said)).toEqual(["main"]);
  });
});

describe("a sentence of the part's own colour colours it", () => {
  it.each([
    "Use green.",
    "Use green yarn.",
    "With green:",
    "Work in green.",
    "Worked in green.",
    "Use green for the body.",
    "Use green for this part.",
    "The body is green.",
    "Use green throughout.",
    "Use the green yarn for all rounds.",
  ])("%s", (said) => expect(above(said)).toEqual(["green"]));
  it("from where it stands, also for an edge", () => {
    expect(amid("Use green for the edging.")).toEqual(["main", "green"]);
    expect(amid("Use green for the next rounds.")).toEqual(["main", "green"]);
  });
});

describe("a line between two rounds that brings another colour", () => {
  it.each([
    "Switch to white.",
    "White:",
    "Now with white:",
    "Continue in white.",
    "Cut yarn and join white.",
    "--- white ---",
    "From now on use white.",
    "The rest is worked in white.",
    "Change colour (white).",
    "Colour change: white",
    "Drop the main colour, pick up white.",
    "Change to the white yarn.",
    "Swap to white.",
    "Switch yarns: white",
    "Next, in white:",
    "Tie on white and cut the main colour.",
    "Leave the main yarn hanging and join the white.",
    "With the white yarn again:",
    "Go on with white.",
    "White from here.",
    "Begin with white here.",
    "New colour: white",
    "Yarn: white",
    "Next colour white.",
    "Do the colour change to white now.",
    "Now change colours to white",
    "(now white)",
    "Add white yarn.",
    "Introduce white.",
    "Work the rest in white.",
    "Use white for the rest of the body.",
    "Drop main. Pick up white.",
    "Fasten off and attach white with a slip stitch.",
    "Break off and continue with white.",
    "At the end of this round change to white.",
    "Change to white at the last stitch of the round.",
    "White yarn:",
    "~ white ~",
    "Join the white yarn in any stitch.",
  ])("%s", (said) => expect(amid(said)).toEqual(["main", "white"]));
});

describe("a line between two rounds that names the colour of a thing", () => {
  it.each([
    "The white stitches form the belly.",
    "Count the white stitches.",
    "You can see the white here.",
    "Sew the white patch on later.",
    "White cheeks are added later.",
    "Keep white for later.",
    "Embroider in white.",
    "White felt circles go behind the eyes.",
    "Glue on white felt.",
    "Place white beads.",
    "Insert black eyes.",
    "Add black safety eyes.",
    "Attach the orange beak.",
    "Sew on the white belly.",
    "Pin the red hat.",
    "Use a black marker.",
    "The black line is the mouth.",
    "Tie a red ribbon around the neck.",
    "Red ribbon for the neck.",
    "Mark with a red thread.",
    "Blush with pink chalk.",
    "Brown button for the nose.",
    "A white pompom for the tail.",
    "Wrap red yarn around the neck.",
    "Attach the red scarf.",
    "Tie red yarn around the neck.",
    "Add a red bow.",
    "Thread a needle with black.",
    "Line the inside with white felt.",
    "Embroider two eyes with black yarn.",
    "Put in the green eyes.",
    "Attach white wings.",
    "Add black whiskers with black yarn.",
    "Add a white stripe later.",
    "Thread black yarn through the ear.",
    "Add pink yarn for the cheeks.",
    "Loop brown yarn through for the hair.",
  ])("%s", (said) => expect(amid(said)).toEqual(["main"]));
});

describe("a colour told with its round", () => {
  it.each([
    ["Rnd 2: inc x6 (12)", "Rnd 3 (white): sc around (12)"],
    ["Rnd 2: inc x6 (12)", "Rnd 3 \u2013 white: sc around (12)"],
    ["Rnd 2: inc x6 (12)", "Rnd 3 [white]: sc around (12)"],
    ["Rnd 2: inc x6, change to white (12)", "Rnd 3: sc around (12)"],
    ["Rnd 2: inc x6 (12). Change to white.", "Rnd 3: sc around (12)"],
    ["Rnd 2: inc x6 (12) change to white", "Rnd 3: sc around (12)"],
    ["Rnd 2: inc x6 (12), change to white in the last yarn over", "Rnd 3: sc around (12)"],
    ["Rnd 2: inc x6 (12)", "Rnd 3: with white sc around (12)"],
    ["Rnd 2: inc x6 (12)", "Rnd 3: in white, sc around (12)"],
    ["Rnd 2: inc x6 (12)", "Rnd 3: white, sc around (12)"],
    ["Rnd 2: inc x6 (12)", "Rnd 3: sc around in white (12)"],
    ["Rnd 2: inc x6 (12)", "Rnd 3: (change to white) sc around (12)"],
    ["Rnd 2: inc x6 (12) *colour change to white*", "Rnd 3: sc around (12)"],
    ["Rnd 2: inc x6 (12) \u2013 change colour to white", "Rnd 3: sc around (12)"],
    ["Rnd 2: inc x6 (12); finish the last st with white", "Rnd 3: sc around (12)"],
  ])("%s / %s", (second, third) =>
    expect(colours(["Body", WORKED[0] ?? "", second, third, WORKED[3] ?? ""])).toEqual(["main", "white"]),
  );
});

const PLAIN = ["Rnd 1: 6 sc in MR (6)", "Rnd 2: inc x6 (12)", "Rnd 3: 12 sc (12)"];
const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);
function cap(lines: readonly string[]): string {
  const { parts, problems } = checkPattern(lines.join("\n"));
  expect(problems).toEqual([]);
  return parts.map((p) => `${p.name}: ${p.bySlot.map((s) => s.slot).join(", ")}`).join(" / ");
}

describe("a colour told between the name and the first round, in brackets and without", () => {
  it.each([
    "start with red",
    "with red",
    "red yarn",
    "in red",
    "red",
    "using red",
    "begin with red",
    "begin in red",
    "starting with red",
    "start in red",
    "work in red",
    "use red",
    "use red yarn",
    "worked in red",
    "red wool",
    "main colour: red",
    "colour: red",
    "yarn: red",
    "red cotton",
    "begins in red",
    "from the tip, with red",
    "with red, 2.5 mm hook",
    "red, make 1",
    "in red, worked in a spiral",
    "red DK",
    "all in red",
    "made in red",
  ])("%s", (said) => {
    for (const line of [`(${said})`, `[${said}]`]) expect(cap(["Cap", line, ...PLAIN])).toBe("Cap: red");
    if (said !== "red DK") expect(cap(["Cap", `${capital(said)}.`, ...PLAIN])).toBe("Cap: red");
    for (const name of [`Cap (${said})`, `Cap, ${said}`, `Cap - ${said}`])
      expect(cap([name, ...PLAIN])).toBe("Cap: red");
  });
});

describe("a colour told between two rounds, however it is set off", () => {
  it.each([
    "change to red",
    "red",
    "with red",
    "in red",
    "now red",
    "continue in red",
    "switch red",
    "red from here",
    "red now",
    "using red",
    "pick up red",
    "join red",
    "swap to red",
    "drop white, pick up red",
    "fasten off white, join red",
  ])("%s", (said) => {
    const ways = [`(${said})`, `[${said}]`, capital(said), `-- ${said} --`, `${said}:`, said.toUpperCase()];
    for (const line of ways)
      expect(cap(["Cap (white)", ...PLAIN.slice(0, 2), line, ...PLAIN.slice(2)])).toBe("Cap: white, red");
  });
});
