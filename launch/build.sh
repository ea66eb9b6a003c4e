# Building, when sources are newer than the build. Sourced by ./brachion.

app_dir=$build_dir/app
devices_dir=$build_dir/devices

sources() {
    find "$here/pom.xml" "$here"/{core,schedule,devices,server,web}/pom.xml "$here"/{core,schedule,devices,server}/src/main "$here"/web/{src,public} \
        "$here"/web/{index.html,package.json,components.mjs,package-lock.json,vite.config.ts,tsconfig.json} -type f ! -name '*.test.*' "$@"
}

web_install_needed() {
    [ "$here/web/package-lock.json" -nt "$here/web/node_modules/.package-lock.json" ]
}

# Maven lives for a minute or two: what compiles it well takes longer than it saves.
maven() {
    (cd "$here" && MAVEN_OPTS="-XX:TieredStopAtLevel=1 -XX:+UseSerialGC ${MAVEN_OPTS:-}" mvn -B -ntp "$@")
}

build_product() {
    need_java
    need_maven
    need_node
    if [ -f "$build_dir/stamp" ] && [ -z "$(sources -newer "$build_dir/stamp" -print -quit)" ]; then
        return
    fi
    mkdir -p "$build_dir"
    say "Building (a few minutes the first time)"
    touch "$build_dir/started"
    maven -q -pl server,devices -am package -Dmaven.test.skip=true -Dweb.test.skip=true -Dweb.install.skip="$(web_install_needed && echo false || echo true)" \
        >"$build_dir/build.log" 2>&1 || {
        tail -n 25 "$build_dir/build.log" >&2
        fail "the build failed; see $build_dir/build.log"
    }
    rm -rf "$app_dir"
    java -Djarmode=tools -jar "$here/server/target/brachion-server-app.jar" extract --destination "$app_dir" \
        >>"$build_dir/build.log" 2>&1 || fail "unpacking the build failed; see $build_dir/build.log"
    rm -rf "$devices_dir"
    mkdir -p "$devices_dir"
    cp "$here"/devices/target/brachion-devices.jar "$here"/devices/target/libraries/*.jar "$devices_dir"
    mv "$build_dir/started" "$build_dir/stamp"
}

class_archive() {
    echo "$app_dir/classes-$(java -version 2>&1 | cksum | cut -d' ' -f1).jsa"
}

# Starts the server once up to the point where it would listen, and keeps the loaded classes for quicker starts.
# Needs a running database.
archive_classes() {
    local archive
    archive=$(class_archive)
    [ ! -e "$archive" ] || return 0
    say "Preparing quick starts (once for each build)"
    java -XX:ArchiveClassesAtExit="$archive" -Dspring.context.exit=onRefresh -XX:TieredStopAtLevel=1 \
        -jar "$app_dir/brachion-server-app.jar" >"$build_dir/archive.log" 2>&1 || rm -f "$archive"
}
