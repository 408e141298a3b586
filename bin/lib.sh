# Shared by the commands in bin/: steps, installs, and the two instances (live and test) of database and server.
# shellcheck shell=bash
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT"

STEP=''
say() { printf '%s\n' "$*"; }
step() { STEP=$1; printf '· %s\n' "$1"; }
fail() { printf 'Stopped at “%s”: %s\n' "${STEP:-start}" "$1" >&2; exit 1; }

# run WHAT COMMAND…: quiet, its output kept; on failure one sentence, and the last lines of what it said.
run() {
  local what=$1 log="$ROOT/storage/logs/setup.log"; shift
  mkdir -p "$ROOT/storage/logs" 2>/dev/null || fail "this folder cannot be written by $(id -un); change its owner, or run as the owner"
  if ! "$@" >"$log" 2>&1; then
    tail -n 12 "$log" | sed 's/^/    /' >&2
    if grep -qi 'no space left' "$log"; then fail "the disk is full; free some space and run this again"; fi
    fail "$what did not work; the lines above say why (all of it is in storage/logs/setup.log)"
  fi
}

# instance live|test: names of everything that belongs to one running copy
instance() {
  INSTANCE=$1
  HOME_DIR="$ROOT/storage/$1"; DATA="$HOME_DIR/mysql"; RUN="$HOME_DIR/run"
  SOCKET="/tmp/rush-hold-$(printf '%s' "$DATA" | cksum | cut -d' ' -f1).sock"
  if [ "$1" = live ]; then ENV_FILE="$ROOT/.env"; DB_FROM=33771; else ENV_FILE="$ROOT/.env.testing"; DB_FROM=33871; fi
  # each instance keeps its own compiled configuration, so that neither is run with the other's
  export APP_CONFIG_CACHE="storage/$1/cache/config.php" APP_ROUTES_CACHE="storage/$1/cache/routes.php" APP_EVENTS_CACHE="storage/$1/cache/events.php"
}

setting() { [ -f "$ENV_FILE" ] && sed -n "s/^$1=//p" "$ENV_FILE" | tail -n 1 | tr -d '"' || true; }
port_busy() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
free_port() { local port=$1; while port_busy "$port"; do port=$((port + 1)); done; echo "$port"; }
random() { head -c 48 /dev/urandom | base64 -w0 | tr -dc 'A-Za-z0-9' | head -c 32; }
# alive PIDFILE: whether the process it names runs and is ours; a number left from before a restart may be anybody's by now
alive() { [ -f "$1" ] && kill -0 "$(cat "$1")" 2>/dev/null && tr '\0' ' ' <"/proc/$(cat "$1")/cmdline" 2>/dev/null | grep -F -c -- "$ROOT/" >/dev/null; }

require_space() {
  mkdir -p "$HOME_DIR" "$RUN" "$HOME_DIR/cache" "$ROOT"/storage/{app,logs,framework/{cache,sessions,views}} "$ROOT/bootstrap/cache" 2>/dev/null \
    || fail "this folder cannot be written by $(id -un); change its owner, or run as the owner"
  local free; free=$(df -Pk "$ROOT" | awk 'NR==2 {print $4}')
  [ "$free" -gt 1500000 ] || fail "only $((free / 1024)) MB are free on this disk; 1500 MB are needed"
}

install_debian() {
  local missing=() package
  command -v mariadbd >/dev/null 2>&1 || [ -x /usr/sbin/mariadbd ] || missing+=(mariadb-server)
  command -v php >/dev/null 2>&1 || missing+=(php-cli)
  command -v composer >/dev/null 2>&1 || missing+=(composer)
  command -v unzip >/dev/null 2>&1 || missing+=(unzip)
  command -v node >/dev/null 2>&1 || missing+=(nodejs)
  command -v npm >/dev/null 2>&1 || { [ -e /usr/share/nodejs/npm ] || missing+=(npm); }
  local modules; modules=$(php -m 2>/dev/null || true)
  for package in mysql:pdo_mysql curl:curl zip:zip gd:gd bcmath:bcmath mbstring:mbstring intl:intl xml:dom; do
    grep -qix "${package#*:}" <<<"$modules" || missing+=("php-${package%:*}")
  done
  for package in "$@"; do case $package in
    chromium) command -v chromium >/dev/null 2>&1 || missing+=(chromium) ;;
    chromium-driver) command -v chromedriver >/dev/null 2>&1 || missing+=(chromium-driver) ;;
    gcc) command -v cc >/dev/null 2>&1 || missing+=(gcc libc6-dev) ;;
    poppler-utils) command -v pdftotext >/dev/null 2>&1 || missing+=(poppler-utils) ;;
  esac; done
  [ ${#missing[@]} -eq 0 ] && return
  step "Installing Debian packages: ${missing[*]}"
  [ "$(id -u)" = 0 ] || fail "this needs root; run it as root, or install them yourself: apt-get install ${missing[*]}"
  export DEBIAN_FRONTEND=noninteractive
  run 'apt-get update' apt-get update -q
  run 'apt-get install' apt-get install -y -q --no-install-recommends "${missing[@]}"
}

# stamp NAME FILE…: true when the files are as they were when NAME was last kept
stamp_of() { cat "$@" 2>/dev/null | cksum; }
fresh() { local name=$1; shift; [ "$(cat "$ROOT/storage/stamps/$name" 2>/dev/null)" = "$(stamp_of "$@")" ]; }
keep_stamp() { local name=$1; shift; mkdir -p "$ROOT/storage/stamps"; stamp_of "$@" >"$ROOT/storage/stamps/$name"; }

install_composer() {
  [ -f vendor/autoload.php ] && fresh composer composer.json packages/platform/composer.json && return
  step 'Installing PHP packages'
  run 'composer' env COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress
  keep_stamp composer composer.json packages/platform/composer.json
}

install_npm() {
  node -e 'const [a, b] = process.versions.node.split("."); process.exit(a > 20 || (a == 20 && b >= 19) ? 0 : 1)' \
    || fail "Node $(node --version) is too old to build the front end; 20.19 or later is needed"
  [ -d node_modules ] && fresh npm package-lock.json && return
  step 'Installing JavaScript packages'
  run 'npm' npm ci --no-audit --no-fund
  keep_stamp npm package-lock.json
}

front_sources() { find resources vite.config.ts tsconfig.json package-lock.json schemas -type f | LC_ALL=C sort; }
build_front() {
  local files; mapfile -t files < <(front_sources)
  [ -f public/build/manifest.json ] && [ -f public/worker.js ] && fresh build "${files[@]}" && return
  step 'Building the front end'
  run 'vite' npx vite build
  find public/build -type f \( -name '*.js' -o -name '*.css' \) -exec gzip -k9f {} +
  keep_stamp build "${files[@]}"
}

mysql_as() { # the account that owns the data: mysql where it can reach the folder, else whoever runs this
  if [ "$(id -u)" = 0 ] && id mysql >/dev/null 2>&1 && runuser -u mysql -- test -x "$ROOT/storage" 2>/dev/null; then echo mysql; else id -un; fi
}

database_start() {
  if alive "$RUN/mariadbd.pid"; then return; fi
  local mariadbd port user; mariadbd=$(command -v mariadbd || echo /usr/sbin/mariadbd); user=$(mysql_as)
  if [ ! -d "$DATA/mysql" ]; then
    step 'Making the database'
    mkdir -p "$DATA"; [ "$(id -u)" = 0 ] && chown "$user" "$DATA" && chmod 711 "$HOME_DIR" && chmod 700 "$DATA"
    run 'mariadb-install-db' mariadb-install-db --no-defaults --datadir="$DATA" --user="$user" --skip-test-db --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)"
  fi
  step 'Starting the database'
  port=$(setting DB_PORT); [ -n "$port" ] && ! port_busy "$port" || port=$(free_port "$DB_FROM")
  rm -f "$SOCKET"
  setsid "$mariadbd" --no-defaults --datadir="$DATA" --user="$user" --bind-address=127.0.0.1 --port="$port" --socket="$SOCKET" \
    --pid-file="$DATA/mariadbd.pid" --log-error="$DATA/error.log" --skip-name-resolve --character-set-server=utf8mb4 \
    --innodb-buffer-pool-size=128M --innodb-flush-log-at-trx-commit=1 --max-connections=60 </dev/null >/dev/null 2>&1 &
  local pid=$! tries=0
  disown # tests end it by force, which is nobody's news here
  until mariadb-admin --no-defaults --socket="$SOCKET" -u "$(id -un)" ping >/dev/null 2>&1; do
    tries=$((tries + 1))
    kill -0 $pid 2>/dev/null || { tail -n 5 "$DATA/error.log" >&2; fail 'the database ended at once; the lines above say why'; }
    [ $tries -lt 300 ] || fail "the database did not answer within 30 seconds; see storage/$INSTANCE/mysql/error.log"
    sleep 0.1
  done
  echo $pid >"$RUN/mariadbd.pid"
  database_account "$port"
}

# database_account PORT: database and user of this instance, with a password of its own in the env file
database_account() {
  local password; password=$(setting DB_PASSWORD); [ -n "$password" ] || password=$(random)
  write_env "$1" "$password"
  mariadb --no-defaults --socket="$SOCKET" -u "$(id -un)" <<SQL
CREATE DATABASE IF NOT EXISTS rush_hold CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS rush_hold_api CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'rush_hold'@'127.0.0.1' IDENTIFIED BY '$password';
ALTER USER 'rush_hold'@'127.0.0.1' IDENTIFIED BY '$password';
GRANT ALL ON rush_hold.* TO 'rush_hold'@'127.0.0.1';
GRANT ALL ON rush_hold_api.* TO 'rush_hold'@'127.0.0.1';
SQL
}

write_env() {
  local key debug; key=$(setting APP_KEY); [ -n "$key" ] || key="base64:$(head -c 32 /dev/urandom | base64 -w0)"
  local mail_demo; mail_demo=$(setting RUSH_HOLD_DEMO); mail_demo=${DEMO:-${mail_demo:-true}}
  [ "$INSTANCE" = live ] && debug=production || debug=testing
  (umask 077; cat >"$ENV_FILE.new" <<ENV
APP_NAME="Rush Hold"
APP_ENV=$debug
APP_KEY=$key
APP_DEBUG=false
DB_CONNECTION=mariadb
DB_HOST=127.0.0.1
DB_PORT=$1
DB_DATABASE=rush_hold
DB_USERNAME=rush_hold
DB_PASSWORD=$2
RUSH_HOLD_DEMO=$mail_demo
ENV
  ) && mv "$ENV_FILE.new" "$ENV_FILE"
}

database_stop() {
  alive "$RUN/mariadbd.pid" || { rm -f "$RUN/mariadbd.pid"; return 0; }
  local pid; pid=$(cat "$RUN/mariadbd.pid"); kill "$pid"
  for _ in $(seq 100); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
  kill -9 "$pid" 2>/dev/null || true; rm -f "$RUN/mariadbd.pid" "$SOCKET"
}

# what was compiled from older settings must not outlive them
forget_compiled() { rm -f "$HOME_DIR"/cache/*.php; }

artisan() { APP_ENV=$(setting APP_ENV) php artisan "$@"; }

server_start() { # PORT
  local port=$1 tries=0
  port_busy "$port" && fail "port $port is in use by another program; start with --port=NUMBER"
  local workers=${WORKERS:-6}
  APP_ENV=$(setting APP_ENV) PHP_CLI_SERVER_WORKERS=$workers setsid php -d opcache.enable=1 -d opcache.enable_cli=1 \
    -d opcache.validate_timestamps=0 -d variables_order=EGPCS -d expose_php=0 -d display_errors=0 -d post_max_size=8M \
    -S "127.0.0.1:$port" -t "$ROOT/public" "$ROOT/bin/router.php" </dev/null >"$ROOT/storage/logs/server-$INSTANCE.log" 2>&1 &
  echo $! >"$RUN/server.pid"; echo "$port" >"$RUN/server.port"
  until curl -fsS -o /dev/null "http://127.0.0.1:$port/healthz" 2>/dev/null; do
    tries=$((tries + 1)); sleep 0.1
    [ $tries -lt 150 ] || fail "the server did not answer within 15 seconds; see storage/logs/server-$INSTANCE.log"
  done
}

server_stop() {
  local pid tries=0
  if alive "$RUN/server.pid"; then
    # the server and its workers are one process group of their own
    pid=$(cat "$RUN/server.pid"); kill -- "-$pid" 2>/dev/null || kill "$pid" 2>/dev/null || true
    while kill -0 -- "-$pid" 2>/dev/null && [ $tries -lt 50 ]; do sleep 0.1; tries=$((tries + 1)); done
    kill -9 -- "-$pid" 2>/dev/null || true
  fi
  rm -f "$RUN/server.pid" "$RUN/server.port"
}

# the worker goes on with what takes longer than a request; bin/worker starts it again whenever it ends
worker_start() {
  worker_stop
  setsid bash "$ROOT/bin/worker" "$INSTANCE" </dev/null >"$ROOT/storage/logs/worker-$INSTANCE.log" 2>&1 &
  echo $! >"$RUN/worker.pid"
}

worker_stop() {
  local pid tries=0
  if alive "$RUN/worker.pid"; then
    pid=$(cat "$RUN/worker.pid"); kill -- "-$pid" 2>/dev/null || true
    while kill -0 -- "-$pid" 2>/dev/null && [ $tries -lt 20 ]; do sleep 0.1; tries=$((tries + 1)); done
    kill -9 -- "-$pid" 2>/dev/null || true
  fi
  rm -f "$RUN/worker.pid"
}
