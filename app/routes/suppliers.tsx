import { Plus, SquarePen } from "lucide-react";
import { useState } from "react";

import type { Route } from "./+types/suppliers";
import { printMoney } from "@core/units";
import { supplierDefaults } from "../features/materials/defaults";
import { SupplierForm } from "../features/materials/forms";
import { loadCupboard } from "../features/materials/load.server";
import { MaterialsNav } from "../features/materials/nav";
import { openWorkshop } from "../server/scope.server";
import { Button, Empty, Page, PageHead, PlainTable, Row, Scroll, Sheet } from "../ui/basics";
import { BinButton } from "../ui/bin-button";
import { Modal } from "../ui/modal";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Suppliers · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const c = await loadCupboard(scope);
  return {
    suppliers: c.suppliers
      .filter((s) => s.deletedAt === null)
      .map((s) => ({
        id: s.id,
        version: s.version,
        name: s.name,
        deliveryDays: s.deliveryDays,
        minOrder: s.minOrder,
        note: s.note,
        things: [...c.yarns, ...c.notions]
          .filter((m) => m.supplierId === s.id)
          .map((m) => ("shade" in m ? `${m.shade}` : m.name)),
      })),
  };
}

export default function Suppliers({ loaderData }: Route.ComponentProps) {
  const r = useReading();
  const [open, setOpen] = useState<Record<string, string>>();
  const { suppliers } = loaderData;
  const add = (
    <Button type="button" $primary={suppliers.length === 0} onClick={() => setOpen({})}>
      <Plus size={16} aria-hidden /> Supplier
    </Button>
  );
  return (
    <Page>
      <PageHead>
        <h1>Suppliers</h1>
        {suppliers.length > 0 ? add : null}
      </PageHead>
      <MaterialsNav />
      {suppliers.length === 0 ? (
        <Empty>
          <h2>Who do you buy from?</h2>
          <p>
            With the days of delivery and the least order, the buy list says by which day to order and what is
            missing to the least order. Name the supplier here, then choose it in each yarn and pack.
          </p>
          {add}
        </Empty>
      ) : (
        <Sheet $pad={false} aria-label="Suppliers">
          <Scroll tabIndex={0} role="region" aria-label="Suppliers, table">
            <PlainTable>
              <thead>
                <tr>
                  <th scope="col">Supplier</th>
                  <th scope="col" className="num">
                    Order to door
                  </th>
                  <th scope="col" className="num">
                    Least order
                  </th>
                  <th scope="col" className="minor">
                    From them
                  </th>
                  <th scope="col">
                    <span className="sr">Do</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {suppliers.map((s) => (
                  <tr key={s.id}>
                    <td>
                      <b>{s.name}</b>
                      {s.note ? <div style={{ fontSize: 13, color: "var(--soft)" }}>{s.note}</div> : null}
                    </td>
                    <td className="num">
                      {s.deliveryDays === 0
                        ? "you go there"
                        : `${s.deliveryDays} ${s.deliveryDays === 1 ? "day" : "days"}`}
                    </td>
                    <td className="num">{s.minOrder === 0 ? "none" : printMoney(s.minOrder, r)}</td>
                    <td className="minor">
                      {s.things.slice(0, 6).join(", ")}
                      {s.things.length > 6 ? ` and ${s.things.length - 6} more` : ""}
                    </td>
                    <td>
                      <Row $gap={2} style={{ justifyContent: "flex-end", flexWrap: "nowrap" }}>
                        <Button
                          type="button"
                          $quiet
                          aria-label={`Change ${s.name}`}
                          title="Change"
                          onClick={() => setOpen(supplierDefaults(s, r))}
                        >
                          <SquarePen size={16} aria-hidden />
                        </Button>
                        <BinButton
                          action="/materials"
                          label={`Delete ${s.name}`}
                          fields={{ kind: "supplier", id: s.id, back: "/materials/suppliers" }}
                        />
                      </Row>
                    </td>
                  </tr>
                ))}
              </tbody>
            </PlainTable>
          </Scroll>
        </Sheet>
      )}
      <Modal
        title={open?.id ? "Change a supplier" : "Add a supplier"}
        open={open !== undefined}
        onClose={() => setOpen(undefined)}
      >
        {open ? <SupplierForm defaults={open} onDone={() => setOpen(undefined)} /> : null}
      </Modal>
    </Page>
  );
}
