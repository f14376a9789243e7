package io.answerback.survey;

import io.answerback.job.Area;
import io.answerback.job.Job;
import io.answerback.job.KindFamily;
import io.answerback.job.PointKind;
import io.answerback.job.ZoneType;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
    private static final Pattern LENGTH = Pattern.compile("(\\d{1,5}(?:[.,]\\d+)?)\\s*m(?:etres?)?");
    private static final Pattern LENGTH_AT_END = Pattern.compile("(.*\\S)\\s+" + LENGTH.pattern());
    private static final Pattern IN_AREA = Pattern.compile("(?i)(.*\\S)\\s+(?:in|area)\\s+(\\S.*)");
    private static final List<String> WAYS_IN = List.of("way in", "entrance", "main door");
    private static final int MOST_COMPLETIONS = 6;

    /// What the line means, as far as it goes. Never fails; what is missing is among the problems.
    public Understood read(String line) {
        Reading reading = new Reading();
        String rest = reading.takeNumber(line.strip());
        List<String> parts = Arrays.stream(rest.split(",(?!\\d)", -1))
                .map(part -> part.strip().replaceAll("\\s+", " "))
                .filter(part -> !part.isEmpty())
                .toList();
        if (parts.size() > 1) {
            reading.name = parts.getFirst();
            parts.subList(1, parts.size()).forEach(reading::part);
        } else if (parts.size() == 1) {
            reading.words(parts.getFirst());
        }
        return reading.result();
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

    /// One line as it is being read.
    private final class Reading {
        private final Set<Understood.Part> assumed = EnumSet.noneOf(Understood.Part.class);
        private final List<String> problems = new ArrayList<>();
        private String id = "";
        private String name = "";
        private boolean wayIn;
        private Optional<KindCatalogue.Entry> kind = Optional.empty();
        private Optional<ZoneType> type = Optional.empty();
        private Optional<Understood.Place> area = Optional.empty();
        private Optional<Double> metres = Optional.empty();

        private String takeNumber(String line) {
            Matcher numbered = NUMBERED.matcher(line);
            if (numbered.matches() && !LENGTH.matcher(line).matches()) {
                id = PointNumbers.padded(Integer.parseInt(numbered.group(1)));
                if (job.point(id).isPresent()) {
                    problems.add("point " + id + " is there already");
                }
                return numbered.group(2);
            }
            id = PointNumbers.next(job);
            assumed.add(Understood.Part.NUMBER);
            return line;
        }

        private void part(String part) {
            Matcher length = LENGTH.matcher(part.toLowerCase(Locale.ROOT));
            if (length.matches()) {
                metres = Optional.of(Double.parseDouble(length.group(1).replace(',', '.')));
            } else if (WAYS_IN.contains(part.toLowerCase(Locale.ROOT))) {
                wayIn = true;
            } else if (kind.isEmpty() && !kinds.called(part).isEmpty()) {
                kind = likeliest(kinds.called(part));
            } else if (type.isEmpty() && Phrases.type(part).isPresent()) {
                type = Phrases.type(part);
            } else if (area.isEmpty()) {
                area = Optional.of(place(part));
            } else {
                problems.add("\"" + part + "\" is not understood");
            }
        }

        /// Of several kinds of one name, the one that the point's own name speaks of.
        private Optional<KindCatalogue.Entry> likeliest(List<KindCatalogue.Entry> called) {
            String padded = " " + Phrases.plain(name) + " ";
            return called.stream()
                    .filter(entry -> entry.spoken().stream().anyMatch(word -> padded.contains(" " + word + " ")))
                    .findFirst()
                    .or(() -> called.stream().findFirst());
        }

        private Understood.Place place(String words) {
            String wanted = words.toLowerCase(Locale.ROOT).replaceFirst("^area\\s+(?=\\S)", "");
            return job.areas().stream()
                    .filter(its ->
                            its.name().toLowerCase(Locale.ROOT).equals(wanted) || wanted.matches("0*" + its.number()))
                    .findFirst()
                    .map(its -> new Understood.Place(its.number(), its.name(), false))
                    .orElseGet(() -> new Understood.Place(
                            PointNumbers.nextArea(job), PointNumbers.capital(words.strip()), true));
        }

        private void words(String text) {
            String rest = text;
            Matcher length = LENGTH_AT_END.matcher(rest);
            if (length.matches()) {
                metres = Optional.of(Double.parseDouble(length.group(2).replace(',', '.')));
                rest = length.group(1);
            }
            Optional<Map.Entry<ZoneType, String>> ending = Phrases.typeEnding(rest);
            if (ending.isPresent()
                    && Phrases.plain(rest).length() > ending.get().getValue().length()) {
                String without = cutEnd(rest, ending.get().getValue());
                if (kinds.namedIn(without).isPresent()) {
                    type = Optional.of(ending.get().getKey());
                    rest = without;
                }
            }
            Matcher in = IN_AREA.matcher(rest);
            if (in.matches() && !place(in.group(2)).fresh()) {
                area = Optional.of(place(in.group(2)));
                rest = in.group(1);
            }
            nameFrom(rest);
        }

        private static String cutEnd(String text, String words) {
            int count = words.split(" ").length;
            String[] all = text.strip().split("[\\s]+");
            return String.join(" ", Arrays.copyOf(all, Math.max(0, all.length - count)));
        }

        private void nameFrom(String text) {
            Optional<KindCatalogue.Named> named = kinds.namedIn(text);
            kind = named.map(KindCatalogue.Named::entry);
            name = named.filter(KindCatalogue.Named::jargon)
                    .map(its -> (without(text, its.words()) + " " + its.entry().noun()).strip())
                    .orElse(text);
        }

        private static String without(String text, String words) {
            return text.replaceFirst("(?i)(^|\\s)" + Pattern.quote(words) + "(?=\\s|$)", " ")
                    .strip()
                    .replaceAll("\\s+", " ");
        }

        private Understood result() {
            if (kind.isEmpty() && !name.isEmpty()) {
                kind = kinds.namedIn(name).map(KindCatalogue.Named::entry);
                if (kind.isPresent()) {
                    assumed.add(Understood.Part.KIND);
                }
            }
            if (area.isEmpty()) {
                area = areaInName().or(this::areaAsUsual);
                area.ifPresent(place -> assumed.add(Understood.Part.AREA));
            }
            String spoken = Phrases.plain(name);
            boolean door =
                    kind.filter(its -> its.kind().family() == KindFamily.DOOR).isPresent();
            wayIn = wayIn
                    || door
                            && (WAYS_IN.stream().anyMatch(spoken::contains)
                                    || type.filter(its -> its == ZoneType.ENTRY_EXIT)
                                            .isPresent());
            if (type.isEmpty() && kind.isPresent()) {
                type = Optional.of(wayIn ? ZoneType.ENTRY_EXIT : kind.get().usualType());
                assumed.add(Understood.Part.TYPE);
            }
            return finished();
        }

        private Optional<Understood.Place> areaInName() {
            String padded = " " + Phrases.plain(name) + " ";
            return job.areas().stream()
                    .filter(its -> padded.contains(" " + Phrases.plain(its.name()) + " "))
                    .findFirst()
                    .map(its -> new Understood.Place(its.number(), its.name(), false));
        }

        private Optional<Understood.Place> areaAsUsual() {
            return usualArea
                    .flatMap(job::area)
                    .or(() -> job.areas().stream().findFirst())
                    .map(its -> new Understood.Place(its.number(), its.name(), false));
        }

        private Understood finished() {
            if (name.isEmpty()) {
                problems.add("give it a name");
            } else if (kind.isEmpty()) {
                problems.add("say what it is, such as contact or movement");
            }
            area.filter(place -> place.number() > 99).ifPresent(place -> problems.add("there are 99 areas already"));
            metres.filter(length -> length > 10_000).ifPresent(length -> problems.add("a cable is at most 10 km"));
            Optional<PointKind> what = kind.map(KindCatalogue.Entry::kind);
            return new Understood(id, PointNumbers.capital(name), what, type, area, metres, wayIn, assumed, problems);
        }
    }
}
