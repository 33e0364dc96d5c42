# Installs what is missing. Sourced by bin/start, bin/test and bin/bench; expects $root.

say() { printf '%s\n' "$*"; }
fail() { printf 'schwung: %s\n' "$*" >&2; exit 1; }

need_space() {
    local free
    free=$(df -Pk "$root" | awk 'NR == 2 { print $4 }')
    [ "$free" -ge 1500000 ] || fail "the disk has only $((free / 1024)) MB free here; about 1500 MB are needed."
}

# Debian packages named as arguments, installed only where missing.
need_packages() {
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'install ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return
    [ "$(id -u)" -eq 0 ] || fail "these Debian packages are missing and only root can install them: ${missing[*]}"
    need_space
    say "Installing from Debian: ${missing[*]}"
    export DEBIAN_FRONTEND=noninteractive
    apt-get update -qq >"$root/var/install.log" 2>&1 || fail "apt-get update failed; see var/install.log."
    # Debian would start the servers among them for good; whoever needs one here starts its own.
    local policy=/usr/sbin/policy-rc.d result=0
    if [ -e "$policy" ]; then policy=; else printf '#!/bin/sh\nexit 101\n' >"$policy" && chmod 755 "$policy"; fi
    apt-get install -y -qq --no-install-recommends "${missing[@]}" >>"$root/var/install.log" 2>&1 || result=$?
    [ -z "$policy" ] || rm -f "$policy"
    [ "$result" -eq 0 ] || fail "apt-get install ${missing[*]} failed; see var/install.log."
}

# Runs a command only when the files named after -- have changed since it last succeeded.
once_for() {
    local name=$1 sum stamp
    shift
    local command=()
    while [ "$1" != -- ]; do command+=("$1"); shift; done
    shift
    stamp="$root/var/stamps/$name"
    mkdir -p "$root/var/stamps"
    sum=$(cd "$root" && cat "$@" | sha256sum)
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$sum" ] && return
    "${command[@]}"
    printf '%s' "$sum" >"$stamp"
}

install_php_packages() {
    need_space
    say 'Installing PHP packages'
    cd "$root" || exit 1
    export COMPOSER_ALLOW_SUPERUSER=1
    local release
    release=$(sed -n 's/.*"symfony\/clock": "\([0-9.]*\)".*/\1/p' composer.json | tail -n 1)
    # README, "The Symfony components": the released monorepo holds those that a partial registry lacks.
    if [ ! -f "packages/symfony/.release-$release" ]; then
        rm -rf packages/symfony
        composer create-project --quiet --no-install --no-scripts --no-interaction symfony/symfony packages/symfony "$release" \
            || fail "Composer could not fetch symfony/symfony $release."
        touch "packages/symfony/.release-$release"
    fi
    composer update --quiet --no-interaction --no-progress --no-scripts || fail 'Composer could not install the PHP packages; run "composer update" to see why.'
}

install_node_packages() {
    need_space
    say 'Installing Node packages'
    cd "$root" || exit 1
    # Not "npm ci": a partial registry lacks optional packages for other platforms, which the lock then cannot name.
    npm install --silent --no-save --no-audit --no-fund --ignore-scripts || fail 'npm could not install the Node packages; run "npm install" to see why.'
}

build_assets() {
    say 'Building styles and scripts'
    cd "$root" || exit 1
    npm run --silent build || fail 'the styles and scripts could not be built.'
}

install_all() {
    mkdir -p "$root/var"
    need_packages php8.2-cli php8.2-curl php8.2-mysql php8.2-gd php8.2-intl php8.2-mbstring php8.2-xml php8.2-zip php8.2-opcache composer unzip "$@"
    [ -n "${DATABASE_URL:-}" ] || need_packages mariadb-server
    command -v node >/dev/null && command -v npm >/dev/null || fail 'Node.js 20 with npm is needed; on Debian: nodejs and npm.'
    [ -d "$root/vendor" ] || rm -f "$root/var/stamps/composer"
    [ -d "$root/node_modules" ] || rm -f "$root/var/stamps/npm"
    [ -f "$root/public/build/manifest.json" ] || rm -f "$root/var/stamps/assets"
    once_for composer install_php_packages -- composer.json
    once_for npm install_node_packages -- package.json package-lock.json
    # shellcheck disable=SC2046
    once_for assets build_assets -- package-lock.json $(cd "$root" && find assets templates src -type f \( -name '*.css' -o -name '*.js' -o -name '*.mjs' -o -name '*.twig' -o -name '*.svg' -o -name '*.php' \) | sort)
}
