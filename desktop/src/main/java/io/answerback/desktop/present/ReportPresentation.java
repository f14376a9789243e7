package io.answerback.desktop.present;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.model.site.Zone;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.report.JobSignals;
import io.answerback.core.report.Outgoing;
import io.answerback.core.report.PrintRemedy;
import io.answerback.core.report.ReportTables;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.FramePart;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrameParts;
import io.answerback.core.signal.format.SecretFrames;
import io.answerback.core.signal.printout.Printer;
import io.answerback.core.signal.printout.Printout;
import io.answerback.core.signal.sound.Call;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/// What leaves the building when a point becomes active while its area is watched, and what a receiver makes of
/// it.
///
/// @param about the point and what happens to it
/// @param programming how the panel takes the point; empty for a point of the panel itself, or without an input
/// @param signal what the panel sends; empty when it sends nothing
/// @param receiver the receiver that is looked at; empty when the job has none
/// @param outgoing what is sent to it; empty when nothing leaves, or the format cannot carry it
/// @param nothing why nothing is sent; empty when something is
/// @param printout what the receiver prints; empty when nothing is sent to it
/// @param remedies what would make it print what is meant
/// @param call the call to a receiver on a line; empty for one over IP
/// @param told when the receiver is told of this
/// @param group the class of the event, in the words of the firm
/// @param others what the other receivers get for the same event
public record ReportPresentation(
        String about,
        Optional<Programming> programming,
        Optional<Signal> signal,
        Optional<Receiver> receiver,
        Optional<Outgoing> outgoing,
        String nothing,
        Optional<Printout> printout,
        List<PrintRemedy> remedies,
        Optional<Call> call,
        Told told,
        String group,
        List<Other> others) {
    private static final int SAMPLE_SEQUENCE = 42;

    /// How the panel takes a point.
    ///
    /// @param input what the input is called
    /// @param zone the zone's number
    /// @param area the zone's area; empty while it has none
    /// @param areas the areas there are to choose from
    public record Programming(String input, int zone, ZoneType type, Optional<Area> area, List<Area> areas) {}

    /// The same event at another receiver.
    ///
    /// @param sent what is sent; empty when the format cannot carry it
    /// @param about the format, or why nothing is sent, or what is wrong with what is printed
    /// @param misleads whether what is printed misleads
    public record Other(Receiver receiver, Told told, String sent, String about, boolean misleads) {}

    /// What the bench shows of a point and a receiver.
    ///
    /// @param at the time that stands in a frame as an example
    public static ReportPresentation of(
            Job job, PointResult point, Optional<Receiver> receiver, ReportTables tables, Instant at) {
        Optional<Signal> signal = signal(job, point);
        EventTable words = tables.events().in(Terms.of(job.practice()));
        ReportTables worded = new ReportTables(words, tables.letters(), tables.timings());
        EventGroup group = signal.map(words::group).orElse(EventGroup.ALARM);
        Optional<Programming> programming =
                point.wired().flatMap(WiredPoint::input).map(input -> programming(job, input));
        String nothing = signal.isPresent() ? "" : nothing(point);
        Optional<Outgoing> outgoing = Optional.empty();
        if (signal.isPresent() && receiver.isPresent()) {
            try {
                outgoing = Optional.of(
                        Outgoing.of(receiver.get(), signal.get(), SAMPLE_SEQUENCE, point.name(), at, worded));
            } catch (IllegalArgumentException refused) {
                nothing = refused.getMessage();
            }
        }
        Optional<Printout> printout = signal.flatMap(its -> receiver.map(to -> printed(to, its, worded)));
        return new ReportPresentation(
                about(job, point),
                programming,
                signal,
                receiver,
                outgoing,
                nothing,
                printout,
                receiver.filter(any -> printout.filter(Printout::misleads).isPresent())
                        .map(to -> PrintRemedy.of(JobSignals.of(job), to, words))
                        .orElse(List.of()),
                outgoing.filter(any -> !receiver.orElseThrow().format().overIp())
                        .map(out -> Outgoing.call(out, receiver.orElseThrow())),
                receiver.map(to -> to.reception().of(group)).orElse(Told.NEVER),
                Terms.of(job.practice()).in(group.title()),
                signal.map(its -> others(job, receiver, its, group, at, worded)).orElse(List.of()));
    }

    /// A frame as it travels to a receiver that takes encrypted ones, piece by piece, as an example.
    public static List<FramePart> encrypted(IpFrame frame, EncryptionKey key) {
        return IpFrameParts.ofSecret(frame, SecretFrames.encode(frame, key, new Random(SAMPLE_SEQUENCE)));
    }

    private static List<Other> others(
            Job job, Optional<Receiver> receiver, Signal signal, EventGroup group, Instant at, ReportTables tables) {
        return job.receivers().stream()
                .filter(other -> !receiver.equals(Optional.of(other)))
                .map(other -> other(other, signal, group, at, tables))
                .toList();
    }

    private static Other other(Receiver receiver, Signal signal, EventGroup group, Instant at, ReportTables tables) {
        Told told = receiver.reception().of(group);
        try {
            Outgoing out = Outgoing.of(receiver, signal, SAMPLE_SEQUENCE, "", at, tables);
            Printout printout = printed(receiver, signal, tables);
            String about = printout.problems().stream()
                    .map(Printout.Problem::says)
                    .findFirst()
                    .orElse(receiver.format().words());
            return new Other(receiver, told, out.text(), about, printout.misleads());
        } catch (IllegalArgumentException cannot) {
            return new Other(receiver, told, "", cannot.getMessage(), true);
        }
    }

    private static Printout printed(Receiver receiver, Signal signal, ReportTables tables) {
        return new Printer(receiver.reception(), tables.events(), tables.letters()).of(signal);
    }

    private static String about(Job job, PointResult point) {
        if (point.wired().isEmpty()) {
            String word = SystemPoint.of(point.pointId()).orElseThrow().activeWord();
            return point.name() + ": " + word;
        }
        String word = point.wired().get().point().kind().words().activeWord();
        String set = Terms.of(job.practice()).set();
        return point.pointId() + " " + point.name() + ": " + word + ", its area " + set;
    }

    private static Optional<Signal> signal(Job job, PointResult point) {
        PanelReducer panel = new PanelReducer(job);
        return point.wired().isPresent()
                ? point.wired()
                        .flatMap(WiredPoint::input)
                        .flatMap(input -> job.zone(input.zone()))
                        .flatMap(zone -> panel.zoneSignal(zone, Qualifier.NEW))
                : panel.systemSignal(SystemPoint.of(point.pointId()).orElseThrow(), Qualifier.NEW);
    }

    private static String nothing(PointResult point) {
        return "Nothing leaves yet: " + point.chain().of(Link.ZONE).figure() + ", "
                + point.chain().of(Link.EVENT).line() + ".";
    }

    private static Programming programming(Job job, Input input) {
        Zone zone = job.zone(input.zone())
                .orElse(new Zone(input.zone(), ZoneType.NOT_USED, Optional.empty(), Optional.empty()));
        return new Programming(
                job.nameOf(input), zone.number(), zone.type(), zone.area().flatMap(job::area), job.areas());
    }
}
