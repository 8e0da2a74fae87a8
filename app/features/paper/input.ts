import type { FigurePart } from "@core/figure";
import type { CheckedPattern, HouseStyle } from "@core/notation";
import type { Care, Check, Use } from "@core/safety";
import type { Reading } from "@core/units";

export const PAPERS = ["A4", "LETTER", "A6"] as const;
export type PaperName = (typeof PAPERS)[number];

/** One colour of a piece: what it is and what one piece takes. */
export interface YarnLine {
  readonly slot: string;
  readonly label: string;
  readonly colour: string;
  readonly fibre: string;
  readonly hookMm: number;
  readonly metres: number;
  readonly grams: number;
}

/** All that the sheets of an item say: plain data, so that a thread can make them. */
export interface ItemPaper {
  readonly name: string;
  readonly kind: string;
  readonly maker: string;
  readonly licence: string;
  readonly reading: Reading;
  readonly checked: CheckedPattern;
  readonly text: string;
  readonly parts: readonly FigurePart[];
  readonly colours: Readonly<Record<string, string>>;
  readonly yarns: readonly YarnLine[];
  readonly fillingGrams: number;
  readonly notions: readonly { readonly name: string; readonly quantity: number }[];
  readonly steps: readonly string[];
  readonly price: number;
  readonly use: Use;
  readonly checks: readonly Check[];
  readonly cautions: readonly string[];
  readonly care: Care;
  /** mm: height, width, depth of the whole figure. */
  readonly size: readonly [number, number, number];
}

export interface SheetChoice {
  readonly paper: PaperName;
  readonly large: boolean;
  readonly style: HouseStyle;
}

export interface TagChoice {
  readonly paper: "A4" | "LETTER" | "ROLL";
  readonly count: number;
  readonly batch: string;
  readonly code: "qr" | "ean" | "code128" | "none";
  /** What the code says; for an EAN its 12 or 13 figures. */
  readonly codeText: string;
}

/** What a quote or a receipt says: words and amounts as they are printed; money in minor units. */
export interface CommissionPaper {
  readonly note: "quote" | "receipt";
  readonly paper: "A4" | "LETTER";
  readonly number: number;
  readonly maker: string;
  readonly customer: string;
  readonly reading: Reading;
  /** Days as she reads them. */
  readonly on: string;
  readonly due: string;
  readonly holdsUntil: string;
  readonly handed: string | undefined;
  readonly what: string;
  readonly wishes: string;
  readonly quantity: number;
  readonly price: number;
  readonly tax: number;
  /** Per cent. */
  readonly taxRate: number;
  readonly depositAsked: number;
  readonly payments: readonly { readonly on: string; readonly by?: string; readonly amount: number }[];
  readonly rest: number;
  /** Days from handing over until it is to be paid; 0: at once. */
  readonly payWithinDays: number;
  readonly cautions: readonly string[];
}

/** A cell of a list on paper: what it says, with a dab of the yarn's colour before it where it has one. */
export type Cell =
  | string
  | { readonly text: string; readonly colour?: string; readonly bold?: boolean }
  /** So many boxes to tick, one a piece. */
  | { readonly boxes: number };

export interface ListTable {
  readonly head?: string;
  readonly note?: string;
  /** A box to tick stands before each row. */
  readonly tick: boolean;
  readonly columns: readonly {
    readonly head: string;
    readonly right?: boolean;
    readonly wide?: boolean;
    /** Points, where columns of several tables stand under each other. */ readonly width?: number;
  }[];
  readonly rows: readonly (readonly Cell[])[];
}

/** A sheet of lists: what to buy, what is asked for a piece, what stands on a shelf, what a run is made of. */
export interface ListPaper {
  readonly title: string;
  readonly sub?: string;
  readonly maker: string;
  readonly paper: "A4" | "LETTER";
  readonly facts: readonly (readonly [string, string])[];
  readonly tables: readonly ListTable[];
  readonly notes: readonly string[];
  /** Lines to sign on: "Left by", "Taken over by". */
  readonly signed?: readonly string[];
}

/** Signs for the table of a stall. */
export interface SignsPaper {
  readonly maker: string;
  readonly paper: "A4" | "LETTER";
  readonly signs: readonly { readonly name: string; readonly sub: string; readonly price: string }[];
}

export type PaperTask =
  | { readonly sheet: "list"; readonly item?: undefined; readonly list: ListPaper }
  | { readonly sheet: "signs"; readonly item?: undefined; readonly signs: SignsPaper }
  | { readonly sheet: "pattern"; readonly item: ItemPaper; readonly choice: SheetChoice }
  | { readonly sheet: "position"; readonly item: ItemPaper; readonly choice: SheetChoice }
  /** With a kit they are labels of its bag: what lies in it in place of what the figure is made of. */
  | {
      readonly sheet: "tags";
      readonly item: ItemPaper;
      readonly choice: TagChoice;
      readonly kit?: KitPaper | undefined;
    }
  | { readonly sheet: "kit"; readonly item: ItemPaper; readonly choice: SheetChoice; readonly kit: KitPaper }
  /** Without an item there is no picture: what it was of is deleted, or not counted. */
  | {
      readonly sheet: "commission";
      readonly item: ItemPaper | undefined;
      readonly commission: CommissionPaper;
    };

/** A sheet as PDF, or its first page as the picture that a label printer takes. */
export type PaperOrder =
  | (PaperTask & { readonly as?: "picture" })
  /** An SVG document of ours as PNG, so many px wide. */
  | { readonly sheet: "drawing"; readonly svg: string; readonly width: number };

/** Contents of a kit, as its sheet lists them. */
export interface KitPaper {
  readonly contents: readonly { readonly what: string; readonly amount: string; readonly why?: string }[];
  readonly besides: readonly string[];
  readonly gauge: { readonly stitches: number; readonly rounds: number; readonly overMm: number };
  readonly hookMm: number;
  readonly chance: number;
  readonly explains: readonly string[];
}

/** Pictures that a sheet shows, as data addresses. */
export interface Pictures {
  readonly turned?: string;
  readonly front?: string;
  readonly side?: string;
  readonly back?: string;
}
