import { useState, type ReactNode } from "react";
import { placeKey, type BenchState, type BenchStep, type Place } from "@core/planning";
import { Button } from "../../ui/basics";
import { Input, Select } from "../../ui/field";
import { PanelRow } from "./panel-row";

/** A note on the step at hand. */
export function NoteLine({ onNote }: { onNote: (text: string) => void }) {
  const [text, setText] = useState("");
  return (
    <PanelRow
      as="form"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        if (text.trim() !== "") onNote(text.trim());
      }}
    >
      <Input
        autoFocus
        aria-label="Note on this step"
        maxLength={500}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <Button type="submit" $primary>
        Keep
      </Button>
    </PanelRow>
  );
}

/** Any piece and any step, and what else is chosen for the table. */
export function Jump({
  steps,
  quantity,
  place,
  state,
  onGo,
  children,
}: {
  steps: readonly BenchStep[];
  quantity: number;
  place: Place;
  state: BenchState;
  onGo: (p: Place) => void;
  children: ReactNode;
}) {
  return (
    <PanelRow>
      <Select
        aria-label="Piece"
        value={place.piece}
        onChange={(e) => onGo({ ...place, piece: Number(e.target.value) })}
      >
        {Array.from({ length: quantity }, (_, i) => (
          <option key={i} value={i + 1}>
            piece {i + 1}
          </option>
        ))}
      </Select>
      <Select
        aria-label="Step"
        value={place.step}
        onChange={(e) => onGo({ ...place, step: Number(e.target.value) })}
      >
        {steps.map((s, i) => (
          <option key={s.id} value={i}>
            {state.done.has(placeKey(place.piece, s.id)) ? "✓ " : ""}
            {s.part === "" ? "" : `${s.part}${s.copies > 1 ? ` ${s.copy}` : ""}: `}
            {s.title}
          </option>
        ))}
      </Select>
      {children}
    </PanelRow>
  );
}
