# What bin/demo and bin/start share: set-up, one start at a time, then the watcher (bin/watch.ts) in its place. Sourced, never run.

# run_lapka NAME [ARGUMENT…] — NAME is demo or work: the folder under $LAPKA_DATA where all of it lies.
run_lapka() {
  local name="$1"; shift
  export LAPKA_NAME="$name" LAPKA_DIR="$LAPKA_DATA/$name"
  mkdir -p "$LAPKA_DIR"; chmod 700 "$LAPKA_DIR" 2>/dev/null || true
  # Whoever holds the lock owns the database, the scale and the app. It goes with the process, however that ends.
  exec 9>"$LAPKA_DIR/lock"
  if ! flock -n 9; then
    local address; address="$(cat "$LAPKA_DIR/address" 2>/dev/null || true)"
    say "This Lapka is running already${address:+: $address}. It is left alone."
    exit 0
  fi
  need_node
  if [ -z "${DATABASE_URL:-}" ]; then need_programs mariadbd:mariadb-server flock:util-linux; fi
  need_modules
  need_build
  cd "$ROOT"
  export LAPKA_STARTED="$((SECONDS - STARTED_AT))"
  exec node --import tsx bin/watch.ts "$@"
}
