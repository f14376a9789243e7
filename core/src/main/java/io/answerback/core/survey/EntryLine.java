package io.answerback.core.survey;

import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Job;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/// Reads a point out of a line as an engineer would say it: "roller door dock 2, contact, dock, immediate, 62
/// m" or "pir reception entry route". With commas the first part is the name and the others come in any order;
/// without, the words themselves say what they are.
///
/// @param kinds the kinds there are
/// @param job the job the point is for
/// @param usualArea the area that is meant when none is named; empty for none
public record EntryLine(KindCatalogue kinds, Job job, Optional<Integer> usualArea) {
    private static final Pattern NUMBERED = Pattern.compile("(\\d{1,3})[.:]?\\s+(\\S.*)");
    private static final Pattern IN_AREA = Pattern.compile("(?i)(.*\\S)\\s+(?:in|area)\\s+(\\S.*)");
    private static final int MOST_COMPLETIONS = 6;

    /// What the line means, as far as it goes. Never fails; what is missing is among the problems.
    public PointDraft read(String line) {
        PointReading reading = new PointReading(kinds, job);
        String said = SpokenLengths.inMetres(line.strip()).replaceAll("(?i)\\bin the (?=\\S)", "in ");
        String rest = takeNumber(reading, said);
        List<String> parts = Arrays.stream(rest.split(",(?!\\d)", -1))
                .map(part -> part.strip().replaceAll("\\s+", " "))
                .filter(part -> !part.isEmpty())
                .toList();
        if (parts.size() > 1) {
            reading.name(parts.getFirst());
            parts.subList(1, parts.size()).forEach(reading::part);
        } else if (parts.size() == 1) {
            words(reading, parts.getFirst());
        }
        return reading.result(usualArea);
    }

    private String takeNumber(PointReading reading, String line) {
        Matcher numbered = NUMBERED.matcher(line);
        if (numbered.matches() && !PointReading.LENGTH.matcher(line).matches()) {
            reading.number(PointNumbers.padded(Integer.parseInt(numbered.group(1))));
            return numbered.group(2);
        }
        reading.usualNumber(PointNumbers.next(job));
        return line;
    }

    /// Takes a line without commas apart: behind the name each word says itself what it is, and from its end the
    /// name gives up type and area.
    private void words(PointReading reading, String text) {
        LineWithoutCommas line = new LineWithoutCommas(kinds, job.areas(), reading, text);
        Optional<String> last = areaBehindType(line.name());
        String rest =
                withoutType(reading, last.map(area -> cutEnd(line.name(), area)).orElse(line.name()));
        Matcher in = IN_AREA.matcher(rest);
        boolean inArea = in.matches() && !reading.place(in.group(2)).fresh();
        Optional<PointDraft.Place> area = last.or(() -> inArea ? Optional.of(in.group(2)) : Optional.empty())
                .map(reading::place);
        area.ifPresent(reading::area);
        String name = inArea && last.isEmpty() ? in.group(1) : rest;
        Optional<String> kind = line.takeRest(area);
        if (kind.isPresent()) {
            nameOfKind(reading, name, kind.get());
        } else {
            nameFrom(reading, name);
        }
    }

    /// An area of the job that ends a text right behind a type, as "dock" ends "roof hatch immediate dock".
    private Optional<String> areaBehindType(String text) {
        return job.areas().stream()
                .map(Area::name)
                .filter(name -> Phrases.plain(text).endsWith(" " + Phrases.plain(name)))
                .filter(name -> Phrases.typeEnding(cutEnd(text, name)).isPresent())
                .findFirst();
    }

    /// A name that speaks of no kind itself is called after the kind that was said behind it.
    private void nameOfKind(PointReading reading, String name, String words) {
        reading.name(name);
        Optional<KindCatalogue.Entry> kind = reading.likeliest(kinds.called(words.toLowerCase(Locale.ROOT)));
        reading.kind(kind);
        if (kinds.namedIn(name).isEmpty()) {
            reading.name(name + " " + kind.orElseThrow().noun());
        }
    }

    /// Words for a type count as one only when what stands before them still says what the point is.
    private String withoutType(PointReading reading, String text) {
        Optional<Map.Entry<ZoneType, String>> ending = Phrases.typeEnding(text);
        if (ending.isEmpty()
                || Phrases.plain(text).length() <= ending.get().getValue().length()) {
            return text;
        }
        String without = cutEnd(text, ending.get().getValue());
        if (kinds.namedIn(without).isEmpty()) {
            return text;
        }
        reading.type(ending.get().getKey());
        return without;
    }

    private static String cutEnd(String text, String words) {
        int count = words.split(" ").length;
        String[] all = text.strip().split("[\\s]+");
        return String.join(" ", Arrays.copyOf(all, Math.max(0, all.length - count)));
    }

    private void nameFrom(PointReading reading, String text) {
        Optional<KindCatalogue.Named> named = kinds.namedIn(text);
        reading.kind(named.map(KindCatalogue.Named::entry));
        reading.name(named.filter(KindCatalogue.Named::jargon)
                .map(its -> (without(text, its.words()) + " " + its.entry().noun()).strip())
                .orElse(text));
    }

    private static String without(String text, String words) {
        return text.replaceFirst("(?i)(^|\\s)" + Pattern.quote(words) + "(?=\\s|$)", " ")
                .strip()
                .replaceAll("\\s+", " ");
    }

    /// How the part of the line that is being typed may go on, each as the whole line.
    public List<String> completions(String line) {
        int comma = line.lastIndexOf(',');
        String begun = line.substring(comma + 1).strip().toLowerCase(Locale.ROOT);
        if (comma < 0 || begun.isEmpty()) {
            return List.of();
        }
        Stream<String> areas = job.areas().stream().map(Area::name);
        Stream<String> names =
                kinds.entries().stream().map(entry -> entry.kind().name());
        return Stream.of(areas, names, Phrases.types().stream())
                .flatMap(words -> words)
                .filter(words -> words.toLowerCase(Locale.ROOT).startsWith(begun)
                        && !words.toLowerCase(Locale.ROOT).equals(begun))
                .distinct()
                .limit(MOST_COMPLETIONS)
                .map(words -> line.substring(0, comma + 1) + " " + words)
                .toList();
    }
}
