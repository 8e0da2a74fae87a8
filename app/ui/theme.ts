import { createGlobalStyle } from "styled-components";

/**
 * The cutting mat, the tape, the swing tag: a quiet, cool, near-neutral ground, so that yarn is the
 * only strong colour on screen. Contrast of text and controls is at least 4.5 : 1 and 3 : 1 in both modes.
 */
export const GlobalStyle = createGlobalStyle`
  :root {
    color-scheme: light;
    --ground: #eceff0;
    --sheet: #f8fafa;
    --sunk: #e2e7e8;
    --ink: #1b2427;
    --soft: #536166;
    --line: #c5cfd1;
    --edge: #7d8b8f;
    --mat: #2c464c;
    --mat-ink: #e6eeee;
    --mat-soft: #a9c0c3;
    --tape: #e9dfb6;
    --tape-ink: #47401f;
    --act: #275a63;
    --act-ink: #ffffff;
    --focus: #0b6bcb;
    --bad: #9c2a20;
    --bad-ground: #f7e7e4;
    --warn: #765400;
    --warn-ground: #f5edd6;
    --good: #2d5f3a;
    --tag: #f4ead0;
    --tag-ink: #33290f;
    --tag-edge: #c9b988;
    --shadow: 0 1px 2px rgb(20 35 40 / 0.12), 0 4px 14px rgb(20 35 40 / 0.10);
    --w-stitch: #1d4c7a;
    --w-inc: #2a6138;
    --w-dec: #8c3312;
    --w-loops: #5c4a8a;
    --mono: "MONO" 1;
  }
  @media (prefers-color-scheme: dark) {
    :root {
      color-scheme: dark;
      --ground: #14191b;
      --sheet: #1c2326;
      --sunk: #101416;
      --ink: #e3eaeb;
      --soft: #a3b1b5;
      --line: #38454a;
      --edge: #738287;
      --mat: #1d3338;
      --mat-ink: #dfe9ea;
      --mat-soft: #93abb0;
      --tape: #4a4426;
      --tape-ink: #f0e7bf;
      --act: #8fc3cb;
      --act-ink: #0d2428;
      --focus: #7cb8ff;
      --bad: #ff9c90;
      --bad-ground: #3a211e;
      --warn: #ecc46a;
      --warn-ground: #352c16;
      --good: #93cfa2;
      --tag: #3a3421;
      --tag-ink: #f4ead0;
      --tag-edge: #6d6240;
      --w-stitch: #9cc7ef;
      --w-inc: #93cfa2;
      --w-dec: #f2ae8f;
      --w-loops: #c4b5ee;
      --shadow: 0 1px 2px rgb(0 0 0 / 0.5), 0 4px 14px rgb(0 0 0 / 0.4);
    }
  }
  *, *::before, *::after { box-sizing: border-box; }
  html { -webkit-text-size-adjust: 100%; }
  /* What is focused is scrolled clear of the bar at a phone's lower edge. */
  @media (max-width: 720px) { html { scroll-padding-bottom: 96px; } }
  body {
    margin: 0; background: var(--ground); color: var(--ink);
    font: 400 15px/1.45 "Recursive Variable", system-ui, sans-serif; font-variation-settings: "MONO" 0; font-variant-numeric: tabular-nums;
  }
  h1, h2, h3 { margin: 0; font-weight: 640; line-height: 1.2; }
  h1 { font-size: 24px; letter-spacing: -0.01em; }
  h2 { font-size: 17px; }
  h3 { font-size: 15px; }
  p { margin: 0; }
  a { color: var(--act); }
  button, input, select, textarea { font: inherit; font-variation-settings: inherit; color: inherit; }
  :focus-visible { outline: 3px solid var(--focus); outline-offset: 2px; border-radius: 3px; }
  [hidden] { display: none !important; }
  .sr { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); white-space: nowrap; }
  /* Cells of long tables are plain elements with a class: a styled component for each would double a page's time. */
  .figure {
    appearance: none; border: 0; background: none; padding: 1px 2px; margin: -1px -2px; font: inherit; color: inherit; cursor: pointer; text-align: inherit; white-space: nowrap;
    text-decoration: underline dotted var(--edge) 1px; text-underline-offset: 3px; border-radius: 2px; min-height: 24px;
  }
  .range { font-size: 13px; font-weight: 400; color: var(--soft); white-space: nowrap; }
  td .range { display: block; }
  .figure.strong { font-weight: 640; }
  .figure:hover { text-decoration-color: var(--ink); text-decoration-style: solid; }
  .tag {
    --cut: 9px;
    position: relative; display: inline-grid; align-items: center; background: var(--tag); color: var(--tag-ink); font-weight: 640; white-space: nowrap; padding: 3px 9px 3px 22px; font-size: 15px; line-height: 1.15;
    clip-path: polygon(var(--cut) 0, 100% 0, 100% 100%, var(--cut) 100%, 0 calc(100% - var(--cut)), 0 var(--cut));
  }
  .tag::before {
    content: ""; position: absolute; left: 8px; top: 50%; width: 7px; aspect-ratio: 1; transform: translateY(-50%); border-radius: 50%; background: var(--sheet); box-shadow: 0 0 0 1px var(--tag-edge);
  }
  .tag.large { --cut: 18px; padding: 14px 22px 14px 44px; font-size: 30px; }
  .tag.large::before { left: 17px; width: 12px; box-shadow: 0 0 0 2px var(--tag-edge); }
  .shapes { display: block; max-width: 100%; overflow: visible; }
  .mono { font-variation-settings: "MONO" 1; }
  @media (prefers-reduced-motion: reduce) { *, *::before, *::after { animation: none !important; transition: none !important; } }
  @media print {
    :root { --ground: #fff; --sheet: #fff; --line: #999; color-scheme: light; --ink: #000; --soft: #333; }
    nav, .no-print { display: none !important; }
  }
`;
