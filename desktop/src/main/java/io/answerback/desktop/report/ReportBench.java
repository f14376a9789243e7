package io.answerback.desktop.report;

import io.answerback.core.edit.Edits;
import io.answerback.core.event.EventTable;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.report.FramePart;
import io.answerback.core.site.Area;
import io.answerback.core.site.Edit;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Headline;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.present.ReportPresentation;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/// What leaves the building when the selected point becomes active while its area is watched.
public final class ReportBench implements Bench {
    private final OpenJob openJob;
    private final EventTable events;
    private final Instant example;
    private final StationRoll roll;
    private final VBox sheet = new VBox();
    private Optional<ReportPresentation> shown = Optional.empty();

    /// The bench.
    public ReportBench(OpenJob openJob, EventTable events, InstantSource clock, PracticeSession practice) {
        this.openJob = openJob;
        this.events = events;
        this.example = clock.instant();
        this.roll = new StationRoll(practice);
        sheet.getStyleClass().add("bench");
    }

    @Override
    public Node sheet() {
        return sheet;
    }

    @Override
    public Node instrument() {
        return roll;
    }

    @Override
    public void show(WindowState state) {
        ReportPresentation now = ReportPresentation.of(state.job(), state.point(), events, example);
        if (!shown.equals(Optional.of(now))) {
            shown = Optional.of(now);
            draw(now);
        }
    }

    private void draw(ReportPresentation report) {
        List<Node> parts = new ArrayList<>();
        parts.add(new Headline("What leaves the building", report.about()));
        report.programming().ifPresent(programming -> parts.add(programming(programming)));
        parts.add(
                section(
                        "The frame",
                        "SIA DC-09, as the receiver gets it; sequence and time are examples. Hover over a run of bytes for what it says"));
        parts.add(report.nothing().isEmpty() ? frame(report) : Words.wrapped(Words.of("empty", report.nothing())));
        report.tones().ifPresent(tones -> {
            parts.add(section("The same event in tones", "SIA DC-05"));
            parts.add(tones(tones));
        });
        parts.add(section("Who is tried, in order", report.communicator()));
        parts.add(route(report.tried()));
        parts.add(section("What a receiver answers", ""));
        parts.add(answers());
        sheet.getChildren().setAll(parts);
    }

    @Override
    public void showPassing() {
        roll.show();
    }

    private Node programming(ReportPresentation.Programming zone) {
        Flow row = new Flow();
        row.getStyleClass().add("programming");
        row.getChildren()
                .addAll(
                        Words.quiet("The panel takes " + zone.input() + " as"),
                        Words.figure("zone %03d".formatted(zone.zone())),
                        Choice.of(
                                "Zone type",
                                Arrays.asList(ZoneType.values()),
                                zone.type(),
                                ZoneType::words,
                                type -> openJob.apply(Edits.zoneType(zone.zone(), type))),
                        Words.quiet("in"),
                        Choice.of(
                                "Area",
                                zone.areas(),
                                zone.area().orElse(null),
                                area -> "area %02d %s".formatted(area.number(), area.name()),
                                area -> openJob.apply(Edits.zoneArea(zone.zone(), Optional.of(area.number())))));
        zone.area().ifPresent(area -> row.getChildren().addAll(Words.quiet("account"), account(area)));
        return row;
    }

    private Node account(Area area) {
        return new ValueField(
                "Account",
                area.account().isEmpty() ? "none" : area.account(),
                typed -> openJob.apply(new Edit(
                        "account of area " + area.number(),
                        job -> Edits.account(area.number(), typed).on(job))));
    }

    private static Node frame(ReportPresentation report) {
        Flow row = new Flow();
        row.getStyleClass().add("frame");
        report.frame().forEach(part -> row.getChildren().add(part(part)));
        return row;
    }

    private static Node part(FramePart part) {
        Label bytes = new Label(part.text().strip());
        bytes.getStyleClass()
                .addAll("frame-bytes", "frame-" + part.kind().name().toLowerCase(Locale.ROOT));
        Label caption = new Label(part.caption());
        caption.getStyleClass().add("frame-caption");
        VBox box = new VBox(bytes, caption);
        box.getStyleClass().add("frame-part");
        bytes.setMaxWidth(Double.MAX_VALUE);
        String says = part.caption() + " " + part.text() + ": " + part.meaning();
        box.setAccessibleText(says);
        Hint.on(box, part.meaning());
        return box;
    }

    private static Node tones(ReportPresentation.Tones tones) {
        Flow row = new Flow(Words.figure(tones.digits()), Words.wrapped(Words.quiet(tones.about())));
        row.getStyleClass().add("section");
        return row;
    }

    private static Node route(List<ReportPresentation.Tried> tried) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("table");
        for (int i = 0; i < tried.size(); i++) {
            ReportPresentation.Tried one = tried.get(i);
            grid.addRow(
                    i,
                    Words.figure(i + 1 + "."),
                    new Label(one.name()),
                    Words.figure(one.address()),
                    Words.figure(one.line()),
                    Words.quiet(one.attempts()));
        }
        Label caution = Words.wrapped(
                Words.quiet(
                        "While you practise, everything goes to the practice station on this computer instead. Nothing reaches these receivers."));
        return new VBox(4, grid, caution);
    }

    private static Node answers() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("table");
        grid.addRow(0, Words.figure("ACK"), new Label("received and understood: the panel is done"));
        grid.addRow(1, Words.figure("DUH"), new Label("received, not understood: sending it again will not help"));
        grid.addRow(
                2, Words.figure("NAK"), new Label("refused, mostly for a wrong clock: it carries the receiver's time"));
        return grid;
    }

    private static Node section(String title, String about) {
        Flow row = Words.section(title, about);
        row.getStyleClass().add("section-ruled");
        return row;
    }
}
