import JSZip from "jszip";

const NS = "http://schemas.openxmlformats.org";
const escaped = (s: string) => s.replace(/&/g, "&amp;").replace(/</g, "&lt;");

/** A paragraph of a Word file. */
export const paragraph = (text: string): string =>
  `<w:p><w:r><w:t xml:space="preserve">${escaped(text)}</w:t></w:r></w:p>`;

/** The least that a Word file is, around a body of paragraphs and tables. */
export async function docx(body: string): Promise<Uint8Array> {
  const zip = new JSZip();
  zip.file(
    "[Content_Types].xml",
    `<Types xmlns="${NS}/package/2006/content-types">` +
      `<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>` +
      `<Override PartName="/word/document.xml" ` +
      `ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml"/></Types>`,
  );
  zip.file(
    "_rels/.rels",
    `<Relationships xmlns="${NS}/package/2006/relationships"><Relationship Id="r1" ` +
      `Type="${NS}/officeDocument/2006/relationships/officeDocument" Target="word/document.xml"/></Relationships>`,
  );
  zip.file(
    "word/document.xml",
    `<w:document xmlns:w="${NS}/wordprocessingml/2006/main"><w:body>${body}</w:body></w:document>`,
  );
  return zip.generateAsync({ type: "uint8array" });
}
