# shellcheck shell=bash
# What a bare machine lacks: Debian packages, Composer's and npm's.

PACKAGES=(
    mariadb-server mariadb-client chromium chromium-driver unzip procps
    php8.2-mysql php8.2-curl php8.2-zip php8.2-apcu php8.2-igbinary php8.2-xml php8.2-mbstring php8.2-intl
)

as_root() {
    if [ "$(id -u)" -eq 0 ]; then "$@"; else sudo -n "$@"; fi
}

install_packages() {
    local missing=() package
    for package in "${PACKAGES[@]}" "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q '^install ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return
    say "Installing Debian packages: ${missing[*]}"
    quietly apt-update "The lists of Debian packages can't be fetched; is there a network?" as_root apt-get update -qq
    quietly apt-install "Debian packages can't be installed." \
        as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}"
    # Debian may start a server of its own; ours is the one in the data folder.
    [ -d /run/systemd/system ] || as_root service mariadb stop >/dev/null 2>&1 || true
}

# Runs $3... when the fingerprint $2 is not the one of the last time.
once_for() {
    local stamp="$DATA/$1.stamp" print="$2"
    shift 2
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$print" ] && return
    "$@"
    printf '%s' "$print" >"$stamp"
}

composer_update() {
    say "Installing PHP packages (Composer)"
    quietly composer "PHP packages can't be installed; is there a network?" \
        composer update --no-interaction --no-progress --no-scripts --optimize-autoloader
}

npm_ci() {
    say "Installing JavaScript packages (npm)"
    quietly npm "JavaScript packages can't be installed; is there a network?" npm ci --no-fund --no-audit
}

ensure_core() {
    [ -f vendor/autoload.php ] || { install_packages; composer_update >&2; }
}

install_all() {
    install_packages
    [ -f vendor/autoload.php ] || rm -f "$DATA/composer.stamp"
    [ -d node_modules ] || rm -f "$DATA/npm.stamp"
    once_for composer "$(sha256sum composer.json)" composer_update
    once_for npm "$(sha256sum package-lock.json)" npm_ci
    # The autoloader's map is optimized, so that a new class needs a new map.
    once_for classes "$(find app core/src core/tests tests database -name '*.php' | sort | sha256sum)" \
        composer dump-autoload --quiet --optimize --no-scripts
    php artisan package:discover --quiet
}

build_pages() {
    [ -f public/build/manifest.json ] || rm -f "$DATA/build.stamp"
    once_for build "$(page_files | sort -z | xargs -0 sha256sum | sha256sum)" run_build
}

page_files() {
    find resources app/Http/Pages package-lock.json vite.config.ts -not -path '*/words/*-X?/*' \
        -type f \( -name '*.ts*' -o -name '*.mjs' -o -name '*.css' -o -name '*.json' \) -print0
}

run_build() {
    say "Building the pages (Vite)"
    quietly vite "The pages can't be built." npm run build
}

prepare_environment() {
    if [ ! -f .env ]; then
        say "Writing .env"
        cp .env.example .env
        php artisan key:generate --quiet --force
    fi
    export DB_PORT APP_URL="http://127.0.0.1:$WEB_PORT"
}
