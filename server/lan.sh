# shellcheck shell=bash
# ./zolbek serve --lan: nginx and php-fpm in front of one's own data, on the addresses asked for. Sourced by ./zolbek, whose words and needs it uses.

TLS_PORT="${ZOLBEK_TLS_PORT:-8443}"

# own_addresses: those of this machine in a private network
own_addresses() {
    hostname -I 2>/dev/null | tr ' ' '\n' | grep -E '^(10\.|192\.168\.|172\.(1[6-9]|2[0-9]|3[01])\.)' || true
}

# find_server: where nginx and php-fpm of this PHP are; they are not always on the path of who calls
find_server() {
    local version; version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    FPM=$(command -v "php-fpm$version" || command -v php-fpm || echo "/usr/sbin/php-fpm$version")
    NGINX=$(command -v nginx || echo /usr/sbin/nginx)
}

need_server() {
    local missing=()
    find_server
    [ -x "$NGINX" ] || missing+=(nginx-light)
    [ -x "$FPM" ] || missing+=("php${FPM##*php-fpm}-fpm")
    command -v openssl >/dev/null || missing+=(openssl)
    # addresses are told without it too
    command -v qrencode >/dev/null || ! is_debian_root || missing+=(qrencode)
    [ ${#missing[@]} = 0 ] || install "${missing[@]}"
    find_server
}

# certificate ADDRESS...: one's own where one is given, else one made here for these addresses
certificate() {
    if [ -n "${ZOLBEK_CERT:-}" ]; then
        [ -r "$ZOLBEK_CERT" ] && [ -r "${ZOLBEK_CERT_KEY:-}" ] || fail "ZOLBEK_CERT and ZOLBEK_CERT_KEY must both name files that can be read."
        CERT=$ZOLBEK_CERT CERT_KEY=$ZOLBEK_CERT_KEY
        return
    fi
    CERT="$DATA/tls/cert.pem" CERT_KEY="$DATA/tls/key.pem"
    local names='' each
    for each in "$@"; do
        case "$each" in *[!0-9.]*) names="$names,DNS:$each" ;; *) names="$names,IP:$each" ;; esac
    done
    if [ "$(cat "$DATA/tls/names" 2>/dev/null)" = "$names" ] && openssl x509 -checkend 2592000 -noout -in "$CERT" >/dev/null 2>&1; then return; fi
    mkdir -p "$DATA/tls"
    (umask 077 && openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 800 -subj '/CN=Zolbek' -addext "subjectAltName=${names#,}" -keyout "$CERT_KEY.new" -out "$CERT.new" 2>/dev/null) \
        || fail "no certificate could be made for $*."
    mv "$CERT_KEY.new" "$CERT_KEY"
    mv "$CERT.new" "$CERT"
    printf '%s' "$names" >"$DATA/tls/names"
}

# door ADDRESS: what nginx is told of an address of the network
door() {
    local listen="$1"
    cat <<TEXT
    server {
        listen $listen:$TLS_PORT ssl http2 default_server;
        ssl_certificate $CERT;
        ssl_certificate_key $CERT_KEY;
        error_page 497 =301 https://\$host:$TLS_PORT\$request_uri;
        return 400;
    }
    server {
        listen $listen:$TLS_PORT ssl http2;
        server_name $NAMES;
        ssl_certificate $CERT;
        ssl_certificate_key $CERT_KEY;
        error_page 497 =301 https://\$host:$TLS_PORT\$request_uri;
        set \$door network;
        include $RUN/places.conf;
    }
TEXT
}

# written USER TEMPLATE: with what stands between @ filled in
written() {
    sed -e "s|@RUN@|$RUN|g" -e "s|@LOGS@|$DATA/logs|g" -e "s|@ROOT@|$PWD|g" -e "s|@PORT@|$PORT|g" -e "s|@WORKERS@|$ZOLBEK_WORKERS|g" -e "s|@USER@|$1|g" "$2"
}

# kept COMMAND...: runs it, and again where it ends by itself
kept() {
    local child='' begun
    trap '[ -z "$child" ] || kill "$child" 2>/dev/null || true; [ -z "$child" ] || wait "$child" 2>/dev/null || true; exit 0' TERM INT HUP
    while :; do
        begun=$SECONDS
        "$@" >>"$DATA/logs/server.log" 2>&1 & child=$!
        wait "$child" || true
        # one that cannot even start is not tried for ever
        [ $((SECONDS - begun)) -ge 2 ] || { say "$(basename "$1") ended at once: see $DATA/logs/server.log."; sleep 5; }
    done
}

serve_lan() {
    local addresses=() each
    for each in "$@"; do
        [[ "$each" =~ ^[A-Za-z0-9.-]+$ ]] || fail "$each is no address: give an IPv4 address of this machine, and names by which it is called."
        addresses+=("$each")
    done
    [ ${#addresses[@]} -gt 0 ] || mapfile -t addresses < <(own_addresses)
    [ ${#addresses[@]} -gt 0 ] || fail "this machine has no address in a private network; name one: ./zolbek serve --lan 192.168.1.20"
    need_composer
    need_front_end
    need_server
    mkdir -p "$DATA/logs" && [ -w "$DATA" ] || fail "no write access to $DATA."
    export ZOLBEK_PORT="$PORT" ZOLBEK_DATABASE="$DATA/zolbek.sqlite" ZOLBEK_NETWORK=1 ZOLBEK_WORKERS="${ZOLBEK_WORKERS:-8}"
    ZOLBEK_HOSTS=$(IFS=,; echo "${addresses[*]}")
    ZOLBEK_ADDRESS="https://${addresses[0]}:$TLS_PORT"
    export ZOLBEK_HOSTS ZOLBEK_ADDRESS
    php artisan zolbek:prepare --network >/dev/null || fail "not started, see above."
    certificate "${addresses[@]}"
    for each in server workers; do
        # older than the last million signs is not kept
        if [ "$(stat -c %s "$DATA/logs/$each.log" 2>/dev/null || echo 0)" -gt 1000000 ]; then mv "$DATA/logs/$each.log" "$DATA/logs/$each.before.log"; fi
    done
    RUN=$(mktemp -d "${TMPDIR:-/tmp}/zolbek-serve-XXXXXX")
    NAMES="${addresses[*]}"
    local pool='' front_user='' doors='' fpm=''
    # both would become somebody else, who may not read the data
    [ "$(id -u)" != 0 ] || { pool='user = root\ngroup = root' front_user='user root;' fpm=-R; }
    for each in "${addresses[@]}"; do
        case "$each" in *[!0-9.]*) ;; *) doors="$doors$(door "$each")"$'\n' ;; esac
    done
    [ -n "$doors" ] || fail "none of ${addresses[*]} is an IPv4 address to listen on."
    written '' server/places.conf >"$RUN/places.conf"
    written "$front_user" server/nginx.conf | while IFS= read -r line; do [ "$line" = '@DOORS@' ] && printf '%s' "$doors" || printf '%s\n' "$line"; done >"$RUN/nginx.conf"
    written "$pool" server/php-fpm.conf >"$RUN/php-fpm.conf"
    find public/build/assets -name '*.js' -o -name '*.css' -o -name '*.svg' | while read -r each; do [ "$each.gz" -nt "$each" ] || gzip -9kf "$each"; done
    "$NGINX" -t -q -c "$RUN/nginx.conf" -e stderr 2>"$RUN/said" || { cat "$RUN/said" >&2; rm -rf "$RUN"; fail "nginx cannot be served on ${addresses[*]} and port $TLS_PORT, see above."; }

    kept "$FPM" $fpm -F -y "$RUN/php-fpm.conf" -d opcache.enable=1 -d opcache.memory_consumption=192 -d opcache.validate_timestamps=0 -d opcache.jit=function -d opcache.jit_buffer_size=64M \
        -d opcache.preload="$PWD/server/preload.php" -d opcache.preload_user="$(id -un)" -d output_buffering=0 -d post_max_size=256M -d memory_limit=512M -d expose_php=0 -d display_errors=0 &
    local workers=$!
    kept "$NGINX" -c "$RUN/nginx.conf" -e "$DATA/logs/server.log" &
    local front=$!
    keep_copies & local copies=$!
    echo "$$" >"$DATA/zolbek.pid"
    trap 'kill "$workers" "$front" "$copies" 2>/dev/null || true; wait "$workers" "$front" "$copies" 2>/dev/null || true; rm -rf "$RUN" "$DATA/zolbek.pid"' EXIT
    trap 'exit 130' INT
    trap 'exit 143' TERM HUP
    say "On this machine:  http://127.0.0.1:$PORT (nobody is asked who he is)"
    for each in "${addresses[@]}"; do say "In the network:   https://$each:$TLS_PORT"; done
    [ -n "${ZOLBEK_CERT:-}" ] || say "The certificate is made here: a browser warns once. Its fingerprint: $(openssl x509 -noout -fingerprint -sha256 -in "$CERT" | cut -d= -f2)"
    ! command -v qrencode >/dev/null || qrencode -t ANSIUTF8 "$ZOLBEK_ADDRESS" >&2
    say "End it with Ctrl+C."
    wait "$workers" "$front"
}
