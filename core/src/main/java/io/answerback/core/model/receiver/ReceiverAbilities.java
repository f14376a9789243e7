package io.answerback.core.model.receiver;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/// What a receiver can do. Receivers differ: the figures are those of its manual.
///
/// @param model what this kind of receiver is called
/// @param formats the formats it takes
/// @param handshakeHertz the tone with which it asks for pulses: 1400 or 2300
/// @param acknowledgeHertz the tone with which it acknowledges pulses: 1400, 1800 or 2300
/// @param joins which extended pulse reports it prints as one line
/// @param words what it prints for each event digit, such as 3 for "ALARM"; a digit without a word is printed
///     bare
/// @param keyBits lengths of key it takes: 128, 192, 256; none when it takes no encrypted frames
/// @param source where the figures are from
public record ReceiverAbilities(
        String model,
        List<ReportFormat> formats,
        int handshakeHertz,
        int acknowledgeHertz,
        Joins joins,
        Map<String, String> words,
        List<Integer> keyBits,
        String source) {
    /// The tones with which receivers ask for pulses, in hertz.
    public static final List<Integer> HANDSHAKES = List.of(1400, 2300);

    /// The tones with which receivers acknowledge pulses, in hertz.
    public static final List<Integer> ACKNOWLEDGEMENTS = List.of(1400, 1800, 2300);

    private static final Set<Integer> KEYS = Set.of(128, 192, 256);

    /// @throws IllegalArgumentException when a name is blank, it takes no format, a tone is not one of
    ///     those that receivers have, a digit is none, or a length of key is not 128, 192 or 256
    public ReceiverAbilities {
        model = Require.text(model, "model of the receiver");
        formats = List.copyOf(Require.given(formats, "formats of receiver " + model));
        if (formats.isEmpty()) {
            throw new IllegalArgumentException("receiver " + model + " takes no format; give it one");
        }
        tone(handshakeHertz, HANDSHAKES, "handshake of receiver " + model);
        tone(acknowledgeHertz, ACKNOWLEDGEMENTS, "acknowledge tone of receiver " + model);
        Require.given(joins, "how receiver " + model + " joins rounds");
        words = digits(Require.given(words, "words of receiver " + model));
        keyBits = List.copyOf(Require.given(keyBits, "lengths of key of receiver " + model));
        if (!KEYS.containsAll(keyBits)) {
            throw new IllegalArgumentException(
                    Text.of("receiver %s takes keys of %s bits; there are 128, 192 and 256", model, keyBits));
        }
        source = source == null ? "" : source.strip();
    }

    private static void tone(int hertz, List<Integer> known, String what) {
        if (!known.contains(hertz)) {
            throw new IllegalArgumentException(Text.of(
                    "%s is %d Hz; it must be %s",
                    what, hertz, Text.either(known.stream().map(String::valueOf).toList())));
        }
    }

    private static Map<String, String> digits(Map<String, String> given) {
        given.keySet().forEach(digit -> {
            if (!digit.matches("[0-9B-F]")) {
                throw new IllegalArgumentException("event digit is \"" + digit + "\"; it must be one of 0-9 and B-F");
            }
        });
        return Collections.unmodifiableMap(new TreeMap<>(given));
    }

    /// What it prints for an event digit; empty when it has no word for it.
    public Optional<String> word(char digit) {
        return Optional.ofNullable(words.get(String.valueOf(digit)));
    }

    /// The same with other tones for pulses.
    ///
    /// @throws IllegalArgumentException when a tone is not one of those that receivers have
    public ReceiverAbilities withTones(int handshake, int acknowledge) {
        return new ReceiverAbilities(model, formats, handshake, acknowledge, joins, words, keyBits, source);
    }

    /// Whether it takes a format.
    public boolean takes(ReportFormat format) {
        return formats.contains(format);
    }
}
