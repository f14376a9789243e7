package io.answerback.desktop.find;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;

/// The words somebody looks for. Every one of them must be met; how well they are met orders what is found.
///
/// @param words in small letters; none when nothing is typed yet
public record Wanted(List<String> words) {
    private static final int WHOLE_WORD_FIRST = 0;
    private static final int TITLE_BEGINS = 1;
    private static final int WORD_BEGINS = 2;
    private static final int IN_TITLE = 3;
    private static final int WORD_OF_ABOUT_BEGINS = 4;
    private static final int CALLED_SO_TOO = 4;
    private static final int IN_ABOUT = 5;
    private static final int LETTERS_IN_ORDER = 6;
    private static final int LEAST_LETTERS = 3;

    public Wanted {
        words = List.copyOf(words);
    }

    /// What is typed, word by word.
    public static Wanted of(String typed) {
        String small = typed.strip().toLowerCase(Locale.ROOT);
        return new Wanted(small.isEmpty() ? List.of() : Arrays.asList(small.split("\\s+")));
    }

    /// How far a thing is from what is wanted; 0 is nearest, and empty where a word is not met.
    ///
    /// @param title what it is called
    /// @param about what it is, and where
    /// @param other what else it is called
    public OptionalInt distance(String title, String about, String other) {
        String also = other.toLowerCase(Locale.ROOT);
        String called = title.toLowerCase(Locale.ROOT);
        String is = about.toLowerCase(Locale.ROOT);
        int sum = 0;
        for (String word : words) {
            OptionalInt one = distance(word, called, is, also);
            if (one.isEmpty()) {
                return OptionalInt.empty();
            }
            sum += one.getAsInt();
        }
        return OptionalInt.of(sum);
    }

    private static OptionalInt distance(String word, String title, String about, String also) {
        if (title.startsWith(word)) {
            boolean whole = title.length() == word.length() || !Character.isLetterOrDigit(title.charAt(word.length()));
            return OptionalInt.of(whole ? WHOLE_WORD_FIRST : TITLE_BEGINS);
        }
        if (begins(word, title)) {
            return OptionalInt.of(WORD_BEGINS);
        }
        if (title.contains(word)) {
            return OptionalInt.of(IN_TITLE);
        }
        if (begins(word, about)) {
            return OptionalInt.of(WORD_OF_ABOUT_BEGINS);
        }
        if (begins(word, also)) {
            return OptionalInt.of(CALLED_SO_TOO);
        }
        if (about.contains(word)) {
            return OptionalInt.of(IN_ABOUT);
        }
        return word.length() >= LEAST_LETTERS
                        && Arrays.stream(title.split("[^\\p{L}\\p{N}]+")).anyMatch(its -> inOrder(word, its))
                ? OptionalInt.of(LETTERS_IN_ORDER)
                : OptionalInt.empty();
    }

    private static boolean begins(String word, String text) {
        for (int at = text.indexOf(word); at >= 0; at = text.indexOf(word, at + 1)) {
            if (at == 0 || !Character.isLetterOrDigit(text.charAt(at - 1))) {
                return true;
            }
        }
        return false;
    }

    /// Whether a word begins with the first letter and has the others in their order, as "kpd" in "keypad".
    private static boolean inOrder(String letters, String text) {
        if (text.isEmpty() || text.charAt(0) != letters.charAt(0)) {
            return false;
        }
        int at = 0;
        for (int i = 0; i < text.length() && at < letters.length(); i++) {
            if (text.charAt(i) == letters.charAt(at)) {
                at++;
            }
        }
        return at == letters.length();
    }
}
