package io.answerback.core.survey;

import io.answerback.core.model.site.Area;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/// The words of a line without commas, such as "rear fire exit contact press hall immediate 45 m". The name
/// ends at the first word for a kind that a name does without, or at a length; behind it each word is a kind, a
/// type, a length or an area, in any order. Words that are none of these are a new area where none is named,
/// and not understood where one is.
final class LineWithoutCommas {
    private static final Pattern LENGTH = Pattern.compile("(\\d{1,5}(?:[.,]\\d+)?)\\s?(?:m|metres?|meters?)");
    private static final int LONGEST_PHRASE = 4;

    private final KindCatalogue kinds;
    private final List<Area> areas;
    private final PointReading reading;
    private final List<String> words;
    private boolean kindKnown;
    private boolean typeKnown;
    private boolean areaKnown;

    /// @param reading takes what is found
    LineWithoutCommas(KindCatalogue kinds, List<Area> areas, PointReading reading, String text) {
        this.kinds = kinds;
        this.areas = areas;
        this.reading = reading;
        this.words = Arrays.asList(text.split(" "));
    }

    /// The words before the end of the name.
    String name() {
        return join(0, nameEnd());
    }

    private int nameEnd() {
        return IntStream.range(Math.max(1, lengthOf(0, this::jargon)), words.size())
                .filter(at -> lengthOf(at, this::jargon) > 0 || lengthOf(at, LineWithoutCommas::metres) > 0)
                .findFirst()
                .orElse(words.size());
    }

    /// Takes what stands behind the name.
    ///
    /// @param known the area, where the line says it otherwise
    /// @return the words that stood for the kind; empty when none did
    Optional<String> takeRest(Optional<PointDraft.Place> known) {
        areaKnown = known.isPresent();
        Optional<String> kind = Optional.empty();
        int unplaced = nameEnd();
        for (int at = nameEnd(); at < words.size(); ) {
            int taken = kindKnown ? 0 : lengthOf(at, this::jargon);
            if (taken > 0) {
                kind = Optional.of(join(at, at + taken));
                kindKnown = true;
            } else {
                taken = takeOther(at);
            }
            if (taken > 0) {
                place(unplaced, at);
                unplaced = at + taken;
            }
            at += Math.max(1, taken);
        }
        place(unplaced, words.size());
        return kind;
    }

    /// @return how many words were a length, a type or an area; 0 when none were
    private int takeOther(int at) {
        int length = lengthOf(at, LineWithoutCommas::metres);
        if (length > 0) {
            Matcher matcher = LENGTH.matcher(join(at, at + length).toLowerCase(Locale.ROOT));
            matcher.matches();
            reading.metres(PointReading.metres(matcher));
            return length;
        }
        int type = typeKnown ? 0 : lengthOf(at, phrase -> Phrases.type(phrase).isPresent());
        if (type > 0) {
            typeKnown = true;
            reading.type(Phrases.type(join(at, at + type)).orElseThrow());
            return type;
        }
        int area = areaKnown ? 0 : lengthOf(at, this::area);
        if (area > 0) {
            areaKnown = true;
            reading.area(reading.place(join(at, at + area).replaceFirst("(?i)^in ", "")));
        }
        return area;
    }

    /// Takes words that nothing is known of.
    private void place(int from, int to) {
        if (from == to) {
            return;
        }
        String unknown = join(from, to);
        if (areaKnown || namesAnArea(to)) {
            reading.problem("\"" + unknown + "\" is not understood");
        } else {
            areaKnown = true;
            reading.area(reading.place(unknown));
        }
    }

    /// Whether one of the areas there are is named further on.
    private boolean namesAnArea(int from) {
        return IntStream.range(from, words.size()).anyMatch(at -> lengthOf(at, this::area) > 0);
    }

    /// How many words from here are a phrase of a sort, as many as can be; 0 when none are.
    private int lengthOf(int at, Predicate<String> sort) {
        return IntStream.rangeClosed(1, Math.min(LONGEST_PHRASE, words.size() - at))
                .filter(count -> sort.test(join(at, at + count)))
                .max()
                .orElse(0);
    }

    private boolean jargon(String phrase) {
        String plain = Phrases.plain(phrase);
        return kinds.called(plain).stream().anyMatch(entry -> entry.jargon().contains(plain));
    }

    private boolean area(String phrase) {
        String plain = Phrases.plain(phrase).replaceFirst("^in ", "");
        return areas.stream().anyMatch(area -> Phrases.plain(area.name()).equals(plain))
                || plain.matches("area \\d{1,2}");
    }

    private static boolean metres(String phrase) {
        return LENGTH.matcher(phrase.toLowerCase(Locale.ROOT)).matches();
    }

    private String join(int from, int to) {
        return String.join(" ", words.subList(from, to));
    }
}
