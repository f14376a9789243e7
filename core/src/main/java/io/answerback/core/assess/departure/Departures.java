package io.answerback.core.assess.departure;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.wording.PracticeWords;
import io.answerback.core.loop.radio.RadioState;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.setup.Intent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Finds where a job does otherwise than the firm's rules.
public final class Departures {
    /// Every departure of a job.
    public static final Fact<List<Departure>> FACT = Fact.of("departures", Departures::of);

    private Departures() {}

    /// Every departure: those of the whole job first, then those of single points in the order of the list.
    public static List<Departure> of(Parts job) {
        List<Departure> all = new ArrayList<>(ofJob(job.practice()));
        job.points().forEach(point -> all.addAll(ofPoint(job.practice(), point)));
        entryTime(job).ifPresent(all::add);
        supervision(job).ifPresent(all::add);
        return List.copyOf(all);
    }

    /// Departures of the whole job, in the order of the rules.
    public static List<Departure> ofJob(Practice practice) {
        List<Departure> all = new ArrayList<>();
        for (PracticeQuestion question : PracticeQuestion.values()) {
            option(practice, question).ifPresent(all::add);
        }
        for (RuleFigure figure : RuleFigure.values()) {
            figure(practice, figure).ifPresent(all::add);
        }
        return all;
    }

    /// How the job departs on one question; empty when it does not.
    public static Optional<Departure> option(Practice practice, PracticeQuestion question) {
        if (!practice.options().containsKey(question)) {
            return Optional.empty();
        }
        return Optional.of(departure(
                practice,
                "school:" + question.name(),
                Optional.empty(),
                PracticeWords.title(question),
                PracticeWords.of(practice.firm().option(question)),
                PracticeWords.of(practice.option(question))));
    }

    /// How the job departs in one figure; empty when it does not.
    public static Optional<Departure> figure(Practice practice, RuleFigure figure) {
        if (!practice.figures().containsKey(figure)) {
            return Optional.empty();
        }
        return Optional.of(departure(
                practice,
                "figure:" + figure.name(),
                Optional.empty(),
                PracticeWords.title(figure),
                value(practice.firm().figure(figure), figure),
                value(practice.figure(figure), figure)));
    }

    /// Departures of one point from what holds on the job: its loop scheme, and where its resistor sits.
    public static List<Departure> ofPoint(Practice practice, Point point) {
        List<Departure> all = new ArrayList<>();
        if (point.kind().radio()) {
            return all;
        }
        SchemeKind scheme = point.loop().scheme();
        if (scheme != practice.scheme() && !point.kind().asksFor(scheme)) {
            all.add(departure(
                    practice,
                    Practice.departureOfScheme(point.id().text()),
                    Optional.of(point.id()),
                    "Loop",
                    practice.scheme().words(),
                    scheme.words()));
        }
        outputs(practice, point).ifPresent(all::add);
        ResistorPlace place = point.loop().place();
        if (scheme.hasEndOfLine() && place != practice.resistorPlace()) {
            all.add(departure(
                    practice,
                    "place:" + point.id(),
                    Optional.of(point.id()),
                    "Resistor",
                    practice.resistorPlace().words(),
                    place.words()));
        }
        return all;
    }

    /// What the id of a departure of an output begins with, before the number of the point.
    static final String OUTPUT = "output:";

    /// Masking and fault relays that the loop has no place for: they are not connected, and that wants a reason.
    private static Optional<Departure> outputs(Practice practice, Point point) {
        boolean mask = point.has(kind -> kind.outputs().mask());
        boolean fault = point.has(kind -> kind.outputs().fault());
        if (!mask && !fault || point.loop().scheme().watchesMask()) {
            return Optional.empty();
        }
        String which = mask && fault ? "Masking and fault relay" : mask ? "Masking relay" : "Fault relay";
        return Optional.of(departure(
                practice,
                OUTPUT + point.id(),
                Optional.of(point.id()),
                which,
                "every detector output is monitored",
                "not connected: " + point.loop().scheme().withArticle() + " has no place for it"));
    }

    private static Optional<Departure> entryTime(Parts job) {
        double most = job.practice().figure(RuleFigure.ENTRY_SECONDS);
        Intent intent = new Intent(job);
        double longest = job.areas().stream()
                .mapToDouble(area -> intent.entrySeconds(area.number()))
                .max()
                .orElse(0);
        return longest <= most
                ? Optional.empty()
                : Optional.of(departure(
                        job.practice(),
                        "entry-time",
                        Optional.empty(),
                        PracticeWords.title(RuleFigure.ENTRY_SECONDS),
                        value(most, RuleFigure.ENTRY_SECONDS),
                        value(longest, RuleFigure.ENTRY_SECONDS)));
    }

    /// A panel that waits longer for a wireless device than the rules allow, where there is any.
    private static Optional<Departure> supervision(Parts job) {
        double most = job.practice().figure(RuleFigure.SUPERVISION_MINUTES);
        return job.panel()
                .profile()
                .radio()
                .filter(rule -> rule.supervisionMinutes() > most)
                .filter(rule -> !RadioState.of(job).senders().isEmpty())
                .map(rule -> departure(
                        job.practice(),
                        "supervision",
                        Optional.empty(),
                        PracticeWords.title(RuleFigure.SUPERVISION_MINUTES),
                        value(most, RuleFigure.SUPERVISION_MINUTES),
                        value(rule.supervisionMinutes(), RuleFigure.SUPERVISION_MINUTES)));
    }

    private static Departure departure(
            Practice practice, String id, Optional<PointId> pointId, String title, String firm, String here) {
        return new Departure(id, pointId, title, firm, here, practice.reasons().getOrDefault(id, ""));
    }

    /// A figure with its unit, as an engineer says it.
    public static String value(double value, RuleFigure figure) {
        String plain = value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
        return plain + " " + figure.unit();
    }
}
