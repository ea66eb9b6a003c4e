# What the machine must have. Sourced by ./brachion.

say() { printf '%s\n' "$@"; }

fail() {
    printf 'brachion: %s\n' "$*" >&2
    exit 1
}

# install_debian PACKAGE...: installs from Debian, after saying so.
install_debian() {
    local as_root=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null || fail "these Debian packages are missing and sudo is not here to install them: $*"
        as_root=(sudo)
    fi
    command -v apt-get >/dev/null || fail "these packages are missing and this is not a Debian machine: $*"
    say "Installing from Debian: $*"
    mkdir -p "$home"
    local log=$home/apt.log
    { "${as_root[@]}" apt-get update &&
        "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"; } \
        >"$log" 2>&1 </dev/null || fail "installing $* failed; see $log"
}

# The server alone is taken, without the package that would start a database of its own on this machine.
need_database() {
    if [ ! -x "$(mariadbd_path)" ] || ! command -v mariadb >/dev/null || ! command -v mariadb-install-db >/dev/null; then
        install_debian mariadb-server-core mariadb-client-core
    fi
}

need_java() {
    local version=0
    if command -v javac >/dev/null; then
        version=$(javac -version 2>&1 | sed -E 's/[^0-9]*([0-9]+).*/\1/')
    fi
    [ "$version" -ge 17 ] || install_debian openjdk-17-jdk-headless
}

need_maven() {
    command -v mvn >/dev/null || install_debian maven
}

node_is_current() {
    command -v node >/dev/null && command -v npm >/dev/null &&
        node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)'
}

# Debian's own Node is too old to build the page; a current one comes as a package of the npm registry.
need_node() {
    local own=$here/.brachion/node/node_modules/node/bin
    [ -x "$own/node" ] && PATH=$own:$PATH
    node_is_current && return
    command -v npm >/dev/null || install_debian nodejs npm
    say "Fetching Node 20 from the npm registry"
    mkdir -p "$here/.brachion/node"
    npm install --prefix "$here/.brachion/node" --no-audit --no-fund node@20 >"$here/.brachion/node/npm.log" 2>&1 ||
        fail "Node 20.19 or newer is needed and could not be fetched; see $here/.brachion/node/npm.log"
    PATH=$own:$PATH
    node_is_current || fail "Node 20.19 or newer is needed; found $(node --version 2>/dev/null || echo none)"
}

need_chromium() {
    [ -x /usr/bin/chromium ] || install_debian chromium
}

# Chromium without a window, and without what draws one: what the tests and pictures need of it.
need_headless_chromium() {
    [ -x /usr/bin/chromium-headless-shell ] || install_debian chromium-headless-shell
}

# The check of the units in deploy/.
need_systemd() {
    command -v systemd-analyze >/dev/null || install_debian systemd
}

# The check that workbooks are those of others, too.
need_spreadsheet() {
    command -v soffice >/dev/null || install_debian libreoffice-calc-nogui
}

# R fits the same records in the benchmarks, as a yardstick.
need_yardstick() {
    command -v Rscript >/dev/null || install_debian r-base-core r-cran-mass
}

# JAGS draws from the same posterior, as a yardstick of the fit.
need_sampler() {
    command -v jags >/dev/null || install_debian jags
}

# free_port FIRST: the first port from there on that nothing on this machine listens on.
free_port() {
    local port=$1
    while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do
        port=$((port + 1))
    done
    echo "$port"
}

# alive PIDFILE WORD: whether the process of that file still runs and has WORD in its command line.
alive() {
    local pid
    pid=$(cat "$1" 2>/dev/null) && [ -n "$pid" ] && [ -r "/proc/$pid/cmdline" ] &&
        tr '\0' ' ' <"/proc/$pid/cmdline" | grep -qF -- "$2"
}

# end_process PIDFILE WORD: asks that process to end and waits for it.
end_process() {
    alive "$1" "$2" || { rm -f "$1"; return 0; }
    local pid waited=0
    pid=$(cat "$1")
    kill "$pid" 2>/dev/null || true
    while kill -0 "$pid" 2>/dev/null && [ "$waited" -lt 200 ]; do
        sleep 0.1
        waited=$((waited + 1))
    done
    kill -9 "$pid" 2>/dev/null || true
    rm -f "$1"
}
