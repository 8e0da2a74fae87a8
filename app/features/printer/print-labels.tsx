import { Download, Tags } from "lucide-react";
import { Link } from "react-router";
import { Button, Row, Small } from "../../ui/basics";
import { WorkForm } from "../../ui/form";
import { LABEL_FIELDS } from "./fields";

/** Sends labels to the label printer as they are shown; the file stays to be had. */
export function PrintLabels({ wish, url }: { wish: Readonly<Record<string, string>>; url: string }) {
  const n = Number(wish.count ?? "1");
  return (
    <WorkForm style={{ marginTop: 16 }}>
      <input type="hidden" name="intent" value="labels" />
      {LABEL_FIELDS.map((name) => (
        <input key={name} type="hidden" name={name} value={wish[name] ?? ""} />
      ))}
      <Row>
        <Button type="submit" $primary>
          <Tags size={17} aria-hidden /> Print {n === 1 ? "1 label" : `${n} labels`}
        </Button>
        <Link to="/printer">Label printer</Link>
        <a href={url} download>
          <Download size={15} aria-hidden /> Save the PDF
        </a>
      </Row>
      <Small>On the label printer, one after the other.</Small>
    </WorkForm>
  );
}
