#!/usr/bin/env bash
# Serves the application with PHP's own web server, in the place of this shell:
#   ops/serve.sh PORT
# With PHP_CLI_SERVER_WORKERS=1 one request after another, else four at once. Expects a cache that is warm, and
# DATABASE_URL.
set -euo pipefail
cd "$(dirname "$0")/.."
options=(-d opcache.enable_cli=1 -d opcache.preload="$PWD/ops/preload.php" -d upload_max_filesize=8M -d post_max_size=9M)
[ "$(id -u)" -ne 0 ] || options+=(-d opcache.preload_user=root)
export PHP_CLI_SERVER_WORKERS=${PHP_CLI_SERVER_WORKERS:-4}
exec php "${options[@]}" -S "127.0.0.1:$1" -t public ops/router.php
