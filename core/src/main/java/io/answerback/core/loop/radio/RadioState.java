package io.answerback.core.loop.radio;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.RadioRule;
import io.answerback.core.model.site.Enrolment;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SignalReading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Everything a panel is to hear by radio, and how well it does.
///
/// @param rule what the panel hears; empty for one without radio
/// @param marginDecibels how far over the floor every signal must be by the rules of the job, in decibels
/// @param senders what it is to hear, by zone
/// @param leftover what is enrolled and no point of this job needs
/// @param next the zone the panel gives the next device it enrols; empty where all are taken or it is typed
public record RadioState(
        Optional<RadioRule> rule,
        double marginDecibels,
        List<Sender> senders,
        List<Enrolment> leftover,
        Optional<Integer> next) {
    /// What the panel of a job hears.
    public static final Fact<RadioState> FACT = Fact.of("radio", RadioState::of);

    /// How the panel hears a point; empty for one on wires to the panel.
    public static final FactOf<PointId, Optional<Sender>> SENDER = FactOf.each(
            "sender of a point",
            (facts, id) -> Optional.ofNullable(facts.of(RadioState.SENDERS).get(id)));

    private static final Fact<Map<PointId, Sender>> SENDERS = Fact.of(
            "senders by point",
            facts -> facts.of(FACT).senders().stream()
                    .collect(Collectors.toMap(Sender::pointId, sender -> sender, (first, second) -> second)));

    public RadioState {
        senders = List.copyOf(senders);
        leftover = List.copyOf(leftover);
    }

    /// What the panel of a job hears.
    public static RadioState of(Parts job) {
        Optional<RadioRule> rule = job.panel().profile().radio();
        List<Sender> senders = new ArrayList<>();
        for (Input input : job.inputs()) {
            input.pointId()
                    .flatMap(job::point)
                    .filter(point -> !input.second())
                    .flatMap(point -> sender(job, rule, point, input))
                    .ifPresent(senders::add);
        }
        senders.sort(Comparator.comparingInt(sender -> sender.input().zone()));
        Set<InputId> wanted =
                senders.stream().map(sender -> sender.input().id()).collect(Collectors.toSet());
        return new RadioState(
                rule,
                job.practice().figure(RuleFigure.RADIO_MARGIN_DECIBELS),
                senders,
                job.radio().enrolled().stream()
                        .filter(its -> !wanted.contains(its.inputId()))
                        .toList(),
                rule.filter(RadioRule::numbersInOrder).flatMap(its -> nextZone(job)));
    }

    private static Optional<Sender> sender(Parts job, Optional<RadioRule> rule, Point point, Input input) {
        Optional<ModuleId> converter = RadioPlaces.converter(job, input);
        if (converter.isEmpty() && !RadioPlaces.byRadio(job, input)) {
            return Optional.empty();
        }
        Optional<SignalReading> reading = job.radio().latest(Sender.part(converter, point.id()));
        return Optional.of(new Sender(
                point.id(),
                point.id() + " " + point.name(),
                input,
                converter,
                job.radio().enrolment(input.id()),
                order(job, input.id()),
                reading,
                reading.flatMap(its -> rule.map(hears -> its.decibelMilliwatts() - hears.floorDecibelMilliwatts())),
                job.radio().battery(point.id())));
    }

    private static int order(Parts job, InputId inputId) {
        List<Enrolment> enrolled = job.radio().enrolled();
        return IntStream.range(0, enrolled.size())
                        .filter(place -> enrolled.get(place).inputId().equals(inputId))
                        .findFirst()
                        .orElse(-1)
                + 1;
    }

    /// The lowest wireless zone under which nothing is enrolled, and which no wired input has, as the second
    /// zone of one can.
    static Optional<Integer> nextZone(Parts job) {
        Stream<Integer> wired = job.inputs().stream()
                .filter(input -> !RadioPlaces.byRadio(job, input)
                        && RadioPlaces.converter(job, input).isEmpty())
                .map(Input::zone);
        Set<Integer> taken = Stream.concat(
                        wired, job.radio().enrolled().stream().map(Enrolment::zone))
                .collect(Collectors.toSet());
        OptionalInt zone =
                RadioPlaces.zones(job).filter(its -> !taken.contains(its)).findFirst();
        return zone.isPresent() ? Optional.of(zone.getAsInt()) : Optional.empty();
    }

    /// The zone the panel gives a sender when it is enrolled now; empty where no wireless zone is left.
    public static Optional<Integer> zoneGiven(Parts job, Input input) {
        boolean inOrder =
                job.panel().profile().radio().filter(RadioRule::numbersInOrder).isPresent();
        return inOrder ? nextZone(job) : Optional.of(input.zone());
    }

    /// What a point sends by radio; empty for one on wires to the panel.
    public Optional<Sender> of(PointId pointId) {
        return senders.stream()
                .filter(sender -> sender.pointId().equals(pointId))
                .findFirst();
    }

    /// The devices that send themselves.
    public List<Sender> devices() {
        return senders.stream().filter(sender -> sender.converter().isEmpty()).toList();
    }

    /// How many senders are enrolled where they are planned and were heard with a margin.
    public int settled() {
        return (int) senders.stream()
                .filter(sender -> sender.settled(marginDecibels))
                .count();
    }
}
