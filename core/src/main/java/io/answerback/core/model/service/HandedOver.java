package io.answerback.core.model.service;

import io.answerback.core.model.common.Require;
import java.time.Instant;
import java.util.regex.Pattern;

/// Something the client was given: a key, a code, a document. The digits of a code are never kept.
///
/// @param what what it was
/// @param to to whom
/// @param by who gave it, as initials
/// @param at when
public record HandedOver(String what, String to, String by, Instant at) {
    private static final Pattern DIGITS = Pattern.compile("\\d{4,}");

    /// @throws IllegalArgumentException when nothing, nobody or no time is named, or it looks as if the digits of a
    ///     code stood in it
    public HandedOver {
        what = Require.text(what, "what was handed over");
        to = Require.text(to, "who was given " + what);
        by = Require.text(by, "who handed over " + what);
        Require.given(at, "when " + what + " was handed over");
        if (DIGITS.matcher(what).find() || DIGITS.matcher(to).find()) {
            throw new IllegalArgumentException(
                    "four digits or more look like a code, and codes are kept nowhere; name it without its digits");
        }
    }
}
