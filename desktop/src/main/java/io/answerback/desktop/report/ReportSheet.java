package io.answerback.desktop.report;

import io.answerback.core.edit.Edits;
import io.answerback.core.event.EventTable;
import io.answerback.core.format.FramePart;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Area;
import io.answerback.core.site.Edit;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Text;
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

/// What leaves the building when the selected point becomes active while its area is watched.
public final class ReportSheet extends PartSheet {
    private final Actions actions;
    private final EventTable events;
    private final Instant example;
    private final PracticeSession practice;

    /// The sheet.
    ///
    /// @param clock what time stands in the frame as an example
    public ReportSheet(Actions actions, EventTable events, InstantSource clock, PracticeSession practice) {
        this.actions = actions;
        this.events = events;
        this.example = clock.instant();
        this.practice = practice;
    }

    private ReportPresentation presentation(WindowState state) {
        return ReportPresentation.of(state.job(), state.point(), events, example);
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
        return StationRoll.of(practice.stationAddress(), practice.roll());
    }

    @Override
    public List<Part> middle(WindowState state) {
        ReportPresentation report = presentation(state);
        List<Part> parts = new ArrayList<>();
        FirstSteps.points(actions).ifPresent(parts::add);
        report.programming().ifPresent(programming -> parts.add(programming(programming)));
        parts.add(
                section(
                        "The frame",
                        "SIA DC-09, as the receiver gets it; sequence and time are examples. Hover over a run of bytes for what it says"));
        parts.add(report.nothing().isEmpty() ? frame(report) : Words.empty(report.nothing()));
        report.tones().ifPresent(tones -> {
            parts.add(section("The same event in tones", "SIA DC-05"));
            parts.add(tones(tones));
        });
        parts.add(section("Who is tried, in order", report.communicator()));
        parts.add(route(report.tried()));
        parts.add(section("What a receiver answers", ""));
        parts.add(answers());
        return parts;
    }

    private Part programming(ReportPresentation.Programming zone) {
        Parts row = Parts.flow();
        row.style("programming");
        row.add(
                Words.quiet("The panel takes " + zone.input() + " as"),
                Words.figure("zone %03d".formatted(zone.zone())),
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
                        area -> "area %02d %s".formatted(area.number(), area.name()),
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

    private static Part frame(ReportPresentation report) {
        Parts row = Parts.flow();
        row.style("frame");
        report.frame().forEach(part -> row.add(part(part)));
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

    private static Part tones(ReportPresentation.Tones tones) {
        Parts row = Parts.flow(Words.figure(tones.digits()), Words.wrapped(Words.quiet(tones.about())));
        row.style("section");
        return row.group();
    }

    private static Part route(List<ReportPresentation.Tried> tried) {
        Grid.Filling grid = Grid.filling("table");
        for (int i = 0; i < tried.size(); i++) {
            ReportPresentation.Tried one = tried.get(i);
            grid.line(
                    Words.figure(i + 1 + "."),
                    Text.of(one.name()),
                    Words.figure(one.address()),
                    Words.figure(one.line()),
                    Words.quiet(one.attempts()));
        }
        Text caution = Words.wrapped(
                Words.quiet(
                        "While you practise, everything goes to the practice station on this computer instead. Nothing reaches these receivers."));
        return Group.column(grid, caution).style("route-table");
    }

    private static Part answers() {
        Grid.Filling grid = Grid.filling("table");
        grid.line(Words.figure("ACK"), Text.of("received and understood: the panel is done"));
        grid.line(Words.figure("DUH"), Text.of("received, not understood: sending it again will not help"));
        grid.line(Words.figure("NAK"), Text.of("refused, mostly for a wrong clock: it carries the receiver's time"));
        return grid.grid();
    }

    private static Part section(String title, String about) {
        return Words.section(title, about).style("section-ruled");
    }
}
