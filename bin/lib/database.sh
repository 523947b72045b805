# Shared by bin/backup and bin/restore: the database of this installation, as its environment or its .env names it.
setting() { # setting NAME DEFAULT
    local value="${!1-}"
    [ -n "${!1+set}" ] || value="$(sed -n "s|^$1=||p" "$ROOT/.env" 2>/dev/null | tail -n 1)"
    echo "${value:-$2}"
}
DATABASE="$(setting DB_DATABASE geodex)"

# with_database COMMAND...: with address and password, which no list of processes shows.
with_database() {
    local command="$1" status=0 secret; shift
    secret="$(mktemp)"
    printf '[client]\nhost=%s\nport=%s\nuser=%s\npassword="%s"\n' "$(setting DB_HOST 127.0.0.1)" "$(setting DB_PORT 3306)" "$(setting DB_USERNAME geodex)" "$(setting DB_PASSWORD '')" >"$secret"
    "$command" --defaults-extra-file="$secret" --default-character-set=utf8mb4 "$@" || status=$?
    rm -f "$secret"
    return "$status"
}

# is_whole FILE: whether it can be unpacked to its end, and that is the end of a dump of Geodex.
is_whole() {
    gzip -t "$1" 2>/dev/null || return 1
    # Read to the end each time: who stops reading early breaks the pipe.
    zcat "$1" | tail -n 3 | grep '^-- Dump completed' >/dev/null && zcat "$1" | grep '^CREATE TABLE `migrations`' >/dev/null
}

tables_of() { zcat "$1" | grep -c '^CREATE TABLE '; }
