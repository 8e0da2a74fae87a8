import { Download, Printer } from "lucide-react";
import { ButtonLink, Row, Small } from "../../ui/basics";

/** Opens a sheet to be printed, or keeps it; says how many pages it has. */
export const PrintLinks = ({ url, pages }: { url: string; pages: number | undefined }) => (
  <Row style={{ marginTop: 16 }}>
    <ButtonLink to={url} $primary target="_blank" reloadDocument>
      <Printer size={17} aria-hidden /> Open to print
    </ButtonLink>
    <a href={url} download>
      <Download size={15} aria-hidden /> Save the PDF
    </a>
    {pages ? <Small>{pages === 1 ? "1 page" : `${pages} pages`}</Small> : null}
  </Row>
);
