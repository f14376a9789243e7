package io.answerback.desktop.report;

import io.answerback.core.chain.PointResult;
import io.answerback.core.edit.Edits;
import io.answerback.core.event.EventTable;
import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.report.BadFrame;
import io.answerback.core.report.ContactId;
import io.answerback.core.report.FramePart;
import io.answerback.core.report.IpFrame;
import io.answerback.core.report.IpFrameParts;
import io.answerback.core.site.Area;
import io.answerback.core.site.Input;
import io.answerback.core.site.Job;
import io.answerback.core.site.Link;
import io.answerback.core.site.Receiver;
import io.answerback.core.site.SystemPoint;
import io.answerback.core.site.Zone;
import io.answerback.core.wording.Terms;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Headline;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
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
    private static final int SAMPLE_SEQUENCE = 42;

    private final OpenJob openJob;
    private final EventTable events;
    private final InstantSource clock;
    private final StationRoll roll;
    private final VBox sheet = new VBox();
    private List<Object> shown = List.of();

    /// The bench.
    public ReportBench(OpenJob openJob, EventTable events, InstantSource clock, PracticeSession practice) {
        this.openJob = openJob;
        this.events = events;
        this.clock = clock;
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
        Job job = state.job();
        List<Object> now = List.of(state.selected(), job.zones(), job.areas(), job.communicator(), job.receivers());
        if (!now.equals(shown)) {
            shown = now;
            draw(state);
        }
    }

    private void draw(WindowState state) {
        PointResult point = state.point();
        Optional<Signal> signal = signal(state.job(), point);
        List<Node> parts = new ArrayList<>();
        parts.add(new Headline("What leaves the building", about(state, point)));
        point.wired().flatMap(WiredPoint::input).ifPresent(input -> parts.add(programming(state.job(), input)));
        parts.add(
                section(
                        "The frame",
                        "SIA DC-09, as the receiver gets it; sequence and time are examples. Hover over a run of bytes for what it says"));
        parts.add(signal.map(sent -> frame(state.job(), sent)).orElseGet(() -> nothing(point)));
        signal.ifPresent(sent -> {
            parts.add(section("The same event in tones", "SIA DC-05"));
            parts.add(tones(sent));
        });
        parts.add(section("Who is tried, in order", state.job().communicator().name()));
        parts.add(route(state.job()));
        parts.add(section("What a receiver answers", ""));
        parts.add(answers());
        sheet.getChildren().setAll(parts);
    }

    @Override
    public void showPassing() {
        roll.show();
    }

    private static String about(WindowState state, PointResult point) {
        String wording = Terms.of(state.job().practice()).set();
        String word = point.wired()
                .map(wired -> wired.point().kind().words().activeWord())
                .orElseGet(() -> SystemPoint.of(point.pointId()).orElseThrow().activeWord());
        return point.wired().isPresent()
                ? "%s %s: %s, its area %s".formatted(point.pointId(), point.name(), word, wording)
                : "%s: %s".formatted(point.name(), word);
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

    private Node programming(Job job, Input input) {
        Zone zone = job.zone(input.zone())
                .orElse(new Zone(input.zone(), ZoneType.NOT_USED, Optional.empty(), Optional.empty()));
        Flow row = new Flow();
        row.getStyleClass().add("programming");
        row.getChildren()
                .addAll(
                        Words.quiet("The panel takes " + job.nameOf(input) + " as"),
                        Words.figure("zone %03d".formatted(zone.number())));
        row.getChildren()
                .add(Choice.of(
                        "Zone type",
                        Arrays.asList(ZoneType.values()),
                        zone.type(),
                        ZoneType::words,
                        type -> openJob.apply(Edits.zoneType(zone.number(), type))));
        row.getChildren().add(Words.quiet("in"));
        row.getChildren()
                .add(Choice.of(
                        "Area",
                        job.areas(),
                        zone.area().flatMap(job::area).orElse(null),
                        area -> "area %02d %s".formatted(area.number(), area.name()),
                        area -> openJob.apply(Edits.zoneArea(zone.number(), Optional.of(area.number())))));
        zone.area()
                .flatMap(job::area)
                .ifPresent(area -> row.getChildren().addAll(Words.quiet("account"), account(area)));
        return row;
    }

    private Node account(Area area) {
        return new ValueField(
                "Account",
                area.account().isEmpty() ? "none" : area.account(),
                typed -> openJob.apply(new io.answerback.core.site.Edit(
                        "account of area " + area.number(),
                        job -> Edits.account(area.number(), typed).on(job))));
    }

    private Node frame(Job job, Signal signal) {
        Optional<Receiver> receiver = job.routeReceivers().stream().findFirst();
        IpFrame frame = IpFrame.of(
                signal,
                SAMPLE_SEQUENCE,
                receiver.map(Receiver::receiverNumber).orElse(""),
                receiver.map(Receiver::linePrefix).orElse("0"),
                clock.instant());
        Flow row = new Flow();
        row.getStyleClass().add("frame");
        try {
            IpFrameParts.of(frame, events.in(Terms.of(job.practice())))
                    .forEach(part -> row.getChildren().add(part(part)));
        } catch (BadFrame impossible) {
            row.getChildren().add(Words.quiet(impossible.getMessage()));
        }
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

    private static Node nothing(PointResult point) {
        return Words.wrapped(Words.of(
                "empty",
                "Nothing leaves yet: " + point.chain().of(Link.ZONE).figure() + ", "
                        + point.chain().of(Link.EVENT).line() + "."));
    }

    private static Node tones(Signal signal) {
        try {
            String digits = ContactId.encode(signal);
            String spaced = "%s %s %s %s %s %s"
                    .formatted(
                            digits.substring(0, 4),
                            digits.substring(4, 6),
                            digits.substring(6, 10),
                            digits.substring(10, 12),
                            digits.substring(12, 15),
                            digits.substring(15));
            Flow row = new Flow(
                    Words.figure(spaced),
                    Words.wrapped(Words.quiet("the last digit, " + digits.charAt(15)
                            + ", brings the sum of all sixteen to a multiple of 15")));
            row.getStyleClass().add("section");
            return row;
        } catch (IllegalArgumentException refused) {
            return Words.wrapped(Words.quiet(refused.getMessage()));
        }
    }

    private static Node route(Job job) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("table");
        int row = 0;
        for (Receiver receiver : job.routeReceivers()) {
            grid.addRow(
                    row++,
                    Words.figure(row + "."),
                    new Label(receiver.name()),
                    Words.figure(receiver.host() + ":" + receiver.port()),
                    Words.figure("R" + receiver.receiverNumber() + " L" + receiver.linePrefix()),
                    Words.quiet(
                            "%d tries of %s s".formatted(job.communicator().ip().attempts(), seconds(job))));
        }
        Label caution = Words.wrapped(
                Words.quiet(
                        "While you practise, everything goes to the practice station on this computer instead. Nothing reaches these receivers."));
        return new VBox(4, grid, caution);
    }

    private static String seconds(Job job) {
        return io.answerback.core.common.Figures.plain(job.communicator().ip().timeoutMillis() / 1000.0);
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
