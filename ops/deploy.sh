# Runs the files of docs/deploy as they are written, on ports and paths of its own, and asks what they promise.
# Sourced by
# bin/test after database.sh; expects DATABASE_URL of a database with the demo.

deploy_fill() {
    sed -e "s|/srv/schwung|$root|g" -e "s|/run/php/schwung.sock|$deploy/fpm.sock|g" \
        -e "s|/etc/ssl/private/quilts.example.key|$deploy/key.pem|g" -e "s|/etc/ssl/quilts.example.pem|$deploy/cert.pem|g" \
        -e "s|listen 80;|listen 127.0.0.1:$deploy_open;|" -e "s|listen 443 ssl http2;|listen 127.0.0.1:$deploy_port ssl http2;|" \
        "$root/docs/deploy/$1"
}

# What is asked, of the answer with its headers; the first that is not so fails.
deploy_ask() {
    local what=$1 pattern=$2
    shift 2
    # Once more where nginx was not up yet.
    local answer
    answer=$(curl --silent --show-error --include --insecure --retry 20 --retry-connrefused --retry-delay 1 \
        --resolve "quilts.example:$deploy_port:127.0.0.1" "$@" | tr -d '\000\r') || true
    # Not through a pipe: whoever writes into one that grep has left is taken for a failure.
    grep --quiet --ignore-case --extended-regexp "$pattern" <<<"$answer" \
        || { printf '%s\n' "$answer" | head -c 1500 >&2; fail "docs/deploy: $what"; }
}

deploy_check() {
    deploy=$(mktemp -d /tmp/schwung-deploy-XXXXXX)
    deploy_open=$(free_port)
    deploy_port=$(free_port)
    local at="https://quilts.example:$deploy_port"
    openssl req -x509 -newkey rsa:2048 -nodes -days 2 -subj /CN=quilts.example -keyout "$deploy/key.pem" -out "$deploy/cert.pem" 2>/dev/null
    # The environment as the file gives it, but for where things are here.
    set -a
    # shellcheck disable=SC1091
    . <(grep -v '^DATABASE_URL\|^MAILER_DSN\|^TRUSTED_HOSTS' "$root/docs/deploy/schwung.env")
    SCHWUNG_ADDRESS="$at" TRUSTED_HOSTS='^quilts\.example$' MAILER_DSN='outbox://default'
    set +a
    # Whoever tests has no user of that name; what a pool may do is the same.
    deploy_fill php-fpm.conf | sed -e '/^user =\|^group =\|^listen.owner\|^listen.group/d' >"$deploy/pool.conf"
    [ "$(id -u)" -ne 0 ] || sed -i 's/^\[schwung\]/[schwung]\nuser = root\ngroup = root/' "$deploy/pool.conf"
    printf '[global]\nerror_log = %s/fpm.log\ninclude = %s/pool.conf\n' "$deploy" "$deploy" >"$deploy/fpm.conf"
    {
        printf 'error_log %s/nginx.log;\npid %s/nginx.pid;\nevents {}\n' "$deploy" "$deploy"
        [ "$(id -u)" -ne 0 ] || printf 'user root;\n'
        printf 'http {\ninclude /etc/nginx/mime.types;\naccess_log off;\nclient_body_temp_path %s/body;\nfastcgi_temp_path %s/fastcgi;\n' "$deploy" "$deploy"
        printf 'proxy_temp_path %s/proxy;\nuwsgi_temp_path %s/uwsgi;\nscgi_temp_path %s/scgi;\n' "$deploy" "$deploy" "$deploy"
        deploy_fill nginx.conf | sed "s|include fastcgi_params|include /etc/nginx/fastcgi_params|"
        printf '}\n'
    } >"$deploy/nginx.conf"
    nginx -t -q -c "$deploy/nginx.conf" || fail 'docs/deploy/nginx.conf is not accepted by nginx.'
    local as_root=()
    [ "$(id -u)" -ne 0 ] || as_root=(--allow-to-run-as-root)
    php-fpm8.2 "${as_root[@]}" --fpm-config "$deploy/fpm.conf" --nodaemonize &
    deploy_fpm=$!
    nginx -c "$deploy/nginx.conf" -g 'daemon off;' &
    deploy_nginx=$!

    deploy_ask 'an open line leads to the closed one' '^Location: https://quilts.example/sign-in' --resolve "quilts.example:$deploy_open:127.0.0.1" "http://quilts.example:$deploy_open/sign-in"
    deploy_ask '/up answers' '^HTTP/2 200' "$at/up"
    deploy_ask 'the cookie is for this host alone' '^Set-Cookie: __Host-schwung=.*secure' "$at/sign-in"
    deploy_ask 'the line stays closed' '^Strict-Transport-Security: max-age' "$at/sign-in"
    deploy_ask 'nothing is sniffed of what nginx serves' '^X-Content-Type-Options: nosniff' "$at/build/app.css"
    deploy_ask 'styles may be kept' '^Cache-Control: .*immutable' "$at/build/app.css"
    deploy_ask 'styles are sent compressed' '^Content-Encoding: gzip' --dump-header - --output /dev/null -H 'Accept-Encoding: gzip' "$at/build/app.css"
    deploy_ask 'a name that is not ours is refused' '^HTTP/2 400' -H 'Host: elsewhere.example' "$at/up-there"
    head -c 9900000 /dev/zero >"$deploy/large"
    deploy_ask 'what is too large is said by us' '^HTTP/2 413' --form "file=@$deploy/large" "$at/quilts/import"
    deploy_ask 'and in our words' 'Schwung' --form "file=@$deploy/large" "$at/quilts/import"
    ! grep -qi '^X-Powered-By\|^Server: nginx/' <<<"$(curl --silent --insecure --head --resolve "quilts.example:$deploy_port:127.0.0.1" "$at/sign-in")" \
        || fail 'docs/deploy: the server tells which versions it is made of.'

    # What the services start, as their files say it.
    local line
    while read -r line; do
        (cd "$root" && timeout 60 bash -c "${line/--time-limit=3600/--time-limit=1}") >"$deploy/service.log" 2>&1 \
            || { cat "$deploy/service.log" >&2; fail "docs/deploy: $line"; }
    done < <(sed -n 's|^ExecStart=/usr/bin/php|php|p' "$root"/docs/deploy/*.service)
    deploy_stop
}

deploy_stop() {
    kill "${deploy_fpm:-}" "${deploy_nginx:-}" 2>/dev/null || true
    rm -rf "${deploy:-/nonexistent}"
}
