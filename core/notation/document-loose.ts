import { readColourChange, readShade } from "./colours";
import type { Cursor } from "./cursor";
import { changeIn, colourAbove, colourSaid } from "./document/colour-said";
import { readEvent, startsEvent } from "./events";
import { isRoundWord } from "./labels";
import type { Line } from "./text";
import { tellsSum } from "./phrases/totals";
import { hangSpurs } from "./hanging";
import { shutByPairs } from "./shut";
import { operationsOf } from "./surroundings";
import type { Token } from "./tokens";
import type { Node } from "./tree";
import { type LineKind, append } from "./document-base";
import { HeadingsReader } from "./document-headings";

const JOINS = /^join(ed)?$/;
const EVERY = /^(each|every|all|end)$/;
const ROUNDS = /^(round|rnd)s?$/;
const INTO = /^(in|into)$/;
const RING = /^(ring|circle|loop)$/;
/** "Magic ring", "mr", "a 5 sc ring". */
const RING_SAID =
  /\b(magic|adjustable) (ring|circle|loop)\b|\b(mr|mc)\b|\b\d+ (sc|dc|hdc|htr|tr|sts?|stitches) (ring|circle)\b/;
/** Do words of these kinds stand in this order, with anything between them? Looks at each word once. */
function inOrder(words: readonly string[], kinds: readonly RegExp[]): boolean {
  let next = 0;
  for (const w of words) if (kinds[next]?.test(w)) next++;
  return next === kinds.length;
}

const HABIT = /\bat the (?:start|beginning) (?:of|does|is|doesn't|never)\b/;
const stopBefore = (t: Token): Token => ({ kind: "mark", text: ".", value: NaN, from: t.from, to: t.from });

/** Words of "Begin at the nose of the mouse:". */
const LONGEST_LEAD = 9;

/** "Start by making a", "begin with your": what leads up to the ring that a part begins with. */
const RING_LED = new Set(
  "make making start starting begin beginning form create work with by using a an the your first of all , to".split(
    " ",
  ),
);

/** Words of "For the head of the mouse you begin", and of all that leads up to the ring behind it. */
const MOST_BEFORE_BEGIN = 8;
const LONGEST_TO_RING = 22;

/** Sentences of talk in front of a ring. */
const MOST_LEADING = 3;

/** How far a line may have come when it names its hook. */
const HOOK_WITHIN = 8;

/** "Using cream, 4 mm hook: 8 sc in a ring", "With cream and a 4 mm hook, …": the same without what it is worked with. */
function withoutHook(tokens: readonly Token[]): Token[] | undefined {
  const mm = tokens.findIndex((t, i) => i > 0 && t.text === "mm" && tokens[i - 1]?.kind === "number");
  if (mm < 1 || mm > HOOK_WITHIN) return undefined;
  const hook = tokens[mm + 1]?.text === "crochet" ? mm + 2 : mm + 1;
  if (tokens[hook]?.text !== "hook" || !/^[,:;.]$/.test(tokens[hook + 1]?.text ?? "")) return undefined;
  let from = mm - 1;
  while (from > 0 && /^(a|an|the|your|and|&|,)$/.test(tokens[from - 1]?.text ?? "")) from--;
  return [...tokens.slice(0, from), ...tokens.slice(from > 0 ? hook + 1 : hook + 2)];
}

/** Lines without a label: events, set-ups, steps of sewing up, rounds that are only implied. */
export abstract class LooseReader extends HeadingsReader {
  /** A line without a label: a colour, an event, a start, a round without a number, or a note. */
  protected loose(tokens: Token[], line: Line): LineKind {
    if (/^(first|now|then|next|finally)$/.test(tokens[0]?.text ?? "") && tokens[1]?.text === ",")
      tokens = tokens.slice(2);
    // "Finally dec x 6 (6)."
    else if (/^(finally|lastly)$/.test(tokens[0]?.text ?? "")) tokens = tokens.slice(1);
    const untooled = withoutHook(tokens);
    if (untooled && this.hasCountedWork(untooled)) tokens = untooled;
    const c = this.cursor(tokens);
    const first = tokens[0];
    if (!first) return "blank";
    const plain = this.plainAlone(tokens, line);
    if (plain) return plain;
    // "You now have 12 sc." below a round without a number is its sum, and no round.
    const unsummed = this.open && this.open.label?.first === undefined && !this.heading;
    if (unsummed && this.open && tellsSum(this.cursor(tokens), this.context)) {
      append(this.open, [stopBefore(first), ...tokens]);
      return "continuation";
    }
    c.take("now", "then", "next");
    const said = colourSaid(this.cursor(tokens), this.heading?.name ?? this.part?.name ?? "");
    if (said === "elsewhere") return "note";
    if (said) {
      this.bringIn(said.slot);
      return "colour";
    }
    const colour = readColourChange(c) ?? this.shadeAlone(c);
    if (colour !== undefined && (c.done || c.is(".", ",", ":", "in", "on", "at", "for", ";"))) {
      const rest = tokens.slice(c.at).filter((t, i) => !(i === 0 && /^[,.:;]$/.test(t.text)));
      if (!this.hasCountedWork(rest) && this.loopsSaid(rest)) {
        this.slot = colour;
        return this.keepSetup(rest, line);
      }
      const told = this.toldIn(colour, rest, line);
      if (told) return told;
      if (!this.hasWork(rest) && !this.ringIn(rest)) {
        this.bringIn(colour);
        return "colour";
      }
      this.slot = colour;
      const kind = this.loose(rest, line);
      return kind === "note" ? "colour" : kind === "continuation" ? kind : "setup";
    }
    if (
      /^(join|attach|rejoin|with|insert|working|work|using|tie)$/.test(first.text) &&
      !this.hasCountedWork(tokens) &&
      this.loopsSaid(tokens)
    )
      return this.keepSetup(tokens, line);
    if (startsEvent(this.cursor(tokens))) {
      const { nodes } = this.tree(tokens);
      const worked = nodes.some((n) => n.kind === "work" || n.kind === "group");
      if (!worked) {
        const part = this.part;
        this.closeRound();
        const events = nodes.filter((n) => n.kind === "event");
        // "Fasten off white. Join blue."
        const colour = nodes.findLast((n) => n.kind === "colour");
        const brought = colour?.kind === "colour" ? colour.slot : changeIn(this.cursor(tokens));
        this.bringIn(brought);
        for (const n of events) {
          if (part && !this.heading)
            part.events.push({ event: n.event, line: line.number, afterRound: part.rounds.length });
          else if (this.parts.length > 0)
            this.assembly.push({ event: n.event, line: line.number, afterRound: 0 });
        }
        return events.length > 0 ? "event" : "note";
      }
    }
    if (this.part && !this.heading && (this.part.rounds.length > 0 || this.open) && this.toolsSaid(tokens))
      return this.keepSetup(tokens, line);
    const bare = this.cursor(tokens);
    const event = readEvent(bare, tokens.length);
    if (!this.hasWork(tokens) && !this.ringIn(tokens)) {
      const above = this.heading ? colourAbove(this.cursor(tokens)) : undefined;
      this.bringIn(above ?? changeIn(this.cursor(tokens)));
      if (event && this.part && !this.heading) {
        const part = this.part;
        this.closeRound();
        part.events.push({ event, line: line.number, afterRound: part.rounds.length });
      } else if (event && this.parts.length > 0)
        this.assembly.push({ event, line: line.number, afterRound: 0 });
      return event ? "event" : "note";
    }
    if (!this.part && !this.heading && /^[a-z]+$/.test(first.text) && tokens[1]?.text === "=") return "note";
    return this.impliedRound(tokens, line);
  }

  /** A colour that a line tells: of the rounds that follow, and of the part whose name stands above. */
  protected bringIn(slot: string | undefined): void {
    if (slot === undefined) return;
    this.slot = slot;
    if (this.heading) this.heading.slot ??= slot;
  }

  /**
   * "20" on a line of its own, below "[4, dec] x 4 = 20": a round of so many, where no round has a number and the one
   * above says its sum already.
   */
  private plainAlone(tokens: readonly Token[], line: Line): LineKind | undefined {
    const [n] = tokens;
    const { open, part } = this;
    const unnumbered = open?.label?.first === undefined;
    if (tokens.length !== 1 || n?.kind !== "number" || !part || !open || !unnumbered || this.heading)
      return undefined;
    const alone = open.tokens.length === 1 && open.tokens[0]?.kind === "number";
    const sum = this.tree(open.tokens).nodes.findLast((x) => x.kind === "total");
    if (!alone && !(sum?.kind === "total" && sum.n === n.value)) return undefined;
    this.closeRound();
    this.open = this.opening([...tokens], undefined, line.number, part);
    return "round";
  }

  /**
   * "With black yarn, embroider two eyes": the colour is that of the thread, and the rounds go on in theirs.
   */
  private toldIn(colour: string, rest: readonly Token[], line: Line): LineKind | undefined {
    const event = rest.length > 0 ? readEvent(this.cursor(rest), rest.length) : undefined;
    if (!event || !/^(embroider|cut-yarn|pompom|wrap)$/.test(event.kind)) return undefined;
    const own = { ...event, slot: colour } as typeof event;
    const part = this.heading ? undefined : this.part;
    if (part) {
      this.closeRound();
      part.events.push({ event: own, line: line.number, afterRound: part.rounds.length });
    } else if (this.parts.length > 0) this.assembly.push({ event: own, line: line.number, afterRound: 0 });
    return "event";
  }

  /** "Grey:", "(white)": a shade and no more. */
  protected shadeAlone(c: Cursor): string | undefined {
    return c.attempt(() => {
      const bracket = c.take("(", "[");
      const letter = c.kind() === "word" ? this.colours.get(c.text()) : undefined;
      const shade = letter !== undefined ? (c.at++, letter) : readShade(c);
      if (shade === undefined || (bracket && !c.take(")", "]"))) return undefined;
      return c.done || (c.is(":", ".", ",", "-", "--") && c.at === c.tokens.length - 1) ? shade : undefined;
    });
  }

  protected noteOnJoining(tokens: readonly Token[]): boolean {
    const words = tokens.map((t) => t.text);
    const spiral =
      /\b(spiral|spirally|continuous(ly)?|do not join|don't join|without joining|unjoined)\b/.test(
        words.join(" "),
      );
    const joined =
      !spiral && (inOrder(words, [JOINS, EVERY, ROUNDS]) || inOrder(words, [EVERY, ROUNDS, JOINS]));
    if (!spiral && !joined) return false;
    // "6 sc in a ring, do not join" is a round, and so is "Ch 2, 6 sc in the second. Don't join. (6)".
    const count = tokens.findIndex((t) => t.kind === "number");
    const ring = this.ringIn(tokens.slice(count)) || inOrder(words, [INTO, RING]);
    if (count >= 0 && ring && this.hasCountedWork(tokens)) return false;
    const summed = /^[)\]}]$/.test(tokens.findLast((t) => t.text !== ".")?.text ?? "");
    if (tokens.some((t) => t.kind === "number") && (this.part || (summed && this.hasCountedWork(tokens))))
      return false;
    // Said under a part's name it is that part's; said before any part it holds for all.
    if (this.heading) this.heading.joined = joined;
    else if (this.part) this.part.joinedNote = joined;
    else this.joinedNote = joined;
    return true;
  }

  /** A line under "Assembly": whatever stitches it speaks of, it is no round. */
  protected sewingStep(tokens: readonly Token[], line: Line): LineKind {
    const steps =
      tokens[1]?.text === "." || tokens[1]?.text === ":" || tokens[1]?.text === ")"
        ? tokens.slice(2)
        : tokens;
    const { nodes } = this.tree(steps);
    const bare = readEvent(this.cursor(steps), steps.length);
    const events = nodes.flatMap((n) => (n.kind === "event" ? [n.event] : []));
    const all = bare?.kind === "seam" ? [bare] : events.length > 0 ? events : bare ? [bare] : [];
    for (const event of all) this.assembly.push({ event, line: line.number, afterRound: 0 });
    return all.length > 0 ? "event" : "note";
  }

  /** "Join red in the front loops left by round 4": where the next round goes. */
  protected loopsSaid(tokens: readonly Token[]): boolean {
    return (
      tokens.some((t) => /^(loop|loops|lps|flo|blo)$/.test(t.text)) &&
      tokens.some(
        (t) => /^(left|free|unworked|remaining|unused|leftover)$/.test(t.text) || isRoundWord(t.text),
      )
    );
  }

  /** "Change to a 2.5 mm hook", "drop one strand" between the rounds: from the next one on. */
  protected toolsSaid(tokens: readonly Token[]): boolean {
    if (
      tokens.length > 14 ||
      !tokens.some((t) => /^(hook|strand|strands|doubled|double)$/.test(t.text)) ||
      this.hasCountedWork(tokens)
    )
      return false;
    const { nodes } = this.tree(tokens);
    return (
      nodes.some((n) => n.kind === "hook" || n.kind === "strands") &&
      nodes.every(
        (n) => n.kind === "hook" || n.kind === "strands" || n.kind === "aside" || n.kind === "colour",
      )
    );
  }

  protected keepSetup(tokens: readonly Token[], line: Line): LineKind {
    this.closeRound();
    this.setup.push(...tokens);
    this.setupLine = line.number;
    return "setup";
  }

  protected ringIn(tokens: readonly Token[]): boolean {
    // "MC" is the main colour where the text says so.
    const words = tokens.map((t) => (t.text === "mc" && this.colours.has("mc") ? "" : t.text)).join(" ");
    const ring = RING_SAID.exec(words);
    if (!ring) return false;
    // A line that begins with it, or with how many go into it, may be long; in a longer sentence it is talk.
    const counted = tokens[0]?.kind === "number" && words.slice(0, ring.index).split(" ").length <= 8;
    const led = words.slice(0, ring.index).split(" ").filter(Boolean);
    const begins = led.length <= 6 && led.every((w) => RING_LED.has(w));
    return tokens.length <= 12 || ((begins || counted) && tokens.length <= 60);
  }

  /**
   * "Slip stitch in the next 2 sts and fasten off", "Rejoin, ch 14, …": worked once behind the last round,
   * and no round itself.
   */
  protected closes(tokens: readonly Token[], nodes: readonly Node[], line: Line): boolean {
    const { part } = this;
    if (!part || this.heading || (part.rounds.length === 0 && !this.open)) return false;
    const work = [...operationsOf(nodes)];
    const slips = work.length > 0 && work.every((n) => n.op.stitch === "slst" || n.op.stitch === "ch");
    const grown =
      /^(reattach|rejoin|attach|join|reattaching|rejoining|joining|insert|ch|chain)$/.test(
        tokens[0]?.text ?? "",
      ) &&
      work.some((n) => n.op.stitch === "ch") &&
      work.every((n) => n.times.kind === "number");
    // "Sl st in next st, fasten off (6)": the sum is what it was.
    const ends = slips && nodes.some((n) => n.kind === "event" && n.event.kind === "fasten-off");
    // "Flatten, sc through both layers": of no number of its own, it shuts what is there.
    const shuts = this.open !== undefined && shutByPairs(nodes) !== undefined;
    if (
      !(slips || grown || shuts) ||
      nodes.some((n) => (n.kind === "total" && !ends) || n.kind === "unknown" || n.kind === "start")
    )
      return false;
    if (this.open?.tokens.at(-1)?.text === ",") return false;
    this.closeRound();
    const last = part.rounds[part.rounds.length - 1];
    if (!last) return false;
    const onIt = hangSpurs(nodes, true).nodes.filter((n) => n.kind !== "event");
    // "Change to green: (ch 8, 7 sl st) 3 times."
    const slot = this.takeSlot();
    const { from, to } = tokens[0] ?? line;
    const grownOn = slot === undefined ? onIt : [{ kind: "colour" as const, slot, from, to }, ...onIt];
    part.rounds[part.rounds.length - 1] = { ...last, closing: [...last.closing, ...grownOn] };
    for (const n of nodes)
      if (n.kind === "event")
        part.events.push({ event: n.event, line: line.number, afterRound: part.rounds.length });
    return true;
  }

  /** Where the sentences end that stand in front of a ring and work nothing; below 1 where there are none. */
  private ringStops(tokens: readonly Token[]): number {
    let from = 0;
    for (let sentences = 0; sentences < MOST_LEADING; sentences++) {
      const stop = tokens.findIndex((t, i) => i >= from && t.text === ".");
      if (stop < 0 || this.hasWork(tokens.slice(from, stop))) return -1;
      const led = tokens
        .slice(stop + 1, stop + 4)
        .findIndex((t) => !/^(make|start|begin|with|a|an)$/.test(t.text));
      if (/^(magic|adjustable|mr|mc)$/.test(tokens[stop + 1 + led]?.text ?? "")) return stop;
      from = stop + 1;
    }
    return -1;
  }

  /** "You begin at the nose with the blue yarn and make a magic ring with 6 sc": where the ring is spoken of. */
  private ledToRing(tokens: readonly Token[]): number | undefined {
    const ring = tokens.findIndex((t) => /^(magic|adjustable|mr|mc)$/.test(t.text));
    const talk = tokens.slice(0, Math.max(0, ring));
    const before = talk.slice(talk.findLastIndex((t) => t.text === ".") + 1);
    const begins = before
      .slice(0, MOST_BEFORE_BEGIN)
      .some((t) => /^(begin|start)(ning|ing|s)?$/.test(t.text));
    const told = talk.length > LONGEST_TO_RING * MOST_LEADING || before.length > LONGEST_TO_RING;
    if (!begins || told || before.some((t) => t.kind === "number" || /^[:;(]$/.test(t.text)))
      return undefined;
    return this.hasWork(talk) ? undefined : ring;
  }

  /**
   * "Start with the face, in black. Magic circle, 6 sc.": a ring begins behind a sentence of talk, which may
   * name a colour.
   */
  private behindTalk(tokens: readonly Token[]): Token[] | undefined {
    // "Begin at the nose: ch 2, 4 sc in first ch.", "Now the body: (inc, sc) x6 (18)".
    const colon = tokens.findIndex((t) => t.text === ":");
    const begins = /^(begin|start|beginning|starting|now|next|then)$/.test(tokens[0]?.text ?? "");
    if (begins && colon > 0 && colon < LONGEST_LEAD && !this.hasWork(tokens.slice(0, colon)))
      return tokens.slice(colon + 1);
    const led = this.ledToRing(tokens);
    const stop = led ?? this.ringStops(tokens);
    const rest = tokens.slice(led ?? stop + 1);
    if (stop < 1) return undefined;
    const c = this.cursor(tokens.slice(0, stop));
    for (let i = 0; i < stop; i++) {
      c.at = i;
      const shade = readShade(c);
      if (shade !== undefined) this.slot = shade;
    }
    return rest;
  }

  /**
   * "Stuff. Dec x6 (6).", "Stuff firmly, dec 6 times (6 sts), fasten off.": a round behind what is done before it.
   */
  private behindDone(tokens: readonly Token[]): { before: Token[]; round: Token[] } | undefined {
    if (!this.part || this.heading) return undefined;
    const stop = tokens.findIndex((t) => /^[.,;]$/.test(t.text));
    const before = tokens.slice(0, Math.max(0, stop));
    const told = before.length === 0 || before.some((t) => t.kind === "number") || this.hasWork(before);
    if (told || !startsEvent(this.cursor(before))) return undefined;
    const round = tokens.slice(stop + 1);
    const { nodes, found } = this.tree(round);
    const works = /^(work|group|evenly)$/.test(nodes[0]?.kind ?? "");
    const whole =
      tokens[stop]?.text === "." &&
      found.length === 0 &&
      nodes.every((n) => /^(work|group|evenly|total|event)$/.test(n.kind));
    return works && (whole || nodes.some((n) => n.kind === "total")) ? { before, round } : undefined;
  }

  /**
   * Stitches without a label: a start kept for the next round, a round of its own, or prose about stitches.
   */
  protected impliedRound(tokens: Token[], line: Line): LineKind {
    if (tokens.some((t, i) => t.text === "=" && tokens[i + 1]?.kind !== "number") || tokens.length > 120)
      return "note";
    const behind = this.behindTalk(tokens);
    if (behind) return this.loose(behind, line);
    const done = this.behindDone(tokens);
    if (done) {
      this.loose(done.before, line);
      return this.loose(done.round, line);
    }
    const { nodes, found } = this.tree(tokens);
    const work = nodes.filter((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly");
    const start = nodes.some((n) => n.kind === "start");
    const fabric = work.some((n) => n.kind !== "work" || n.op.stitch !== "ch");
    const total = nodes.some((n) => n.kind === "total");
    // "With wool, ch 9": a yarn that is no colour is passed by.
    const yarned = /^(with|using|in)$/.test(tokens[0]?.text ?? "");
    const intoRing = work.some((n) => n.kind === "work" && n.op.into === "ring");
    const firstNode = nodes.find(
      (n) => n.kind !== "colour" && n.kind !== "join" && !((yarned || intoRing) && n.kind === "aside"),
    );
    // "Fold in half, 12 sc through both": a round of its own, whether its total stands there or its number.
    const layered =
      nodes.find((n) => !/^(colour|aside|unknown|event|join)$/.test(n.kind))?.kind === "work" &&
      work.some(
        (n) => n.kind === "work" && n.op.layers !== undefined && (total || n.times.kind === "number"),
      );
    // "Hold both caps together and sc all around. (36)": what leads up to stitches with a sum of their own.
    const ledUp =
      total &&
      this.part !== undefined &&
      !this.heading &&
      /^[)\]}]$/.test(tokens.findLast((t) => t.text !== ".")?.text ?? "") &&
      nodes.every((n, i) => i === 0 || /^(work|group|evenly|total)$/.test(n.kind));
    const strict =
      layered ||
      ledUp ||
      (firstNode !== undefined &&
        (firstNode.kind === "work" ||
          firstNode.kind === "group" ||
          firstNode.kind === "start" ||
          firstNode.kind === "evenly"));
    if (this.closes(tokens, nodes, line)) return "continuation";
    // "Ch 1 at the start of each round (not counted)" is a habit, and no chain to begin with.
    if (!fabric && HABIT.test(tokens.map((t) => t.text).join(" "))) return "note";
    if (!fabric && (start || work.length > 0) && strict) {
      // "Ch 7." or "Make a magic ring." before the first round.
      this.closeRound();
      this.setup.push(...tokens);
      this.setupLine = line.number;
      return "setup";
    }
    const ringed =
      firstNode?.kind === "start" ||
      work.some((n) => n.kind === "work" && (n.op.into === "ring" || n.op.into === "chain"));
    const clean = found.length === 0 && strict && !nodes.some((n) => n.kind === "aside");
    if (!fabric || !(this.heading ?? this.part ?? (total || ringed))) return "note";
    if (!(total && strict) && !(ringed && strict) && !layered && !clean) {
      // Numbered stitches that could not be read as a round are said, never passed over.
      const from = tokens[0]?.from ?? line.from;
      if (
        work.some(
          (n) =>
            n.kind === "group" ||
            (n.kind === "work" &&
              n.times.kind === "number" &&
              n.times.at !== undefined &&
              n.op.stitch !== "ch"),
        )
      )
        this.unread.push({
          from,
          to: tokens[tokens.length - 1]?.to ?? from,
          detail: { code: "not-understood", text: this.source.slice(from, Math.min(line.to, from + 60)) },
          severity: "note",
        });
      return "note";
    }
    if (this.closes(tokens, nodes, line)) return "continuation";
    if (
      this.part &&
      !this.heading &&
      this.part.rounds.some((r) => r.label?.first !== undefined) &&
      !total &&
      !layered
    ) {
      // Inside a numbered part an unnumbered line carries the round above on.
      if (this.open) {
        append(this.open, tokens);
        return "continuation";
      }
    }
    this.closeRound();
    const startsNew = ringed && this.part !== undefined && this.part.rounds.length > 0 && !this.heading;
    this.ensurePart(line, startsNew ? 1 : undefined);
    if (this.part) this.open = this.opening(tokens, undefined, line.number, this.part);
    this.flushSetup();
    return "round";
  }
}
