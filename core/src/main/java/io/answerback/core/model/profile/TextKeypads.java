package io.answerback.core.model.profile;

import java.util.List;

/// Which keypads of a panel show text, and what can be set at those only.
///
/// @param kinds the kinds of keypad that show text, by id
/// @param settings what cannot be set, or only blindly, at a keypad with a fixed legend
public record TextKeypads(List<String> kinds, List<String> settings) {
    /// A profile that does not say.
    public static final TextKeypads UNKNOWN = new TextKeypads(List.of(), List.of());

    public TextKeypads {
        kinds = List.copyOf(kinds == null ? List.of() : kinds);
        settings = List.copyOf(settings == null ? List.of() : settings);
    }
}
