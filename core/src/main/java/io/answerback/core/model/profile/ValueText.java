package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;

/// Reads the value of a decision from text, as [SettingValue#text()] writes it.
///
/// @param decision about what
record ValueText(Decision decision) {
    /// @throws IllegalArgumentException when the text is no value of the decision
    SettingValue read(String plain) {
        return switch (decision.kind()) {
            case AMOUNT -> new SettingValue.Amount(amount(plain));
            case SWITCH -> new SettingValue.Switch(yes(plain));
            case CHOICE -> new SettingValue.Chosen(chosen(plain));
            case NUMBERS -> new SettingValue.Numbers(numbers(plain));
            case WORDS -> new SettingValue.Named(words(plain));
            case SECRET ->
                throw new IllegalArgumentException(
                        Text.of("%s has digits that are never kept; only that it was changed is", words()));
        };
    }

    private String words(String plain) {
        return switch (decision) {
            case AREA_SETS_AT -> requireTimes(plain, DayTimes.TIME, "a time of day such as 22:00");
            case USER_HOURS -> requireTimes(plain, DayTimes.SPAN, "two times of day such as 06:00-20:00");
            default -> plain;
        };
    }

    private String requireTimes(String plain, String pattern, String wanted) {
        if (!plain.isEmpty() && !plain.matches(pattern)) {
            throw new IllegalArgumentException(Text.of("%s is \"%s\"; type %s, or nothing", words(), plain, wanted));
        }
        return plain;
    }

    private double amount(String plain) {
        try {
            return Require.within(Double.parseDouble(plain.replace(',', '.')), 0, 100_000, words());
        } catch (NumberFormatException wordy) {
            throw new IllegalArgumentException(
                    Text.of("%s is \"%s\"; type a figure in %s", words(), plain, decision.unit()));
        }
    }

    private boolean yes(String plain) {
        return switch (plain.toLowerCase(Locale.ROOT)) {
            case "yes" -> true;
            case "no" -> false;
            default -> throw new IllegalArgumentException(Text.of("%s is \"%s\"; it is yes or no", words(), plain));
        };
    }

    private String chosen(String plain) {
        return Optional.of(plain)
                .filter(decision.choices()::contains)
                .orElseThrow(() -> new IllegalArgumentException(
                        Text.of("%s is \"%s\"; it is one of %s", words(), plain, decision.choices())));
    }

    private TreeSet<Integer> numbers(String plain) {
        try {
            return Arrays.stream(plain.split("[ ,]+"))
                    .filter(number -> !number.isEmpty())
                    .map(Integer::valueOf)
                    .collect(Collectors.toCollection(TreeSet::new));
        } catch (NumberFormatException wordy) {
            throw new IllegalArgumentException(
                    Text.of("%s is \"%s\"; type numbers with commas between", words(), plain));
        }
    }

    private String words() {
        return decision.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
