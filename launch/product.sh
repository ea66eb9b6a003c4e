# Running, testing, measuring. Sourced by ./brachion.

# answers PORT INSTANCE: whether the server there is the one of that name, and healthy.
answers() {
    asked "$1" info "\"instance\":\"$2\"" && asked "$1" health '"status":"UP"'
}

# asked PORT WHAT WORDS: whether the server there says so about itself, within five seconds.
asked() {
    { exec 3<>"/dev/tcp/127.0.0.1/$1"; } 2>/dev/null || return 1
    printf 'GET /actuator/%s HTTP/1.0\r\nHost: localhost\r\n\r\n' "$2" >&3
    local answer
    answer=$(timeout 5 cat <&3 2>/dev/null || true)
    exec 3<&- 3>&-
    case $answer in *"$3"*) return 0 ;; *) return 1 ;; esac
}

# silent: whether the server has not answered four times, five seconds apart and more. Times are counted and not seconds, for a machine
# that was asleep has not waited.
silent() {
    [ $((SECONDS - asked_at)) -ge 5 ] || return 1
    if asked "$BRACHION_PORT" info "\"instance\":\"$BRACHION_INSTANCE\""; then
        unanswered=0
    else
        unanswered=$((unanswered + 1))
    fi
    asked_at=$SECONDS
    [ "$unanswered" -ge 4 ]
}

# end_silent INSTANCE_DIR: ends a server that does not answer; what each of its threads was at is kept.
end_silent() {
    local pid
    pid=$(cat "$1/server.pid")
    say "The server does not answer and is ended; what it was at stands in $1/server-before.log"
    # asks Java for its threads, which it writes to its log
    kill -QUIT "$pid" 2>/dev/null || true
    sleep 2
    kill -9 "$pid" 2>/dev/null || true
    while kill -0 "$pid" 2>/dev/null; do sleep 0.1; done
}

# run_product INSTANCE [ARGUMENT...]: database and server in the foreground until Ctrl-C.
run_product() {
    local dir=$home/$1
    shift
    mkdir -p "$dir"
    chmod 700 "$dir"
    if alive "$dir/launcher.pid" brachion && [ "$(cat "$dir/launcher.pid")" != "$$" ]; then
        say "Already running at $(cat "$dir/address" 2>/dev/null || echo 'an address not yet known')"
        return
    fi
    echo $$ >"$dir/launcher.pid"
    need_database
    build_product
    # what a shop keeps is nobody else's on this machine
    umask 077
    # a server whose launcher was killed still holds its port and connections
    end_process "$dir/server.pid" "$app_dir"
    trap 'stop_product "$dir"' EXIT
    trap 'exit 0' INT TERM HUP
    start_database "$dir"
    archive_classes
    start_server "$dir" "$@" || {
        tail -n 15 "$dir/server.log" >&2
        fail "the server did not start; see $dir/server.log"
    }
    say "" "Brachion is ready at $(cat "$dir/address")" "" "Ctrl-C stops it. Data: $dir"
    keep_running "$dir" "$@"
}

# keep_running INSTANCE_DIR [ARGUMENT...]: starts again what dies, unless it dies again and again.
keep_running() {
    local dir=$1 deaths=0 calm=0 asked_at=$SECONDS unanswered=0
    while sleep 0.5; do
        ! silent || end_silent "$dir"
        if alive "$dir/db.pid" "$dir/data" && alive "$dir/server.pid" "$app_dir"; then
            calm=$((calm + 1))
            # a minute without a death is a fresh start
            [ "$calm" -lt 120 ] || deaths=0
            continue
        fi
        calm=0
        deaths=$((deaths + 1))
        [ "$deaths" -le 30 ] || fail "database or server ended again and again; see $dir/db.log and $dir/server.log"
        alive "$dir/db.pid" "$dir/data" || revive_database "$dir" || continue
        if ! alive "$dir/server.pid" "$app_dir"; then
            say "The server ended and is started again; see $dir/server-before.log"
            mv "$dir/server.log" "$dir/server-before.log"
            start_server "$@" || continue
        fi
        unanswered=0
        say "Running again at $(cat "$dir/address")"
    done
}

start_server() {
    local dir=$1 waited=0
    shift
    BRACHION_PORT=${BRACHION_PORT:-$(free_port 8471)}
    # so that nobody else's server is taken for this one
    BRACHION_INSTANCE=$(head -c 12 /dev/urandom | od -An -tx1 | tr -d ' \n')
    BRACHION_BACKUPS=$dir/backups
    BRACHION_INSTRUMENTS=$dir/instruments
    export BRACHION_PORT BRACHION_INSTANCE BRACHION_BACKUPS BRACHION_INSTRUMENTS
    # what a server that was killed left half written
    rm -rf "$dir/server-tmp"
    mkdir -p "$dir/server-tmp"
    # one that has no memory left ends and is started again, rather than going on half dead
    (exec setsid env MALLOC_ARENA_MAX=2 java -XX:SharedArchiveFile="$(class_archive)" -Xshare:auto -Xlog:cds=off -Xlog:cds+dynamic=off \
        -Xmx512m -XX:MaxDirectMemorySize=64m -XX:+ExitOnOutOfMemoryError -XX:+UseSerialGC -Djava.io.tmpdir="$dir/server-tmp" -jar "$app_dir/brachion-server-app.jar" "$@" >"$dir/server.log" 2>&1 </dev/null) &
    echo $! >"$dir/server.pid"
    disown
    echo "http://localhost:$BRACHION_PORT" >"$dir/address"
    until answers "$BRACHION_PORT" "$BRACHION_INSTANCE"; do
        sleep 0.1
        waited=$((waited + 1))
        { kill -0 "$(cat "$dir/server.pid")" 2>/dev/null && [ "$waited" -lt 3000 ]; } || return 1
    done
    start_instruments "$dir"
}

# start_instruments INSTANCE_DIR: the stand-ins of the invented workshop's instruments, where there are some.
start_instruments() {
    end_process "$1/instruments.pid" "$devices_dir"
    [ -f "$1/instruments" ] || return 0
    (exec setsid java -Xmx64m -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -cp "$devices_dir/*" brachion.devices.Instruments \
        "$(cat "$1/address")" "$1/instruments" >"$1/instruments.log" 2>&1 </dev/null) &
    echo $! >"$1/instruments.pid"
    disown
}

stop_product() {
    end_process "$1/instruments.pid" "$devices_dir"
    end_process "$1/server.pid" "$app_dir"
    stop_database "$1"
    rm -f "$1/launcher.pid" "$1/address"
}

stop_everything() {
    local dir
    for dir in "$home"/*/; do
        [ -e "${dir}db.pid" ] || [ -e "${dir}server.pid" ] || continue
        say "Stopping ${dir%/}"
        # it would start again what it looks after
        end_process "${dir}launcher.pid" brachion
        stop_product "${dir%/}"
    done
}

# run_tests all|e2e
run_tests() {
    need_database
    need_headless_chromium
    need_systemd
    need_spreadsheet
    build_product
    start_test_database
    archive_classes
    local modules=e2e,core,schedule,devices,web,server passed=0
    [ "$1" = all ] || modules=e2e
    # the browser, which takes longest and waits more than it works, beside all others one after another; the list of components was
    # made by the build and would hold the others up
    maven -T 2 -pl "$modules" test -Dweb.install.skip=true -Dweb.build.skip=true -Dcomponents.phase=none || passed=$?
    report_tests
    return "$passed"
}

# start_test_database: made anew each time, so that what tests find does not hang on what earlier ones left; nothing in it need outlive
# a power cut.
start_test_database() {
    trap 'stop_database "$home/test"' EXIT
    trap 'exit 130' INT TERM
    stop_database "$home/test"
    rm -rf "$home/test" "$here"/*/target/surefire-reports "$here/e2e/target/failures"
    start_database "$home/test" --innodb-flush-log-at-trx-commit=0 --innodb-doublewrite=OFF
}

# report_tests: how many ran and in which module time went, and where to look at what failed.
report_tests() {
    local module seen
    say ""
    for module in core schedule devices web server e2e; do
        [ -d "$here/$module/target/surefire-reports" ] || continue
        sums "$here/$module/target/surefire-reports" | awk -v module="$module" '{ printf "%-8s %5d tests %7.0f s\n", module, $1 + $2 + $3, $4 }'
    done
    if [ -d "$here/e2e/target/failures" ]; then
        say "" "What was seen of each browser test that failed: $here/e2e/target/failures"
        for seen in "$here"/e2e/target/failures/*/failure.txt; do
            say "" "$seen" "$(cut -c1-400 "$seen" | head -n 40)"
        done
    fi
    sums "$here"/*/target/surefire-reports | awk '{ printf "\n%d passed, %d failed, %d skipped\n", $1, $2, $3 }'
}

# sums FOLDER...: tests that passed, failed and were skipped, and the seconds they took, by the reports there.
sums() {
    cat $(find "$@" -name '*.xml' 2>/dev/null) /dev/null | tr '>' '\n' | awk '
        function of(name) { return match($0, " " name "=\"[0-9.]*") ? substr($0, RSTART + length(name) + 3, RLENGTH - length(name) - 3) : 0 }
        /<testsuite / { bad = of("failures") + of("errors"); skipped += of("skipped"); failed += bad
            passed += of("tests") - bad - of("skipped"); seconds += of("time") }
        END { print passed + 0, failed + 0, skipped + 0, seconds + 0 }'
}

take_screenshots() {
    need_database
    need_headless_chromium
    build_product
    maven -q -pl e2e test -Dtest=Screenshots
}

run_benchmarks() {
    need_database
    need_chromium
    need_yardstick
    build_product
    maven -q -pl core,schedule,bench package -DskipTests -Dmaven.test.skip=true
    trap 'stop_database "$home/bench"' EXIT
    start_database "$home/bench"
    archive_classes
    BRACHION_ARCHIVE=$(class_archive) BRACHION_APP="$app_dir/brachion-server-app.jar" \
        java -Xmx512m -XX:+UseSerialGC -cp "$here/bench/target/classes:$here/bench/target/libraries/*" brachion.bench.Benchmarks "$here/docs/benchmarks.md"
}

build_drivers() {
    need_database
    build_product
    maven -q -pl core,schedule,bench package -DskipTests -Dmaven.test.skip=true
}

drive() { java -cp "$here/bench/target/classes:$here/bench/target/libraries/*" "$@"; }

# endure [SEED], or endure --files [COUNT [SEED]]
endure() {
    build_drivers
    rm -rf "$home/endure"
    if [[ ${1:-} == --files ]]; then
        drive brachion.endure.StrangeFiles "$here/brachion" "$home/endure" "$here/docs/files.md" "${@:2}"
        return
    fi
    drive brachion.endure.Endure "$here/brachion" "$home/endure" "$here/docs/endurance.md" "$@"
}

# put_under_load [MINUTES]
put_under_load() {
    build_drivers
    rm -rf "$home/load"
    drive brachion.load.Load "$here/brachion" "$home/load" "$here/docs/load.md" "$@"
}

measure_when_busy() {
    need_chromium
    build_drivers
    rm -rf "$home/busy"
    drive brachion.load.Busy "$here/brachion" "$home/busy" "$here/docs/busy.md"
}

# Which packages of the computation are changed, one table row each.
mutated="bending process method risk forecast"
# Where each change is run against fits of whole shops, so that no more than a dozen of each class are made.
sampled="risk forecast"

count_mutants() {
    need_java
    need_maven
    local package features results=$here/core/target/mutants
    rm -rf "$results"
    mkdir -p "$results"
    for package in ${BRACHION_MUTATED:-$mutated}; do
        features=""
        [[ " $sampled " == *" $package "* ]] && features="+CLASSLIMIT(limit[12])"
        maven -q -pl core -Pmutants test-compile org.pitest:pitest-maven:mutationCoverage \
            -DtargetClasses="brachion.core.$package.*" -DtargetTests="brachion.core.$package.*" -DreportsDirectory="$results/$package" -Dfeatures="$features" >"$results/$package.log" 2>&1 ||
            fail "the tests could not be run on changed code; see $results/$package.log"
    done
    mutants_table "$results" >"$here/docs/mutants.md"
    cat "$here/docs/mutants.md"
}

# One row for each package: changes made, noticed, and the share; then the classes of which least is noticed.
mutants_table() {
    echo "# How much the tests notice"
    echo
    echo "Made by \`./brachion mutants\` on $(date +%F): small changes to the computation (a condition turned round, a sign, a"
    echo "constant returned), each run against the tests of its own package. Aim: 85 % noticed in each package."
    echo "Of \`risk\` and \`forecast\` a dozen changes of each class are made at most, drawn evenly. Tests that go through thousands of"
    echo "shops, samples or recipes are left out, so that each share is the least that is noticed."
    echo
    echo "| package | changes | noticed | share |"
    echo "|---|---|---|---|"
    local package
    for package in ${BRACHION_MUTATED:-$mutated}; do
        awk -F, -v package="$package" '{ all++; noticed += $6 ~ /KILLED|TIMED_OUT|MEMORY_ERROR|RUN_ERROR/ }
            END { printf "| %s | %d | %d | %.0f %% |\n", package, all, noticed, 100 * noticed / all }' "$1/$package/mutations.csv"
    done
    echo
    echo "Least noticed, of classes with ten changes or more:"
    echo
    echo "| class | changes | noticed | share |"
    echo "|---|---|---|---|"
    cat "$1"/*/mutations.csv | awk -F, '{ sub(/\$.*/, "", $2); sub(/brachion\.core\./, "", $2); all[$2]++
            noticed[$2] += $6 ~ /KILLED|TIMED_OUT|MEMORY_ERROR|RUN_ERROR/ }
        END { for (c in all) if (all[c] >= 10) printf "%.4f| %s | %d | %d | %.0f %% |\n", noticed[c] / all[c], c, all[c],
            noticed[c], 100 * noticed[c] / all[c] }' | sort -n | head -15 | sed 's/^[0-9.]*//'
}

measure_truth() {
    need_java
    need_maven
    need_sampler
    maven -q -pl core test -Dtest='BesideJagsTest,FitNeverFailsTest' -Dbrachion.jags=true -Dbrachion.shops=10000
    maven -q -pl core,schedule,bench package -Dmaven.test.skip=true
    java -Xmx1g -cp "$here/bench/target/classes:$here/bench/target/libraries/*" brachion.truth.Truth "$here/docs"
}
