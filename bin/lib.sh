# Shared by the commands in bin/: steps, installs, and the two instances (live and test) of database and server.
# shellcheck shell=bash
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT"
# what one clone has worked out and another would find the same; a clone finds it there, and finds it anew where it is gone
CACHE="${XDG_CACHE_HOME:-${HOME:-$ROOT/storage}/.cache}/rush-hold"

STEP=''
say() { printf '%s\n' "$*"; }
step() { STEP=$1; printf '· %s\n' "$1"; }
fail() { printf 'Stopped at “%s”: %s\n' "${STEP:-start}" "$1" >&2; exit 1; }

# run WHAT COMMAND…: quiet, its output kept; on failure one sentence, and the last lines of what it said.
run() {
  local what=$1 log="storage/logs/setup${BESIDE:+-$BESIDE}.log"; shift
  mkdir -p "$ROOT/storage/logs" 2>/dev/null || fail "this folder cannot be written by $(id -un); change its owner, or run as the owner"
  if ! "$@" >"$log" 2>&1; then
    tail -n 12 "$log" | sed 's/^/    /' >&2
    if grep -qi 'no space left' "$log"; then fail "the disk is full; free some space and run this again"; fi
    fail "$what did not work; the lines above say why (all of it is in $log)"
  fi
}

# together FUNCTION…: at once, each with an output of its own; where one fails, ends once all have come to an end
together() {
  local pids=() one failed=''
  for one in "$@"; do (BESIDE=$one; "$one") & pids+=($!); done
  for one in "${pids[@]}"; do wait "$one" || failed=1; done
  [ -z "$failed" ] || exit 1
}

# options "NAMES WITH VALUES" "FLAGS" ARGUMENT…: each --name VALUE, --name=VALUE and --flag as a variable (port -> OPTION_PORT);
# anything else shows the usage, the comment at the head of the command
options() {
  local valued=" $1 " flags=" $2 " name value; shift 2
  while [ $# -gt 0 ]; do
    case $1 in
      -h | --help) usage; exit 0 ;;
      --*=*) name=${1#--}; value=${name#*=}; name=${name%%=*}
        case $valued in *" $name "*) ;; *) refuse_option "$1" ;; esac ;;
      --*) name=${1#--}
        case "$valued|$flags" in
          *" $name "*"|"*) [ $# -gt 1 ] || refuse_option "$1" 'needs a value after it'; value=$2; shift ;;
          *"|"*" $name "*) value=1 ;;
          *) refuse_option "$1" ;;
        esac ;;
      *) refuse_option "$1" ;;
    esac
    printf -v "OPTION_$(tr 'a-z-' 'A-Z_' <<<"$name")" '%s' "$value"
    shift
  done
}
# which of the two copies is meant by the arguments of a command, live without any: live or test
meant() {
  [ $# -le 1 ] || refuse_option "$2"
  case ${1:-live} in -h | --help) usage; exit 0 ;; live | test) instance "${1:-live}" ;; *) refuse_option "$1" ;; esac
}
usage() { sed -n '2,/^[^#]/s/^# \{0,1\}//p' "$0"; }
refuse_option() { printf '“%s” %s.\n\n' "$1" "${2:-is not an option here}" >&2; usage >&2; exit 2; }

# instance live|test: names of everything that belongs to one running copy
instance() {
  INSTANCE=$1
  HOME_DIR="$ROOT/storage/$1"; DATA="$HOME_DIR/mysql"; RUN="$HOME_DIR/run"
  SOCKET="/tmp/rush-hold-$(printf '%s' "$DATA" | cksum | cut -d' ' -f1).sock"
  PHP_SOCKETS="/tmp/rush-hold-$(printf '%s' "$RUN" | cksum | cut -d' ' -f1)-php"
  if [ "$1" = live ]; then ENV_FILE="$ROOT/.env"; DB_FROM=33771; else ENV_FILE="$ROOT/.env.testing"; DB_FROM=33871; fi
  # each instance keeps its own compiled configuration, so that neither is run with the other's
  export APP_CONFIG_CACHE="storage/$1/cache/config.php" APP_ROUTES_CACHE="storage/$1/cache/routes.php" APP_EVENTS_CACHE="storage/$1/cache/events.php"
}

setting() { [ -f "$ENV_FILE" ] && sed -n "s/^$1=//p" "$ENV_FILE" | tail -n 1 | tr -d '"' || true; }
valid_port() { { [[ $1 =~ ^[0-9]{4,5}$ ]] && [ "$1" -ge 1024 ] && [ "$1" -le 65535 ]; } || fail "--port is “$1”; it must be a number from 1024 to 65535"; }
port_busy() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
free_port() { local port=$1; while port_busy "$port"; do port=$((port + 1)); done; echo "$port"; }
random() { head -c 48 /dev/urandom | base64 -w0 | tr -dc 'A-Za-z0-9' | head -c 32; }
# alive PIDFILE: whether the process it names runs and is ours; a number left from before a restart may be anybody's by now
alive() { [ -f "$1" ] && kill -0 "$(cat "$1")" 2>/dev/null && tr '\0' ' ' <"/proc/$(cat "$1")/cmdline" 2>/dev/null | grep -F -c -- "$ROOT/" >/dev/null; }

# the php-fpm of the same version as the command line's PHP
php_fpm() {
  local version; version=$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;' 2>/dev/null) || return 1
  command -v "php-fpm$version" 2>/dev/null || { [ -x "/usr/sbin/php-fpm$version" ] && echo "/usr/sbin/php-fpm$version"; }
}

WRITTEN=("$ROOT"/storage/{app,files,logs,framework/{cache,sessions,views}} "$ROOT/bootstrap/cache") # all that the application itself writes to
require_space() {
  mkdir -p "$HOME_DIR" "$RUN" "$HOME_DIR/cache" "${WRITTEN[@]}" 2>/dev/null \
    || fail "this folder cannot be written by $(id -un); change its owner, or run as the owner"
  local free; free=$(df -Pk "$ROOT" | awk 'NR==2 {print $4}')
  [ "$free" -gt 1500000 ] || fail "only $((free / 1024)) MB are free on this disk; 1500 MB are needed"
}

install_debian() {
  local missing=() package
  command -v mariadbd >/dev/null 2>&1 || [ -x /usr/sbin/mariadbd ] || missing+=(mariadb-server)
  command -v php >/dev/null 2>&1 || missing+=(php-cli)
  php_fpm >/dev/null || missing+=(php-fpm)
  command -v nginx >/dev/null 2>&1 || [ -x /usr/sbin/nginx ] || missing+=(nginx-light)
  command -v composer >/dev/null 2>&1 || missing+=(composer)
  command -v unzip >/dev/null 2>&1 || missing+=(unzip)
  command -v node >/dev/null 2>&1 || missing+=(nodejs)
  command -v npm >/dev/null 2>&1 || { [ -e /usr/share/nodejs/npm ] || missing+=(npm); }
  local modules; modules=$(php -m 2>/dev/null || true)
  for package in mysql:pdo_mysql curl:curl zip:zip gd:gd bcmath:bcmath mbstring:mbstring intl:intl xml:dom apcu:apcu; do
    grep -qix "${package#*:}" <<<"$modules" || missing+=("php-${package%:*}")
  done
  command -v exiftool >/dev/null 2>&1 || missing+=(libimage-exiftool-perl)
  compgen -G '/usr/lib/*/libturbojpeg.so.0' >/dev/null || missing+=(libturbojpeg0)
  for package in "$@"; do case $package in
    chromium-headless-shell) command -v chromium-headless-shell >/dev/null 2>&1 || missing+=(chromium-headless-shell) ;;
    chromium-driver) command -v chromedriver >/dev/null 2>&1 || missing+=(chromium-driver) ;;
    gcc) command -v cc >/dev/null 2>&1 || missing+=(gcc libc6-dev) ;;
    fonts-droid-fallback) [ -f /usr/share/fonts/truetype/droid/DroidSansFallbackFull.ttf ] || missing+=(fonts-droid-fallback) ;;
    poppler-utils) command -v pdftotext >/dev/null 2>&1 || missing+=(poppler-utils) ;;
  esac; done
  [ ${#missing[@]} -eq 0 ] && return
  step "Installing Debian packages: ${missing[*]}"
  [ "$(id -u)" = 0 ] || fail "this needs root; run it as root, or install them yourself: apt-get install ${missing[*]}"
  export DEBIAN_FRONTEND=noninteractive
  run 'apt-get update' apt-get update -q
  run 'apt-get install' apt-get install -y -q --no-install-recommends "${missing[@]}"
}

# Real photographs with open licences, out of Debian's packages of them: what measuring sharpness is tested on. None is in the repository.
PHOTOGRAPHS=(lomiri-wallpapers-16.04 lomiri-wallpapers-20.04 python3-skimage)
fetch_photographs() {
  local folder="$ROOT/storage/photographs" made="$ROOT/storage/photographs.new" package
  [ -d "$folder" ] && return
  step 'Fetching photographs to measure'
  rm -rf "$made"; mkdir -p "$made/packages"
  download() { (cd "$made/packages" && apt-get download -q "${PHOTOGRAPHS[@]}"); }
  download >/dev/null 2>&1 || { run 'apt-get update' apt-get update -q; run 'apt-get download' download; }
  for package in "$made"/packages/*.deb; do dpkg -x "$package" "$made/opened"; done
  find "$made/opened" \( -path '*/backgrounds/*' -o -path '*/skimage/data/*' \) -type f \( -name '*.jpg' -o -name '*.png' \) -exec mv {} "$made/" \;
  rm -rf "$made/packages" "$made/opened"
  mv "$made" "$folder"
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
  # what another clone has unpacked for the same lock lies beside, and costs no place twice
  local kept; kept="$CACHE/node_modules-$({ node --version; cat package-lock.json; } | sha256sum | cut -c1-16)"
  if ! { [ -d "$kept" ] && rm -rf node_modules && cp -al "$kept" node_modules 2>/dev/null; }; then
    run 'npm' npm ci --no-audit --no-fund
    rm -rf "$CACHE"/node_modules-*
    { mkdir -p "$CACHE" && cp -al node_modules "$kept.new" && mv "$kept.new" "$kept"; } 2>/dev/null || rm -rf "$kept.new"
  fi
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

# the typefaces of the pages, ready for paper
make_fonts() {
  local files=(package-lock.json app/Console/Commands/FontsMake.php)
  [ -f storage/app/fonts/installed-fonts.json ] && fresh fonts "${files[@]}" && return
  step 'Making the typefaces ready for paper'
  rm -rf storage/app/fonts
  run 'fonts:make' artisan fonts:make
  keep_stamp fonts "${files[@]}"
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
    --innodb-buffer-pool-size=128M --innodb-flush-log-at-trx-commit="${FLUSH:-1}" --max-connections=60 </dev/null >/dev/null 2>&1 &
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

# set_env NAME VALUE: one line of the env file; every other stays as it is
set_env() {
  if grep -q "^$1=" "$ENV_FILE"; then
    awk -v name="$1" -v value="$2" 'index($0, name "=") == 1 {print name "=" value; next} {print}' "$ENV_FILE" >"$ENV_FILE.new" && cat "$ENV_FILE.new" >"$ENV_FILE"
    rm -f "$ENV_FILE.new"
  else
    printf '%s=%s\n' "$1" "$2" >>"$ENV_FILE"
  fi
}

# write_env PORT PASSWORD: what this copy needs; what the operator has added or changed beside it stays
write_env() {
  local demo; demo=$(setting RUSH_HOLD_DEMO)
  [ -f "$ENV_FILE" ] || (umask 077; : >"$ENV_FILE")
  [ -n "$(setting APP_NAME)" ] || set_env APP_NAME '"Rush Hold"'
  [ -n "$(setting APP_ENV)" ] || set_env APP_ENV "$([ "$INSTANCE" = live ] && echo production || echo testing)"
  [ -n "$(setting APP_KEY)" ] || set_env APP_KEY "base64:$(head -c 32 /dev/urandom | base64 -w0)"
  set_env RUSH_HOLD_INSTANCE "$INSTANCE"
  [ "$INSTANCE" != test ] || set_env NEWCOMERS_PER_HOUR 100000 # all that the tests make comes from here
  [ "$INSTANCE" != test ] || set_env RUSH_HOLD_DEMO_FRAMES 2 # its pictures are nothing that a test looks at
  [ "$INSTANCE" != test ] || set_env BCRYPT_ROUNDS 4 # no secret of anybody is kept there
  [ -n "$(setting APP_DEBUG)" ] || set_env APP_DEBUG false
  set_env DB_CONNECTION mariadb; set_env DB_HOST 127.0.0.1; set_env DB_PORT "$1"
  set_env DB_DATABASE rush_hold; set_env DB_USERNAME rush_hold; set_env DB_PASSWORD "$2"
  set_env RUSH_HOLD_DEMO "${DEMO:-${demo:-true}}"
}

database_stop() {
  alive "$RUN/mariadbd.pid" || { rm -f "$RUN/mariadbd.pid"; return 0; }
  local pid; pid=$(cat "$RUN/mariadbd.pid"); kill "$pid"
  for _ in $(seq 100); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
  kill -9 "$pid" 2>/dev/null || true; rm -f "$RUN/mariadbd.pid" "$SOCKET"
}

# what was compiled from older settings must not outlive them
forget_compiled() { rm -f "$HOME_DIR"/cache/*.php; }

# the test database as it is after a first start
anew() {
  forget_compiled
  step 'Bringing the test database up to date'
  run 'wiping the test database' artisan db:wipe --force
  run 'the migration' artisan migrate --force
  run 'the demo scenario' artisan db:seed --force
}

artisan() { APP_ENV=$(setting APP_ENV) php artisan "$@"; }

# serve_files FOLDER PORT SOCKETS USER NAME: the files of bin/serve with their places filled in
serve_files() {
  local name nginx_user=''; [ "$4" != root ] || nginx_user='user root; '
  local files; files=$(setting FILES_FOLDER); files=${files:-$ROOT/storage/files/$5}
  mkdir -p "$1/tmp"
  for name in fastcgi fpm nginx; do
    sed -e "s|@RUN@|$1|g; s|@PORT@|$2|g; s|@SOCKETS@|$3|g; s|@USER@|$4|g; s|@GROUP@|$(id -gn "$4")|g; s|@INSTANCE@|$5|g; s|@NGINX_USER@|$nginx_user|g" \
      -e "s|@LOGS@|$ROOT/storage/logs|g; s|@FILES@|$files|g; s|@PUBLIC@|$ROOT/public|g; s|@WORKERS@|${WORKERS:-8}|g; s|@LONGEST@|2200k|g" \
      "$ROOT/bin/serve/$name.conf" >"$1/$name.conf"
  done
}

# keep_short FILE: a log that has grown long starts anew, its last part kept beside it
keep_short() { [ ! -f "$1" ] || [ "$(stat -c %s "$1")" -lt 4000000 ] || { tail -c 1000000 "$1" >"$1.old"; : >"$1"; }; }

server_start() { # PORT
  local port=$1 tries=0 fpm root=()
  port_busy "$port" && fail "port $port is in use by another program; start with --port=NUMBER"
  fpm=$(php_fpm) || fail 'php-fpm is not installed for this version of PHP'
  rm -f "$PHP_SOCKETS"-*.sock
  for log in nginx fpm; do keep_short "$ROOT/storage/logs/$log-$INSTANCE.log"; done
  serve_files "$RUN" "$port" "$PHP_SOCKETS" "$(id -un)" "$INSTANCE"
  [ "$(id -u)" != 0 ] || root=(-R)
  APP_ENV=$(setting APP_ENV) setsid "$fpm" "${root[@]}" -F -y "$RUN/fpm.conf" </dev/null >/dev/null 2>>"$ROOT/storage/logs/fpm-$INSTANCE.log" &
  echo $! >"$RUN/fpm.job"
  setsid "$(command -v nginx || echo /usr/sbin/nginx)" -p "$RUN" -e "$ROOT/storage/logs/nginx-$INSTANCE.log" -c "$RUN/nginx.conf" \
    </dev/null >>"$ROOT/storage/logs/nginx-$INSTANCE.log" 2>&1 &
  echo $! >"$RUN/server.pid"; echo "$port" >"$RUN/server.port"
  until curl -fsS -o /dev/null "http://127.0.0.1:$port/healthz" 2>/dev/null; do
    tries=$((tries + 1)); sleep 0.1
    [ $tries -lt 150 ] || fail "the server did not answer within 15 seconds; see storage/logs/nginx-$INSTANCE.log and fpm-$INSTANCE.log"
  done
}

# end_group PIDFILE: ends a process that is ours and everything it has started, gently first
end_group() {
  local pid tries=0
  if alive "$1"; then
    pid=$(cat "$1"); kill -- "-$pid" 2>/dev/null || kill "$pid" 2>/dev/null || true
    while kill -0 -- "-$pid" 2>/dev/null && [ $tries -lt 50 ]; do sleep 0.1; tries=$((tries + 1)); done
    kill -9 -- "-$pid" 2>/dev/null || true
  fi
  rm -f "$1"
}

server_stop() {
  end_group "$RUN/server.pid"
  end_group "$RUN/fpm.job"
  rm -f "$RUN/server.port" "$PHP_SOCKETS"-*.sock
}

# the worker goes on with what takes longer than a request; bin/worker starts it again whenever it ends
worker_start() {
  worker_stop
  setsid bash "$ROOT/bin/worker" "$INSTANCE" </dev/null >"$ROOT/storage/logs/worker-$INSTANCE.log" 2>&1 &
  echo $! >"$RUN/worker.pid"
}

worker_stop() { end_group "$RUN/worker.pid"; }
