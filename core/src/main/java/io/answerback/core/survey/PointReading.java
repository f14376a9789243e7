package io.answerback.core.survey;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// One point as its parts come to be known, from a typed line or from a row of a table. What nobody says is
/// taken as it usually is, and noted as assumed.
final class PointReading {
    /// A length of cable: "62 m", "62", "62,5 metres".
    static final Pattern LENGTH = Pattern.compile("(\\d{1,5}(?:[.,]\\d+)?)\\s*(?:m|metres?|meters?)?");

    private static final List<String> WAYS_IN = List.of("way in", "entrance", "main door");
    private static final int LONGEST_NAME = 80;
    private static final double LONGEST_CABLE_METRES = 10_000;

    private final KindCatalogue kinds;
    private final Job job;
    private final Set<PointDraft.Part> assumed = EnumSet.noneOf(PointDraft.Part.class);
    private final List<String> problems = new ArrayList<>();
    private String id = "";
    private String name = "";
    private boolean wayIn;
    private boolean kindRefused;
    private Optional<KindCatalogue.Entry> kind = Optional.empty();
    private Optional<ZoneType> type = Optional.empty();
    private Optional<PointDraft.Place> area = Optional.empty();
    private Optional<Double> metres = Optional.empty();

    /// A point of a job about which nothing is known yet.
    PointReading(KindCatalogue kinds, Job job) {
        this.kinds = kinds;
        this.job = job;
    }

    /// Notes why the point cannot be taken.
    void problem(String why) {
        problems.add(why);
    }

    /// Notes that its kind as written is not known, so that it is not asked for as well.
    void unknownKind(String why) {
        kindRefused = true;
        problems.add(why);
    }

    void number(String padded) {
        id = padded;
        if (job.point(new PointId(id)).isPresent()) {
            problems.add("point " + id + " is there already");
        }
    }

    void usualNumber(String padded) {
        id = padded;
        assumed.add(PointDraft.Part.NUMBER);
    }

    void name(String text) {
        name = text;
    }

    void wayIn(boolean yes) {
        wayIn = yes;
    }

    void metres(double length) {
        metres = Optional.of(length);
    }

    void kind(Optional<KindCatalogue.Entry> what) {
        kind = what;
    }

    void type(ZoneType what) {
        type = Optional.of(what);
    }

    void area(PointDraft.Place where) {
        area = Optional.of(where);
    }

    /// Takes one part of which nobody said what it is.
    void part(String part) {
        Matcher length = LENGTH.matcher(part.toLowerCase(Locale.ROOT));
        if (length.matches() && part.toLowerCase(Locale.ROOT).contains("m")) {
            metres(metres(length));
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

    /// The metres a text that matches [#LENGTH] stands for.
    static double metres(Matcher length) {
        return Double.parseDouble(length.group(1).replace(',', '.'));
    }

    /// Of several kinds of one name, the one that the point's own name speaks of.
    Optional<KindCatalogue.Entry> likeliest(List<KindCatalogue.Entry> called) {
        String padded = " " + Phrases.plain(name) + " ";
        return called.stream()
                .filter(entry -> entry.spoken().stream().anyMatch(word -> padded.contains(" " + word + " ")))
                .findFirst()
                .or(() -> called.stream().findFirst());
    }

    /// The area these words stand for, by name or number; a new one of that name when the job has none.
    PointDraft.Place place(String words) {
        String wanted = words.strip().toLowerCase(Locale.ROOT).replaceFirst("^area\\s+(?=\\S)", "");
        return job.areas().stream()
                .filter(its ->
                        its.name().toLowerCase(Locale.ROOT).equals(wanted) || wanted.matches("0*" + its.number()))
                .findFirst()
                .map(its -> new PointDraft.Place(its.number(), its.name(), false))
                .orElseGet(() -> fresh(words.strip(), wanted));
    }

    /// A new area. Words that sound like what a zone does are not made into one unasked.
    private PointDraft.Place fresh(String said, String wanted) {
        boolean asArea = said.toLowerCase(Locale.ROOT).startsWith("area ");
        String words = said.replaceFirst("(?i)^(?:area|in)\\s+(?=\\S)", "");
        if (!asArea && Phrases.soundsLikeType(words)) {
            problems.add(Text.of(
                    "\"%1$s\" sounds like what a zone does, not like an area. For an area write \"area %1$s\"", words));
        }
        if (wanted.matches("0*[1-9]\\d?")) {
            int number = Integer.parseInt(wanted);
            return new PointDraft.Place(number, Text.of("Area %02d", number), true);
        }
        return new PointDraft.Place(PointNumbers.nextArea(job), PointNumbers.capital(words), true);
    }

    /// The point as far as it is known, with what is usual in the place of what is not.
    ///
    /// @param usualArea the area that is meant when none is named; empty for the job's first
    PointDraft result(Optional<Integer> usualArea) {
        assumeKind();
        assumeArea(usualArea);
        assumeType();
        complain();
        Optional<PointKind> what = kind.map(KindCatalogue.Entry::kind);
        return new PointDraft(
                new PointId(id), PointNumbers.capital(name), what, type, area, metres, wayIn, assumed, problems);
    }

    private void assumeKind() {
        if (kind.isEmpty() && !name.isEmpty()) {
            kind = kinds.namedIn(name).map(KindCatalogue.Named::entry);
            kind.ifPresent(found -> assumed.add(PointDraft.Part.KIND));
        }
    }

    private void assumeArea(Optional<Integer> usualArea) {
        if (area.isEmpty()) {
            area = areaInName().or(() -> areaAsUsual(usualArea));
            area.ifPresent(place -> assumed.add(PointDraft.Part.AREA));
        }
    }

    private void assumeType() {
        boolean door =
                kind.filter(its -> its.kind().family() == KindFamily.DOOR).isPresent();
        String spoken = Phrases.plain(name);
        boolean calledWayIn = WAYS_IN.stream().anyMatch(spoken::contains);
        boolean entryExit = type.filter(its -> its == ZoneType.ENTRY_EXIT).isPresent();
        wayIn = wayIn || door && (calledWayIn || entryExit);
        if (type.isEmpty() && kind.isPresent()) {
            type = Optional.of(wayIn ? ZoneType.ENTRY_EXIT : kind.get().usualType());
            assumed.add(PointDraft.Part.TYPE);
        }
    }

    private Optional<PointDraft.Place> areaInName() {
        String padded = " " + Phrases.plain(name) + " ";
        return job.areas().stream()
                .filter(its -> padded.contains(" " + Phrases.plain(its.name()) + " "))
                .findFirst()
                .map(its -> new PointDraft.Place(its.number(), its.name(), false));
    }

    private Optional<PointDraft.Place> areaAsUsual(Optional<Integer> usualArea) {
        return usualArea
                .flatMap(job::area)
                .or(() -> job.areas().stream().findFirst())
                .map(its -> new PointDraft.Place(its.number(), its.name(), false));
    }

    private void complain() {
        if (name.isEmpty()) {
            problems.add("give it a name");
        } else if (kind.isEmpty() && !kindRefused) {
            problems.add("say what it is, such as contact or movement");
        }
        if (name.length() > LONGEST_NAME) {
            problems.add(Text.of("the name has %d letters; keep to %d", name.length(), LONGEST_NAME));
        }
        area.filter(place -> place.number() > 99).ifPresent(place -> problems.add("there are 99 areas already"));
        metres.filter(length -> length > LONGEST_CABLE_METRES)
                .ifPresent(length -> problems.add("a cable is at most 10 km"));
    }
}
