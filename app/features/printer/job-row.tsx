import { Check, RotateCcw, Square } from "lucide-react";
import { Link } from "react-router";
import styled from "styled-components";
import type { PrintJob } from "@db/queries/printer";
import { Badge, Button, Row, Small } from "../../ui/basics";
import { WorkForm } from "../../ui/form";

export type JobView = Pick<PrintJob, "id" | "itemId" | "title" | "copies" | "printed" | "state"> & {
  /** When it was asked for, as it is shown. */
  readonly at: string;
};

const Job = styled.li`
  display: grid;
  grid-template-columns: 58px minmax(0, 1fr);
  gap: 14px;
  padding: 12px 0;
  border-top: 1px solid var(--line);
  img {
    width: 58px;
    height: auto;
    border: 1px solid var(--line);
    background: #fff;
  }
  h3 {
    margin: 0;
    font-size: 16px;
  }
  progress {
    width: min(100%, 260px);
    height: 10px;
    accent-color: var(--act);
  }
`;

/** One job: how it looks, how far it is, and what she can do about it. */
export function JobRow({ job, moves }: { job: JobView; moves: boolean }) {
  const open = job.state === "waiting" || job.state === "doubt" || job.state === "refused";
  const next = job.printed + 1;
  return (
    <Job>
      <a href={`/printer/${job.id}/label.png`} target="_blank" rel="noreferrer">
        <img src={`/printer/${job.id}/label.png`} alt={`The label: ${job.title}`} loading="lazy" />
      </a>
      <div>
        <Row>
          <h3>
            <Link to={`/items/${job.itemId}/paper?sheet=tags`}>{job.title}</Link>
          </h3>
          <JobState job={job} moves={moves} />
        </Row>
        <Row>
          <progress max={job.copies} value={job.printed} aria-label={`Labels of ${job.title} that are out`} />
          <span>
            <b>{job.printed}</b> of {job.copies} out
          </span>
          <Small>asked for {job.at}</Small>
        </Row>
        {job.state === "doubt" ? (
          <p role="alert">
            <b>Label {next} got caught.</b> Look at it: did it come out whole? It is printed again only if you
            say so.
          </p>
        ) : job.state === "refused" ? (
          <p role="alert">
            <b>The printer could not read label {next}.</b> Try it once more, or stop it.
          </p>
        ) : null}
        <Row style={{ marginTop: 8 }}>
          {job.state === "doubt" ? (
            <Act job={job} intent="out">
              <Check size={16} aria-hidden /> It came out whole
            </Act>
          ) : null}
          {job.state === "doubt" || job.state === "refused" ? (
            <Act job={job} intent="anew">
              <RotateCcw size={16} aria-hidden /> Print label {next} again
            </Act>
          ) : null}
          {open ? (
            <Act job={job} intent="cancel" quiet>
              <Square size={15} aria-hidden /> Stop<span className="sr"> {job.title}</span>
            </Act>
          ) : (
            <Act job={job} intent="more" quiet>
              <RotateCcw size={15} aria-hidden /> All {job.copies} once more
              <span className="sr">: {job.title}</span>
            </Act>
          )}
        </Row>
      </div>
    </Job>
  );
}

function JobState({ job, moves }: { job: JobView; moves: boolean }) {
  switch (job.state) {
    case "waiting":
      return <Badge>{moves ? "under way" : "waits"}</Badge>;
    case "doubt":
      return <Badge $tone="bad">look at it</Badge>;
    case "refused":
      return <Badge $tone="bad">not printed</Badge>;
    case "done":
      return <Badge $tone="good">done</Badge>;
    case "cancelled":
      return <Badge>stopped</Badge>;
  }
}

function Act({
  job,
  intent,
  quiet = false,
  children,
}: {
  job: JobView;
  intent: string;
  quiet?: boolean;
  children: React.ReactNode;
}) {
  return (
    <WorkForm preventScrollReset>
      <input type="hidden" name="intent" value={intent} />
      <input type="hidden" name="id" value={job.id} />
      <Button type="submit" $quiet={quiet}>
        {children}
      </Button>
    </WorkForm>
  );
}
