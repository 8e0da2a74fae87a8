import { spawn, type ChildProcess } from "node:child_process";
import { writeFileSync } from "node:fs";
import path from "node:path";

interface Balanced {
  /** Where browsers go. */
  readonly front: number;
  readonly apps: readonly number[];
  /** Where each app finds its database: one node, and the others should it end. */
  readonly databases: readonly { readonly at: number; readonly nodes: readonly number[] }[];
}

/**
 * HAProxy's configuration: an app that is not ready, or a node that does not answer, gets nothing until it is
 * back.
 */
const haproxyConfig = ({ front, apps, databases }: Balanced): string => `global
  maxconn 2000
defaults
  timeout connect 2s
  timeout client 60s
  timeout server 60s
  retries 3
  option redispatch
frontend web
  mode http
  bind 127.0.0.1:${front}
  default_backend apps
backend apps
  mode http
  balance roundrobin
  # What has reached no app is sent to another; what has is the sender's to repeat: it carries a key of its own.
  retry-on conn-failure
  option httpchk GET /readyz
  http-check send hdr Host 127.0.0.1:${front}
  default-server check inter 500ms fall 1 rise 2
${apps.map((port, i) => `  server app${i + 1} 127.0.0.1:${port}`).join("\n")}
${databases
  .map(
    ({ at, nodes }, i) => `listen database${i + 1}
  mode tcp
  bind 127.0.0.1:${at}
  timeout client 1h
  timeout server 1h
  default-server check inter 500ms fall 1 rise 2 on-marked-down shutdown-sessions
${nodes.map((port, k) => `  server node${k + 1} 127.0.0.1:${port}${k > 0 ? " backup" : ""}`).join("\n")}`,
  )
  .join("\n")}
`;

export function startBalancer(dir: string, balanced: Balanced): ChildProcess {
  const file = path.join(dir, "haproxy.cfg");
  writeFileSync(file, haproxyConfig(balanced), { mode: 0o600 });
  return spawn("haproxy", ["-db", "-f", file], { stdio: ["ignore", "ignore", "ignore"] });
}
