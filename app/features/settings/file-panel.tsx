import { Download, FolderInput, LockKeyhole } from "lucide-react";
import { useRef, useState } from "react";
import { Form, Link } from "react-router";
import { Badge, Button, ButtonLink, Row, Sheet, SheetHead, Small } from "../../ui/basics";
import { Field, Input } from "../../ui/field";
import { LEAST_LETTERS, MOST_LETTERS } from "../accounts/letters";
import { BRING_PATH, NEEDS_PHRASE, PHRASE_HEADER } from "../../server/bring-file";

interface Brought {
  readonly name: string;
  readonly rows: Readonly<Record<string, number>>;
  readonly asCopy: boolean;
}
type State =
  | { readonly kind: "idle" }
  | { readonly kind: "sending"; readonly part: number; readonly stop: () => void }
  | { readonly kind: "wrong"; readonly why: string }
  | { readonly kind: "sealed"; readonly file: File; readonly why: string }
  | { readonly kind: "done"; readonly brought: Brought };

/** The whole workshop as one file to leave with, and one brought in. */
export function FilePanel() {
  const [state, setState] = useState<State>({ kind: "idle" });
  const chosen = useRef<HTMLInputElement>(null);
  const send = (file: File, phrase?: string) => {
    // What was sent so far is told by this alone; fetch cannot.
    const request = new XMLHttpRequest();
    const wrong = (why: string) => setState({ kind: "wrong", why });
    request.open("POST", BRING_PATH);
    request.setRequestHeader("Content-Type", "application/zip");
    if (phrase !== undefined) request.setRequestHeader(PHRASE_HEADER, encodeURIComponent(phrase));
    request.upload.onprogress = (e) =>
      setState({ kind: "sending", part: e.total > 0 ? e.loaded / e.total : 0, stop: () => request.abort() });
    request.onabort = () => setState({ kind: "idle" });
    request.onerror = () => wrong("The server did not answer. Nothing was brought in: try again.");
    request.onload = () => {
      const answer = answerOf(request.responseText);
      if (request.status === 200 && "name" in answer) setState({ kind: "done", brought: answer });
      else if ("refused" in answer && (phrase !== undefined || answer.refused === NEEDS_PHRASE))
        setState({ kind: "sealed", file, why: answer.refused });
      else wrong("refused" in answer ? answer.refused : request.responseText.slice(0, 200));
    };
    setState({ kind: "sending", part: 0, stop: () => request.abort() });
    request.send(file);
  };
  return (
    <Sheet id="file" aria-labelledby="file-title">
      <SheetHead>
        <h2 id="file-title">The whole workshop as one file</h2>
        <Small>items, stock, runs, sales, measurements, photos; open formats</Small>
      </SheetHead>
      <Row>
        <ButtonLink to="/workshop.zip" reloadDocument>
          <Download size={16} aria-hidden /> Take it with you (ZIP)
        </ButtonLink>
        <Button type="button" disabled={state.kind === "sending"} onClick={() => chosen.current?.click()}>
          <FolderInput size={17} aria-hidden /> Bring one in
        </Button>
        <input
          ref={chosen}
          type="file"
          accept=".zip,.sealed,application/zip"
          hidden
          aria-label="A workshop’s file"
          onChange={(e) => {
            const [file] = e.target.files ?? [];
            if (file) send(file);
            e.target.value = "";
          }}
        />
      </Row>
      <Form method="post" action="/workshop/sealed" reloadDocument style={{ marginTop: 12 }}>
        <Row style={{ alignItems: "end" }}>
          <Field label="Or sealed with a phrase, for a place that others reach" name="phrase">
            {(bind) => (
              <Input
                {...bind}
                type="password"
                autoComplete="new-password"
                required
                minLength={LEAST_LETTERS}
                maxLength={MOST_LETTERS}
              />
            )}
          </Field>
          <Button type="submit">
            <LockKeyhole size={16} aria-hidden /> Take it sealed
          </Button>
        </Row>
      </Form>
      {state.kind === "sealed" ? (
        <form
          style={{ marginTop: 12 }}
          onSubmit={(e) => {
            e.preventDefault();
            send(state.file, String(new FormData(e.currentTarget).get("opens") ?? ""));
          }}
        >
          <Row style={{ alignItems: "end" }}>
            <Field label={`The phrase of ${state.file.name}`} name="opens" errors={[state.why]}>
              {(bind) => <Input {...bind} type="password" autoComplete="off" required autoFocus />}
            </Field>
            <Button type="submit">Open it</Button>
          </Row>
        </form>
      ) : null}
      <div role="status" style={{ marginTop: 10 }}>
        {state.kind === "sending" ? (
          <Row>
            <progress value={state.part < 1 ? state.part : undefined} aria-label="Bringing the file in" />
            <Small>
              {state.part < 1 ? `${Math.round(100 * state.part)} % sent` : "read and checked, row by row"}
            </Small>
            <Button type="button" onClick={state.stop}>
              Stop
            </Button>
          </Row>
        ) : state.kind === "wrong" ? (
          <Badge $tone="bad" style={{ whiteSpace: "normal" }}>
            {state.why}
          </Badge>
        ) : state.kind === "done" ? (
          <Row>
            <Badge $tone="good" style={{ whiteSpace: "normal" }}>
              “{state.brought.name}” is here: {state.brought.rows.item} items, {state.brought.rows.yarn}{" "}
              yarns, {state.brought.rows.run} runs, {state.brought.rows.sale} sales
              {state.brought.asCopy ? ", as a copy beside the one that was here" : ""}.
            </Badge>
            <ButtonLink to="/" reloadDocument>
              Open it
            </ButtonLink>
          </Row>
        ) : (
          <Small>What is brought in becomes a workshop of its own; nothing of this one is changed.</Small>
        )}
      </div>
      <p style={{ marginTop: 12 }}>
        <Link to="/settings/delete">Delete this workshop…</Link>
      </p>
    </Sheet>
  );
}

function answerOf(text: string): Brought | { readonly refused: string } | object {
  try {
    return JSON.parse(text) as Brought | { refused: string };
  } catch {
    return {};
  }
}
