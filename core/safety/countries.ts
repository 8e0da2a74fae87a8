/** Where rules differ by country. All of it from memory: a place to begin looking, nothing to rely on. */
export const BY_COUNTRY: readonly {
  readonly where: string;
  readonly what: string;
  readonly law: string;
}[] = [
  {
    where: "European Union",
    what: "A toy needs a file, a declaration, the maker's address, a batch or type number and the conformity mark. Decorations for adults are no toys if nothing about them says otherwise.",
    law: "Directive 2009/48/EC; being replaced by a regulation of 2025. Tests: EN 71-1, -2, -3.",
  },
  {
    where: "United Kingdom",
    what: "As the Union's older rules, with a mark of its own beside it; the importer or maker is named on the toy.",
    law: "Toys (Safety) Regulations 2011; BS EN 71.",
  },
  {
    where: "United States",
    what: "Toys for 12 and under: third-party tests, a certificate, a tracking label; small-batch makers may register for relief of some tests. Labels for stuffed articles in some states.",
    law: "CPSIA 2008; 16 CFR 1501 (small parts), 1303 (lead); ASTM F963.",
  },
  {
    where: "Canada",
    what: "Small parts, cords, filling and flammability are limited; stuffed articles are registered or labelled in some provinces.",
    law: "Toys Regulations SOR/2011-17.",
  },
  {
    where: "Australia and New Zealand",
    what: "Small parts for toys under three, magnets and button cells have standards that bind.",
    law: "AS/NZS ISO 8124; information standards for button cells 2020.",
  },
];
