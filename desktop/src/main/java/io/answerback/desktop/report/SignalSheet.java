package io.answerback.desktop.report;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.Outgoing;
import io.answerback.core.report.ReportTables;
import io.answerback.core.signal.format.FramePart;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.sound.Call;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Kept;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.present.ReportPresentation;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FirstSteps;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// What leaves the building when the selected point becomes active while its area is watched, and what a
/// receiver prints for it.
final class SignalSheet extends PartSheet {
    private final Actions actions;
    private final ReportTables tables;
    private final Instant example;
    private final PracticeSession practice;
    private final ChosenReceiver chosenReceiver;
    private final Kept<Kept<ReportPresentation>> shown = new Kept<>();
    private final FormatChoices choices;
    private final PrintedPart printed;
    private final Runnable receivers;

    /// The sheet.
    ///
    /// @param clock what time stands in the frame as an example
    /// @param receivers opens the sheet on which receivers are added
    SignalSheet(
            Actions actions,
            ReportTables tables,
            InstantSource clock,
            PracticeSession practice,
            ChosenReceiver chosenReceiver,
            SoundOut sound,
            Runnable receivers) {
        this.actions = actions;
        this.tables = tables;
        this.example = clock.instant();
        this.practice = practice;
        this.chosenReceiver = chosenReceiver;
        this.choices = new FormatChoices(actions, tables, chosenReceiver, sound, this::showAgain);
        this.printed = new PrintedPart(actions, chosenReceiver, this::showAgain);
        this.receivers = receivers;
    }

    private ReportPresentation presentation(WindowState state) {
        Optional<Receiver> receiver = chosenReceiver.in(state);
        return shown.of(state, Kept::new)
                .of(
                        receiver.orElse(null),
                        () -> ReportPresentation.of(state.job(), state.point(), receiver, tables, example));
    }

    @Override
    public String title() {
        return "What leaves the building";
    }

    @Override
    public String about(WindowState state) {
        return presentation(state).about();
    }

    @Override
    public List<Part> beside(WindowState state) {
        List<Part> parts = new ArrayList<>();
        presentation(state).call().ifPresent(call -> parts.addAll(steps(call)));
        parts.addAll(StationRoll.of(
                practice.stationAddress(), practice.settings().get().onNetwork(), practice.roll()));
        return parts;
    }

    private static List<Part> steps(Call call) {
        Parts rows = Parts.column();
        for (Call.Step step : call.steps()) {
            rows.add(Group.row(
                            Words.whole(Words.of("roll-time", Text.of("%5.1f s", step.atSeconds()))),
                            Words.wrapped(Words.of("roll-line", step.says())))
                    .style("roll-entry", "roll-first"));
        }
        rows.add(Words.quiet(Text.of("%.1f s altogether", call.seconds())));
        return List.of(Words.title("The call"), rows.style("roll").group());
    }

    @Override
    public List<Part> middle(WindowState state) {
        ReportPresentation report = presentation(state);
        List<Part> parts = new ArrayList<>();
        FirstSteps.points(actions).ifPresent(parts::add);
        report.programming().ifPresent(programming -> parts.add(programming(programming)));
        if (report.receiver().isEmpty()) {
            parts.add(Words.firstStep(
                    "There is no receiver yet. Add the station's, with its address.",
                    "Add a receiver",
                    "opens the receivers",
                    receivers));
            return parts;
        }
        Receiver receiver = report.receiver().get();
        parts.add(choices.part(state, report, receiver));
        if (!report.nothing().isEmpty()) {
            parts.add(Words.empty(report.nothing()));
        }
        report.outgoing().ifPresent(out -> parts.addAll(outgoing(out, receiver)));
        report.printout().ifPresent(printout -> parts.addAll(printed.printed(report, printout, receiver)));
        if (!report.others().isEmpty()) {
            parts.add(section("The same event at the other receivers", report.group()));
            parts.add(printed.others(report.others()));
        }
        return parts;
    }

    private Part programming(ReportPresentation.Programming zone) {
        Parts row = Parts.flow();
        row.style("programming");
        row.add(
                Words.quiet("The panel takes " + zone.input() + " as"),
                Words.figure(Text.of("zone %03d", zone.zone())),
                Choice.of(
                        "Zone type",
                        Arrays.asList(ZoneType.values()),
                        zone.type(),
                        ZoneType::words,
                        type -> actions.apply(Edits.zoneType(zone.zone(), type))),
                Words.quiet("in"),
                Choice.of(
                        "Area",
                        zone.areas(),
                        zone.area().orElse(null),
                        area -> Text.of("area %02d %s", area.number(), area.name()),
                        area -> actions.apply(Edits.zoneArea(zone.zone(), Optional.of(area.number())))));
        zone.area().ifPresent(area -> row.add(Words.quiet("account"), account(area)));
        return row.group();
    }

    private Part account(Area area) {
        return Value.of(
                "Account",
                area.account().isEmpty() ? "none" : area.account(),
                typed -> actions.apply(new Edit(
                        "account of area " + area.number(),
                        job -> Edits.account(area.number(), typed).on(job))));
    }

    private List<Part> outgoing(Outgoing out, Receiver receiver) {
        return switch (out) {
            case Outgoing.Frame frame -> overIp(frame.frame(), out, receiver);
            case Outgoing.Tones tones ->
                List.of(
                        section("In tones", "SIA DC-05; 50 ms on, 50 ms off"),
                        frame(out.parts()),
                        ToneDrawing.of(tones.digits()).asPart());
            case Outgoing.Blocks blocks ->
                List.of(
                        section(
                                "On the line",
                                Text.of(
                                        "SIA DC-03; blocks of letters by two tones, 300 bits a second, %d characters",
                                        blocks.report().blocks().stream()
                                                .mapToInt(block -> block.bytes().length)
                                                .sum())),
                        frame(out.parts()));
            case Outgoing.Pulses pulses ->
                List.of(
                        section(
                                "On the line",
                                receiver.format().shape().orElseThrow().parity()
                                        ? "one round with a parity digit; 0 is ten pulses"
                                        : "each round twice; 0 is ten pulses"),
                        new PulseDrawing(pulses.report(), pulses.timing()).asPart());
        };
    }

    private List<Part> overIp(IpFrame frame, Outgoing out, Receiver receiver) {
        List<Part> parts = new ArrayList<>();
        parts.add(section(
                "The frame", "SIA DC-09; sequence and time are examples. Hover over a run of bytes for what it says"));
        parts.add(frame(out.parts()));
        practice.keys().of(receiver, frame.account()).ifPresent(key -> {
            boolean given = practice.keys().given(receiver, frame.account()).isPresent();
            parts.add(section(
                    "As it travels",
                    "encrypted with " + (given ? "the key that the station gave" : "a key made for this session") + ", "
                            + key.bits() + " bits"));
            parts.add(frame(ReportPresentation.encrypted(frame, key)));
        });
        return parts;
    }

    private static Part frame(List<FramePart> runs) {
        Parts row = Parts.flow();
        row.style("frame");
        runs.forEach(part -> row.add(part(part)));
        return row.group();
    }

    private static Part part(FramePart part) {
        String kind = part.kind().name().toLowerCase(Locale.ROOT);
        return Group.column(
                        Words.of("frame-bytes frame-" + kind, part.text().strip())
                                .growing(),
                        Words.of("frame-caption", part.caption()))
                .style("frame-part")
                .saying(part.caption() + " " + part.text() + ": " + part.meaning())
                .hint(part.meaning());
    }

    private static Part section(String title, String about) {
        return Words.section(title, about).style("section-ruled");
    }
}
