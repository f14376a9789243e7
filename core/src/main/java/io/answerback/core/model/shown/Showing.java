package io.answerback.core.model.shown;

import io.answerback.core.model.common.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// That a line of the acceptance plan was shown, and everything that was true upstream when it was.
///
/// @param lineId the line, by its id in the plan
/// @param way how it was shown
/// @param by who showed it
/// @param at when
/// @param what what was seen, heard or read back
/// @param basis what was true upstream, by name
/// @param measured what was measured
@RecordBuilder
public record Showing(
        String lineId, Way way, String by, Instant at, String what, Map<String, String> basis, List<Measured> measured)
        implements ShowingBuilder.With {
    /// A way to show a line. One of the model never passes for a live one.
    public enum Way {
        /// The practice panel did it, and real frames crossed a real socket.
        MODEL("in the model"),
        /// The real communicator sent it to the practice station.
        LIVE("live"),
        /// Somebody looked, listened, measured, or had the operator read it back.
        HAND("by hand");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        /// The way, in plain words.
        public String words() {
            return words;
        }
    }

    /// @throws IllegalArgumentException when it is of no line, or nobody or no time is named
    public Showing {
        lineId = Require.text(lineId, "line that was shown");
        Require.given(way, "how line " + lineId + " was shown");
        by = Require.text(by, "who showed line " + lineId);
        Require.given(at, "when line " + lineId + " was shown");
        what = what == null ? "" : what.strip();
        basis = Collections.unmodifiableMap(new TreeMap<>(basis == null ? Map.of() : basis));
        measured = List.copyOf(measured == null ? List.of() : measured);
    }

    /// Nothing was measured.
    public Showing(String lineId, Way way, String by, Instant at, String what, Map<String, String> basis) {
        this(lineId, way, by, at, what, basis, List.of());
    }
}
