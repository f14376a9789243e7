package io.answerback.core.engine.wording;

import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The words of one option for making an area watch and stand down.
///
/// @param option [PracticeOption#SET_UNSET] or [PracticeOption#ARM_DISARM]
public record Terms(PracticeOption option) {
    private static final Pattern PLACE = Pattern.compile("\\{(\\w+)}");

    /// The words of the option a job is done in.
    public static Terms of(Practice practice) {
        return new Terms(practice.option(PracticeQuestion.WORDING));
    }

    /// The state of an area that watches: "set" or "armed".
    public String set() {
        return word("set");
    }

    /// The state of an area that stands down: "unset" or "disarmed".
    public String unset() {
        return word("unset");
    }

    /// What one does to make an area watch: "set" or "arm".
    public String toSet() {
        return word("toSet");
    }

    /// What one does to make an area stand down: "unset" or "disarm".
    public String toUnset() {
        return word("toUnset");
    }

    /// Making an area watch, as a noun: "setting" or "arming".
    public String setting() {
        return word("setting");
    }

    /// Both orders, as the header names the option.
    public String both() {
        return toSet() + " / " + toUnset();
    }

    /// A text with this option's words in its places, such as "{toSet} or {toUnset} by user".
    ///
    /// @throws java.util.MissingResourceException when a place names no word
    public String in(String text) {
        return PLACE.matcher(text).replaceAll(place -> Matcher.quoteReplacement(word(place.group(1))));
    }

    private String word(String key) {
        return Wordbook.of(option.name() + "." + key);
    }
}
