import {
  createColumnHelper,
  createFilteredRowModel,
  createSortedRowModel,
  columnFilteringFeature,
  filterFn_includesString,
  globalFilteringFeature,
  rowSortingFeature,
  sortFn_alphanumeric,
  sortFn_text,
  tableFeatures,
  useTable,
} from "@tanstack/react-table";
import { ArrowDown, ArrowUp, Search } from "lucide-react";
import { useMemo, useState, type ReactNode } from "react";
import styled from "styled-components";
import { Button, PlainTable, Row, Scroll, Small } from "./basics";
import { Input } from "./field";
import { useDrawn } from "./use-drawn";

const features = tableFeatures({
  rowSortingFeature,
  columnFilteringFeature,
  globalFilteringFeature,
  sortedRowModel: createSortedRowModel(),
  filteredRowModel: createFilteredRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric, text: sortFn_text },
  filterFns: { includesString: filterFn_includesString },
});

const FIRST_ROWS = 80;

export interface Column<T> {
  readonly id: string;
  readonly header: string;
  /** What it is sorted and searched by. */
  readonly value: (row: T) => string | number | undefined;
  readonly cell?: (row: T) => ReactNode;
  readonly numeric?: boolean;
  /** Left out on a phone, where the row's own page has it. */
  readonly minor?: boolean;
}
const classOf = (c: { numeric?: boolean; minor?: boolean } | undefined): string | undefined =>
  [c?.numeric ? "num" : "", c?.minor ? "minor" : ""].filter(Boolean).join(" ") || undefined;

/**
 * A table that sorts by its headings and filters by one field; plain markup, so it stays cheap on the server.
 */
export function DataTable<T extends object>({
  rows,
  columns,
  rowId,
  label,
  search,
  empty,
  footer,
}: {
  rows: readonly T[];
  columns: readonly Column<T>[];
  rowId: (row: T) => string;
  label: string;
  search: string;
  empty?: ReactNode;
  footer?: ReactNode;
}) {
  const helper = useMemo(() => createColumnHelper<typeof features, T>(), []);
  const defs = useMemo(
    () =>
      helper.columns(
        columns.map((c) =>
          helper.accessor((row: T) => c.value(row), {
            id: c.id,
            header: c.header,
            sortUndefined: "last",
            enableGlobalFilter: !c.numeric,
          }),
        ),
      ),
    [columns, helper],
  );
  const data = useMemo(() => [...rows], [rows]);
  const table = useTable({
    features,
    columns: defs,
    data,
    globalFilterFn: "includesString",
    getRowId: rowId,
    enableSortingRemoval: true,
  });
  const byId = useMemo(() => new Map(columns.map((c) => [c.id, c])), [columns]);
  const found = table.getRowModel().rows;
  const [all, setAll] = useState(false);
  // A long list is drawn in part: sorting and finding go over all of it.
  const drawn = useDrawn(all ? Infinity : FIRST_ROWS);
  const shown = found.slice(0, drawn);
  const filter = String(table.state.globalFilter ?? "");
  return (
    <div>
      <Bar>
        {rows.length > 5 ? (
          <Find>
            <Search size={16} aria-hidden />
            <label className="sr" htmlFor={`find-${label}`}>
              {search}
            </label>
            <Input
              id={`find-${label}`}
              type="search"
              placeholder={search}
              value={filter}
              onChange={(e) => table.setGlobalFilter(e.target.value)}
            />
          </Find>
        ) : null}
        {filter ? (
          <Small role="status">
            {found.length} of {rows.length}
          </Small>
        ) : null}
      </Bar>
      <Scroll tabIndex={0} role="region" aria-label={`${label}, table`}>
        <PlainTable>
          <thead>
            {table.getHeaderGroups().map((group) => (
              <tr key={group.id}>
                {group.headers.map((header) => {
                  const sorted = header.column.getIsSorted();
                  const c = byId.get(header.column.id);
                  return (
                    <th
                      key={header.id}
                      scope="col"
                      className={classOf(c)}
                      aria-sort={sorted === "asc" ? "ascending" : sorted === "desc" ? "descending" : "none"}
                    >
                      {c?.header ? (
                        <button type="button" onClick={() => header.column.toggleSorting()}>
                          {c.header}
                          {sorted === "asc" ? (
                            <ArrowUp size={13} aria-hidden />
                          ) : sorted === "desc" ? (
                            <ArrowDown size={13} aria-hidden />
                          ) : null}
                        </button>
                      ) : (
                        <span className="sr">{c?.id}</span>
                      )}
                    </th>
                  );
                })}
              </tr>
            ))}
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.id}>
                {columns.map((c) => (
                  <td key={c.id} className={classOf(c)}>
                    {c.cell ? c.cell(row.original) : c.value(row.original)}
                  </td>
                ))}
              </tr>
            ))}
            {!all && found.length > FIRST_ROWS ? (
              <tr>
                <td colSpan={columns.length}>
                  <Button type="button" onClick={() => setAll(true)}>
                    Show all {found.length}
                  </Button>
                </td>
              </tr>
            ) : null}
            {found.length === 0 ? (
              <tr>
                <td colSpan={columns.length}>
                  {filter ? `Nothing here is called “${filter}”.` : (empty ?? "Nothing yet.")}
                </td>
              </tr>
            ) : null}
          </tbody>
          {footer ? <tfoot>{footer}</tfoot> : null}
        </PlainTable>
      </Scroll>
    </div>
  );
}

const Bar = styled(Row)`
  padding: 10px 12px 0;
  &:empty {
    display: none;
  }
`;
const Find = styled.span`
  display: inline-flex;
  align-items: center;
  gap: 8px;
  width: min(320px, 100%);
  svg {
    flex: none;
    color: var(--soft);
  }
`;
