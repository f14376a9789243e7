package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import java.util.List;

/// How a panel wants a setting typed.
///
/// @param kind the way
/// @param unit of a count: "ms", "s", "min", "h", "days" or "times"; of a list or places nothing
/// @param step of a count: how much one of it is, in its unit
/// @param least the smallest count, or the fewest letters
/// @param most the greatest count, the highest number of a list, the number of places, or the most letters
///     or digits
/// @param digits of a count: how many digits are typed, with zeros before; 0 for as many as there are
/// @param options of an option: each entry with what it means
/// @param separator of a list: what stands between two numbers; of places: the mark and the blank, such as "Y-"
public record EntryForm(
        Kind kind, String unit, double step, int least, int most, int digits, List<Option> options, String separator) {
    /// The ways there are.
    public enum Kind {
        /// A number of steps, such as "5" where it counts in twos of minutes.
        COUNT,
        /// One of some entries, each with its own meaning.
        OPTION,
        /// Numbers one after another, such as "1 3".
        LIST,
        /// One character for each number, a mark for those that are meant, such as "Y-Y-".
        PLACES,
        /// Letters.
        WORDS,
        /// Digits that nobody writes down.
        SECRET
    }

    /// An entry and what it means.
    ///
    /// @param entry what is typed
    /// @param means the meaning, as [SettingValue#text()] writes it
    public record Option(String entry, String means) {
        /// @throws IllegalArgumentException when one of them is missing
        public Option {
            Require.given(entry, "entry of an option");
            Require.given(means, "what the entry \"" + entry + "\" means");
        }
    }

    /// @throws IllegalArgumentException when its kind is missing or a figure out of bounds
    public EntryForm {
        Require.given(kind, "way an entry is typed");
        Require.within(step, 0, 1_000_000, "step of a count that is typed");
        Require.within(least, 0, 1_000_000_000, "least that can be typed");
        Require.within(most, 0, 1_000_000_000, "most that can be typed");
        Require.within(digits, 0, 12, "digits that are typed");
        unit = unit == null ? "" : unit.strip();
        options = List.copyOf(options == null ? List.of() : options);
        separator = separator == null ? "" : separator;
    }

    /// A count of steps.
    public static EntryForm count(String unit, double step, int least, int most, int digits) {
        return new EntryForm(Kind.COUNT, unit, step, least, most, digits, List.of(), "");
    }

    /// One of some entries.
    public static EntryForm options(List<Option> options) {
        return new EntryForm(Kind.OPTION, "", 0, 0, 0, 0, options, "");
    }

    /// One character for each of so many numbers.
    ///
    /// @param signs the mark and the blank, such as "Y-"
    public static EntryForm places(String signs, int most) {
        return new EntryForm(Kind.PLACES, "", 0, 0, most, 0, List.of(), signs);
    }

    /// Digits that nobody writes down.
    public static EntryForm secret(int digits) {
        return new EntryForm(Kind.SECRET, "", 0, digits, digits, digits, List.of(), "");
    }
}
