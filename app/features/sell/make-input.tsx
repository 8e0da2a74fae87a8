import { Input } from "../../ui/field";
import type { WareShown } from "./ware-name";

/** How many of a ware she makes: what is advised, to be written over; `wantedOf` reads it back. */
export function MakeInput({ ware, make }: { ware: WareShown; make: number }) {
  return (
    <>
      <input type="hidden" name="ware" value={ware.key} />
      <Input
        name="make"
        aria-label={`Make ${ware.label}`}
        defaultValue={make}
        inputMode="numeric"
        autoComplete="off"
        style={{ width: 70, textAlign: "right", fontWeight: 640 }}
      />
    </>
  );
}
