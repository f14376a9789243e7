package io.answerback.core.model.profile;

import java.util.Collections;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/// What a setting means, apart from how a panel wants it typed.
public sealed interface SettingValue {
    /// The value as text that [Decision#read(String)] reads back.
    String text();

    /// A figure in the unit of its decision.
    ///
    /// @param value the figure
    record Amount(double value) implements SettingValue {
        @Override
        public String text() {
            return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
        }
    }

    /// Yes or no.
    ///
    /// @param on whether it is on
    record Switch(boolean on) implements SettingValue {
        @Override
        public String text() {
            return on ? "yes" : "no";
        }
    }

    /// One of several names.
    ///
    /// @param name which, such as "ENTRY_EXIT"
    record Chosen(String name) implements SettingValue {
        @Override
        public String text() {
            return name;
        }
    }

    /// Some numbers, such as those of areas.
    ///
    /// @param numbers the numbers, lowest first
    record Numbers(SortedSet<Integer> numbers) implements SettingValue {
        public Numbers {
            numbers = Collections.unmodifiableSortedSet(new TreeSet<>(numbers));
        }

        @Override
        public String text() {
            return numbers.stream().map(String::valueOf).collect(Collectors.joining(","));
        }
    }

    /// Words.
    ///
    /// @param words the words
    record Named(String words) implements SettingValue {
        @Override
        public String text() {
            return words;
        }
    }
}
