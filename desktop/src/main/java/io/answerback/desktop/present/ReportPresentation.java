package io.answerback.desktop.present;

import io.answerback.core.chain.PointResult;
import io.answerback.core.common.Figures;
import io.answerback.core.event.EventTable;
import io.answerback.core.event.LetterTable;
import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.format.BadFrame;
import io.answerback.core.format.ContactId;
import io.answerback.core.format.FramePart;
import io.answerback.core.format.IpFrame;
import io.answerback.core.format.IpFrameParts;
import io.answerback.core.format.IpSignals;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Area;
import io.answerback.core.site.Input;
import io.answerback.core.site.Job;
import io.answerback.core.site.Link;
import io.answerback.core.site.Receiver;
import io.answerback.core.site.SystemPoint;
import io.answerback.core.site.Zone;
import io.answerback.core.wording.Terms;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/// What leaves the building when a point becomes active while its area is watched, as the report bench shows it.
///
/// @param about the point and what happens to it
/// @param programming how the panel takes the point; empty for a point of the panel itself, or without an input
/// @param frame the runs of bytes of the frame; empty when nothing leaves
/// @param tones the same event in tones; empty when nothing leaves
/// @param nothing why nothing leaves, or why its frame cannot be written; empty when one leaves
/// @param communicator what carries it out
/// @param tried the receivers, in the order in which they are tried
public record ReportPresentation(
        String about,
        Optional<Programming> programming,
        List<FramePart> frame,
        Optional<Tones> tones,
        String nothing,
        String communicator,
        List<Tried> tried) {
    private static final int SAMPLE_SEQUENCE = 42;
    private static final int[] GROUPS = {0, 4, 6, 10, 12, 15, 16};

    /// How the panel takes a point.
    ///
    /// @param input what the input is called
    /// @param zone the zone's number
    /// @param area the zone's area; empty while it has none
    /// @param areas the areas there are to choose from
    public record Programming(String input, int zone, ZoneType type, Optional<Area> area, List<Area> areas) {}

    /// An event as digits in tones.
    ///
    /// @param digits the digits in their groups; empty where the signal has no such digits
    /// @param about what the last digit is for, or why there are none
    public record Tones(String digits, String about) {}

    /// A receiver that is tried.
    public record Tried(String name, String address, String line, String attempts) {}

    /// What the bench shows of a point.
    ///
    /// @param at the time that stands in the frame as an example
    public static ReportPresentation of(Job job, PointResult point, EventTable events, Instant at) {
        Optional<Signal> signal = signal(job, point);
        List<FramePart> frame = List.of();
        String nothing = signal.isPresent() ? "" : nothing(point);
        if (signal.isPresent()) {
            try {
                frame = IpFrameParts.of(
                        sample(job, signal.get(), at),
                        new IpSignals(new LetterTable(events, List.of())),
                        events.in(Terms.of(job.practice())));
            } catch (BadFrame refused) {
                nothing = refused.getMessage();
            }
        }
        return new ReportPresentation(
                about(job, point),
                point.wired().flatMap(WiredPoint::input).map(input -> programming(job, input)),
                frame,
                signal.map(ReportPresentation::tones),
                nothing,
                job.communicator().name(),
                job.routeReceivers().stream()
                        .map(receiver -> tried(job, receiver))
                        .toList());
    }

    private static String about(Job job, PointResult point) {
        if (point.wired().isEmpty()) {
            String word = SystemPoint.of(point.pointId()).orElseThrow().activeWord();
            return String.format(Locale.ROOT, "%s: %s", point.name(), word);
        }
        String word = point.wired().get().point().kind().words().activeWord();
        String set = Terms.of(job.practice()).set();
        return String.format(Locale.ROOT, "%s %s: %s, its area %s", point.pointId(), point.name(), word, set);
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

    private static IpFrame sample(Job job, Signal signal, Instant at) {
        Optional<Receiver> first = job.routeReceivers().stream().findFirst();
        return IpFrame.of(
                signal,
                SAMPLE_SEQUENCE,
                first.map(Receiver::receiverNumber).orElse(""),
                first.map(Receiver::linePrefix).orElse("0"),
                at);
    }

    private static Programming programming(Job job, Input input) {
        Zone zone = job.zone(input.zone())
                .orElse(new Zone(input.zone(), ZoneType.NOT_USED, Optional.empty(), Optional.empty()));
        return new Programming(
                job.nameOf(input), zone.number(), zone.type(), zone.area().flatMap(job::area), job.areas());
    }

    private static Tones tones(Signal signal) {
        try {
            String digits = ContactId.encode(signal);
            List<String> groups = IntStream.range(1, GROUPS.length)
                    .mapToObj(group -> digits.substring(GROUPS[group - 1], GROUPS[group]))
                    .toList();
            return new Tones(
                    String.join(" ", groups),
                    "the last digit, " + digits.charAt(15) + ", brings the sum of all sixteen to a multiple of 15");
        } catch (IllegalArgumentException refused) {
            return new Tones("", refused.getMessage());
        }
    }

    private static Tried tried(Job job, Receiver receiver) {
        var route = job.communicator().ip();
        return new Tried(
                receiver.name(),
                receiver.host() + ":" + receiver.port(),
                "R" + receiver.receiverNumber() + " L" + receiver.linePrefix(),
                String.format(
                        Locale.ROOT,
                        "%d tries of %s s",
                        route.attempts(),
                        Figures.plain(route.timeoutMillis() / 1000.0)));
    }
}
