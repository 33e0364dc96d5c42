# Writes and reads back a database as one compressed file. Sourced after database.sh; expects DATABASE_URL.

# Runs a client of MariaDB with the account of DATABASE_URL; the password never stands in a list of processes.
backup_client() {
    local client=$1 options
    shift
    options=$(mktemp)
    php -r '
        $url = parse_url((string) getenv("DATABASE_URL"));
        printf("[client]\nhost=%s\nport=%d\nuser=%s\npassword=\"%s\"\n", $url["host"], $url["port"] ?? 3306,
            rawurldecode($url["user"] ?? ""), addcslashes(rawurldecode($url["pass"] ?? ""), "\"\\"));
    ' >"$options"
    local result=0
    "$client" --defaults-file="$options" --protocol=tcp "$@" || result=$?
    rm -f "$options"
    return "$result"
}

backup_database() {
    php -r 'echo ltrim((string) parse_url((string) getenv("DATABASE_URL"), PHP_URL_PATH), "/");'
}

backup_write() {
    # As of one moment, while the studio goes on working.
    backup_client mariadb-dump --single-transaction --quick --hex-blob --routines --triggers --skip-comments \
        "$(backup_database)" | gzip >"$1.part" || { rm -f "$1.part"; fail 'the database could not be written down.'; }
    printf '%s\n' '-- whole' | gzip >>"$1.part"
    backup_check "$1.part"
    mv "$1.part" "$1"
    sha256sum "$1" | cut -d' ' -f1 >"$1.sha256"
}

# A file that was broken off, or changed on its way, is told from a whole one.
backup_check() {
    gzip --test "$1" 2>/dev/null || fail "$1 is no backup, or it is broken off."
    [ "$(gzip --decompress --stdout "$1" | tail -n 1)" = '-- whole' ] || fail "$1 is broken off: its end is missing."
    [ ! -f "$1.sha256" ] || [ "$(cat "$1.sha256")" = "$(sha256sum "$1" | cut -d' ' -f1)" ] \
        || fail "$1 is not as it was written: its checksum differs."
}

backup_tables() {
    gzip --decompress --stdout "$1" | grep -c '^CREATE TABLE'
}

backup_read() {
    [ -z "$(backup_client mariadb --batch --skip-column-names -e 'SHOW TABLES' "$(backup_database)")" ] \
        || fail 'something is in that database already: restore into an empty one, or take the old one away first.'
    gzip --decompress --stdout "$1" | backup_client mariadb "$(backup_database)" || fail 'the file could not be read back.'
}

# One line a table with the checksum of what is in it.
backup_sums() {
    local tables
    tables=$(backup_client mariadb --batch --skip-column-names -e 'SHOW TABLES' "$(backup_database)" | sed 's/.*/`&`/' | paste -sd, -)
    backup_client mariadb --batch --skip-column-names -e "CHECKSUM TABLE $tables" "$(backup_database)" | sed 's/^[^.]*\.//'
}
