# Builds the application when needed and starts it. Read by ./answerback and the benchmarks; needs $here and JAVA_HOME.

app="$here/command/target/app"
stamp="$app/built"
cache="$app/answerback.aot"

needs_build() {
    [ ! -f "$stamp" ] || [ -n "$(find "$here/pom.xml" "$here"/*/pom.xml "$here"/*/src/main -newer "$stamp" -print 2>/dev/null | head -n 1)" ]
}

# The first build fetches everything a later build, test or format check needs, so that those work with no network.
build() {
    if [ ! -w "$here" ] || [ ! -w "$here/build" ]; then
        echo "Answerback is not built yet and cannot be built in $here: it cannot be written. Copy it to a folder of your own." >&2
        exit 2
    fi
    alone
    if ! needs_build; then
        alone_no_more
        return
    fi
    find_maven
    echo "Building Answerback; the first time takes a few minutes." >&2
    log="$here/build/.log"
    if [ -z "$(changed_since_fetch)" ]; then
        goal="-o package -Dspotless.check.skip=true"
    else
        goal="verify"
    fi
    # shellcheck disable=SC2086
    if ! (cd "$here" && mvn -B -q -DskipTests $goal >"$log" 2>&1) \
        && ! (cd "$here" && mvn -B -q -DskipTests package -Dspotless.check.skip=true >"$log" 2>&1); then
        sed -n '/ERROR/p' "$log" | head -n 20 >&2
        echo "The build failed; the whole log is in $log." >&2
        alone_no_more
        exit 2
    fi
    : >"$here/build/.fetched"
    train
    : >"$stamp"
    alone_no_more
}

# Waits while another build is under way here. One that was ended leaves its place behind; it is taken over.
alone() {
    place="$here/build/.building"
    said=
    while ! mkdir "$place" 2>/dev/null; do
        other=$(cat "$place/pid" 2>/dev/null || true)
        nameless=$((${nameless:-0} + 1))
        [ -z "$other" ] || nameless=0
        if [ "$nameless" -gt 10 ] || { [ -n "$other" ] && ! kill -0 "$other" 2>/dev/null; }; then
            rm -rf "$place"
            continue
        fi
        [ -n "$said" ] || echo "Another build is under way here; waiting for it." >&2
        said=yes
        sleep 1
    done
    echo "$$" >"$place/pid"
    trap 'rm -rf "$place"' EXIT
    trap 'exit 130' INT TERM
}

alone_no_more() {
    rm -rf "$place"
    trap - EXIT INT TERM
}

# Trains a cache of loaded and linked classes by opening every view once, offscreen. Done without when it fails.
train() {
    rm -f "$cache"
    scratch=$(mktemp -d)
    ANSWERBACK_HOME="$scratch" java_with "-XX:AOTCacheOutput=$cache" \
        "-Dglass.platform=Headless -Dprism.order=sw -Danswerback.rehearse=true" \
        "$(class_path)" io.answerback.command.Answerback demo >/dev/null 2>&1 || rm -f "$cache"
    rm -rf "$scratch"
}

class_path() {
    printf '%s' "$app/lib/answerback-command-0.1.0.jar"
    for jar in "$app"/lib/*.jar; do
        case $jar in */answerback-command-*) ;; *) printf ':%s' "$jar" ;; esac
    done
}

# java_with CACHE_OPTION OTHER_OPTIONS CLASS_PATH MAIN_CLASS ARGUMENT...
# The other options hold no blanks of their own; the rest may. With native accessors, a record that is read from a file is made
# without code that Java would first have to build for its constructor.
java_with() {
    cache_option=$1
    options=$2
    path=$3
    shift 3
    # shellcheck disable=SC2086
    ${replace:-} "$JAVA_HOME/bin/java" "$cache_option" $options --module-path "$app/javafx" --add-modules javafx.controls \
        --enable-native-access=javafx.graphics,ALL-UNNAMED -Xlog:disable -XX:+UseSerialGC -Djdk.reflect.useNativeAccessorOnly=true -cp "$path" "$@"
}

start() {
    # A window is up sooner with the quick compiler alone; long sums still take milliseconds.
    case ${1:-} in
        start | demo | open | shots) quick=-XX:TieredStopAtLevel=1 ;;
        *) quick= ;;
    esac
    cached=-Xshare:auto
    [ ! -f "$cache" ] || cached="-XX:AOTCache=$cache"
    replace=exec
    java_with "$cached" "$quick" "$(class_path)" io.answerback.command.Answerback "$@"
}
