# Finds Java 25 or newer and Maven. Read by ./answerback and ./check; sets JAVA_HOME.

# Names of files and what is printed are UTF-8 whatever the surroundings say: Java takes both from them.
case ${LC_ALL:-${LC_CTYPE:-${LANG:-}}} in
    *UTF-8 | *utf8 | *UTF8 | *utf-8) ;;
    *)
        if [ "$(uname -s)" = Linux ]; then
            LC_ALL=C.UTF-8
            export LC_ALL
        fi
        ;;
esac

java_major() {
    "$1/bin/java" -XshowSettings:properties -version 2>&1 | sed -n 's/^ *java\.specification\.version = //p'
}

is_java_25() {
    [ -x "$1/bin/javac" ] && [ "$(java_major "$1")" -ge 25 ] 2>/dev/null
}

find_java() {
    if [ -f "$here/build/.java" ] && [ -x "$(cat "$here/build/.java")/bin/javac" ]; then
        JAVA_HOME=$(cat "$here/build/.java")
        export JAVA_HOME
        return
    fi
    on_path=$(command -v javac 2>/dev/null || true)
    [ -z "$on_path" ] || on_path=$(dirname -- "$(dirname -- "$(readlink -f "$on_path" 2>/dev/null || echo "$on_path")")")
    for home in "${JAVA_HOME:-}" "$on_path" /usr/lib/jvm/* /usr/java/* /opt/java/* /opt/jdk* \
        "${HOME:-/nowhere}"/.sdkman/candidates/java/* "${HOME:-/nowhere}"/.jdks/* /Library/Java/JavaVirtualMachines/*/Contents/Home; do
        if [ -n "$home" ] && is_java_25 "$home"; then
            JAVA_HOME=$home
            export JAVA_HOME
            printf '%s\n' "$home" >"$here/build/.java" 2>/dev/null || true
            return
        fi
    done
    echo "Answerback needs Java 25: install a JDK 25, or set JAVA_HOME to one." >&2
    exit 2
}

find_maven() {
    if ! command -v mvn >/dev/null 2>&1; then
        echo "Building Answerback needs Maven 3.8 or newer: install Maven so that 'mvn' is on the path." >&2
        exit 2
    fi
}

# Says which build files are newer than what was fetched; nothing when everything a build needs is here.
changed_since_fetch() {
    if [ -f "$here/build/.fetched" ]; then
        find "$here/pom.xml" "$here"/*/pom.xml -newer "$here/build/.fetched" -print
    else
        echo everything
    fi
}
