package io.answerback.desktop.report;

import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Receiver;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.StationSettings;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.station.Misbehaviour;
import io.answerback.station.StationRules;
import java.util.ArrayList;
import java.util.List;

/// What has arrived at the practice station, how it behaves, which receivers are dead and which paths are cut.
final class StationSheet extends PartSheet {
    private static final List<Integer> EVERY = List.of(2, 3, 4, 5, 10);

    private final RollFile file;
    private final PracticeSession practice;

    StationSheet(PracticeSession practice, RollFile file) {
        this.file = file;
        this.practice = practice;
    }

    @Override
    public String title() {
        return "The practice station";
    }

    @Override
    public String about(WindowState state) {
        return "listening on " + practice.stationAddress() + ", TCP and UDP";
    }

    @Override
    public List<Part> middle(WindowState state) {
        StationSettings now = practice.settings().get();
        Parts behaves = Parts.flow(
                Words.quiet("It"),
                Choice.of(
                        "Behaviour",
                        List.of(Misbehaviour.values()),
                        now.misbehaviour(),
                        Misbehaviour::words,
                        how -> practice.set(now.misbehaving(how))));
        if (now.misbehaviour() == Misbehaviour.DROP) {
            behaves.add(
                    Words.quiet("n is"),
                    Choice.of("Every", EVERY, now.dropEvery(), String::valueOf, n -> practice.set(now.dropping(n))));
        }
        List<Part> parts = new ArrayList<>();
        parts.add(behaves.style("programming").group());
        parts.addAll(dead(state, now));
        parts.addAll(cut(state, now));
        parts.add(Words.section("Where it listens", "").style("section-ruled"));
        parts.add(new Check(
                "Open to the site network, so that a real communicator can be pointed at this computer",
                now.onNetwork(),
                on -> practice.set(now.onNetwork(on))));
        if (now.onNetwork()) {
            parts.add(
                    Words.caution(
                            "Anybody on this network can reach the station now. It is for practice; the account stays on test at the real one."));
        }
        parts.add(Words.wrapped(Words.quiet(StationRules.Limits.STANDARD.words())));
        parts.add(Words.section("What has arrived", StationRoll.about(practice.roll()))
                .style("section-ruled"));
        if (!practice.roll().isEmpty()) {
            parts.add(Parts.flow(Tool.of(
                            "Write out",
                            "as lines of JSON, a table, or packets for a network analyser",
                            () -> file.ask(practice.roll())))
                    .style("switches")
                    .group());
        }
        parts.addAll(StationRoll.entries(practice.roll()));
        return parts;
    }

    private List<Part> dead(WindowState state, StationSettings now) {
        List<Receiver> overIp = state.job().routeReceivers().stream()
                .filter(receiver -> receiver.format().overIp())
                .toList();
        if (overIp.isEmpty()) {
            return List.of();
        }
        Parts column = Parts.column(Words.section("Dead receivers", "a dead one answers nothing, so the next is tried")
                .style("section-ruled"));
        for (Receiver receiver : overIp) {
            column.add(new Check(
                    receiver.name() + " is dead",
                    now.dead().contains(receiver.id()),
                    on -> practice.set(now.dead(receiver.id(), on))));
        }
        return column.list();
    }

    private List<Part> cut(WindowState state, StationSettings now) {
        List<TransmissionPath> paths = state.job().communicator().paths();
        if (paths.isEmpty()) {
            return List.of();
        }
        Parts column = Parts.column(Words.section("Paths that are cut", "a cut one leads nowhere, so the next is tried")
                .style("section-ruled"));
        for (TransmissionPath path : paths) {
            column.add(new Check(
                    path.kind().words() + " is cut",
                    now.cut().contains(path.kind()),
                    on -> practice.set(now.cut(path.kind(), on))));
        }
        return column.list();
    }
}
