import styled from "styled-components";
import { Small } from "../../ui/basics";

/** Which sheet is made: a name and what stands on it. */
export function SheetChoices<Name extends string>({
  sheets,
  value,
  onChange,
}: {
  sheets: readonly (readonly [name: Name, title: string, what: string])[];
  value: Name;
  onChange: (name: Name) => void;
}) {
  return (
    <Choices role="radiogroup" aria-label="What to print">
      {sheets.map(([name, title, what]) => (
        <label key={name}>
          <input type="radio" name="sheet" checked={value === name} onChange={() => onChange(name)} />
          <span>
            <b>{title}</b>
            <Small>{what}</Small>
          </span>
        </label>
      ))}
    </Choices>
  );
}

const Choices = styled.div`
  display: grid;
  gap: 4px;
  margin-bottom: 14px;
  label {
    display: flex;
    gap: 10px;
    padding: 7px 8px;
    border-radius: 4px;
    cursor: pointer;
  }
  label:has(input:checked) {
    background: var(--sunk);
  }
  label span span {
    display: block;
  }
  input {
    flex: none;
    align-self: flex-start;
    width: 16px;
    height: 16px;
    margin: 4px 0 0;
  }
`;
