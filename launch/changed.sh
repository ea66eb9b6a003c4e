# Testing just what a change can touch, while working. Sourced by ./brachion.

# run_changed: the tests of every class that the changed ones reach by what they use, and of every file of the page that imports a
# changed one, beside what is committed. Browser tests only where they themselves changed: what they touch nobody can tell.
run_changed() {
    local files classes tests page
    files=$( (cd "$here" && git diff --name-only --diff-filter=d HEAD && git ls-files --others --exclude-standard) | sort -u)
    [ -n "$files" ] || { say "Nothing changed."; return; }
    page=$(sed -n 's|^web/\(src/.*\.tsx\{0,1\}\)$|\1|p' <<<"$files")
    if [ -n "$page" ]; then
        need_node
        # shellcheck disable=SC2086
        (cd "$here/web" && npx tsc --noEmit && npx eslint $page && npx vitest related --run --passWithNoTests $page)
    fi
    classes=$(sed -n 's|^[a-z0-9]*/src/[a-z]*/java/\(.*\)\.java$|\1|p' <<<"$files" | tr / .)
    if grep -q '^server/src/main/resources/' <<<"$files"; then
        classes+=$'\nbrachion.server.BrachionApplication'
    fi
    [ -n "$classes" ] || return 0
    need_java
    need_maven
    maven -q -pl core,schedule,devices,server test-compile -Dweb.install.skip=true -Dweb.build.skip=true -Dcomponents.phase=none -am
    tests=$(reached "$classes" | grep -E 'Test$' | sort -u)
    tests=$(sed 's/.*\.//' <<<"$tests" | paste -sd,)
    [ -n "$tests" ] || { say "No test uses what changed."; return; }
    say "Testing $tests"
    need_database
    need_systemd
    need_spreadsheet
    local modules=core,schedule,devices,server passed=0
    if grep -q '^e2e/' <<<"$files"; then
        need_headless_chromium
        build_product
        modules=e2e,$modules
    fi
    start_test_database
    maven -T 2 -pl "$modules" test -Dtest="$tests" -Dsurefire.failIfNoSpecifiedTests=false -Dweb.install.skip=true -Dweb.build.skip=true \
        -Dweb.test.skip=true -Dcomponents.phase=none || passed=$?
    report_tests
    return "$passed"
}

# reached CLASSES: these classes and whatever uses them, directly or by others in between.
reached() {
    local folders=() folder
    for folder in "$here"/{core,schedule,devices,server,e2e}/target/{classes,test-classes}; do
        [ ! -d "$folder" ] || folders+=("$folder")
    done
    { sed 's/^/changed /' <<<"$1"; jdeps -verbose:class -filter:none --ignore-missing-deps --multi-release base "${folders[@]}" 2>/dev/null; } | awk '
        $1 == "changed" { if (!seen[$2]++) queue[++last] = $2; next }
        $2 == "->" && $3 ~ /^brachion\./ { from = $1; to = $3; sub(/\$.*/, "", from); sub(/\$.*/, "", to)
            if (from != to && !known[from, to]++) users[to] = users[to] " " from }
        END { for (at = 1; at <= last; at++) { print queue[at]; n = split(users[queue[at]], all, " ")
            for (i = 1; i <= n; i++) if (!seen[all[i]]++) queue[++last] = all[i] } }'
}
