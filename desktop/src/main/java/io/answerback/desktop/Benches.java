package io.answerback.desktop;

import io.answerback.core.event.EventTable;
import io.answerback.core.finding.Stop;
import io.answerback.core.profile.Conductor;
import io.answerback.desktop.bus.BusBench;
import io.answerback.desktop.cable.CableBench;
import io.answerback.desktop.cable.CableShelf;
import io.answerback.desktop.cable.PrintPart;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.Disk;
import io.answerback.desktop.live.Practice;
import io.answerback.desktop.loop.LoopBench;
import io.answerback.desktop.power.FaultPoint;
import io.answerback.desktop.power.PowerBench;
import io.answerback.desktop.power.PowerPrint;
import io.answerback.desktop.prove.ProveBench;
import io.answerback.desktop.report.ReportBench;
import io.answerback.desktop.setup.SetupBench;
import io.answerback.desktop.setup.SetupPrint;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.survey.RuleShelf;
import io.answerback.desktop.survey.SurveyBench;
import io.answerback.desktop.survey.TableImport;
import io.answerback.desktop.theme.Look;
import io.answerback.files.DataFiles;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.stage.Stage;

/// The benches of a window, each made when it is first wanted.
final class Benches {
    private static final String USUAL_CONDUCTOR = "0.22 mm²";

    private final Desk desk;
    private final Look look;
    private final InstantSource clock;
    private final Supplier<SurveyBench> survey;
    private final Supplier<LoopBench> loop;
    private final Supplier<CableBench> cable;
    private final Supplier<PowerBench> power;
    private final Supplier<BusBench> bus;
    private final Supplier<SetupBench> setup;

    Benches(
            Desk desk,
            Look look,
            Disk disk,
            Stage stage,
            Opened opened,
            InstantSource clock,
            RuleShelf shelf,
            TableImport table,
            CableShelf cables) {
        this.desk = desk;
        this.look = look;
        this.clock = clock;
        Conductor usual = usual(opened.conductors());
        this.survey = new MadeOnce<>(() -> new SurveyBench(desk, look, opened.kinds(), usual, clock, shelf, table));
        this.loop = new MadeOnce<>(() -> new LoopBench(desk, look, opened.conductors(), DataFiles::priors, clock));
        this.cable = new MadeOnce<>(() ->
                new CableBench(desk, look, cables, usual, new PrintPart(desk, disk, stage, cables, clock), clock));
        FaultPoint faultPoint = FaultPoint.among(opened.kinds(), usual);
        this.power = new MadeOnce<>(() ->
                new PowerBench(desk, look, disk, cables::types, clock, new PowerPrint(desk, disk, stage), faultPoint));
        this.bus = new MadeOnce<>(() -> new BusBench(desk, look, clock));
        this.setup =
                new MadeOnce<>(() -> new SetupBench(desk, look, disk, shelf, new SetupPrint(desk, disk, stage), clock));
    }

    static Conductor usual(List<Conductor> conductors) {
        return conductors.stream()
                .filter(conductor -> conductor.name().equals(USUAL_CONDUCTOR))
                .findFirst()
                .orElse(conductors.getFirst());
    }

    SetupBench setup() {
        return setup.get();
    }

    BusBench bus() {
        return bus.get();
    }

    SurveyBench survey() {
        return survey.get();
    }

    LoopBench loop() {
        return loop.get();
    }

    CableBench cable() {
        return cable.get();
    }

    PowerBench power() {
        return power.get();
    }

    Map<Stop, Supplier<Bench>> byStop(Practice practice, EventTable events) {
        return Map.of(
                Stop.SURVEY,
                this::survey,
                Stop.CABLE,
                this::cable,
                Stop.POWER,
                this::power,
                Stop.BUS,
                this::bus,
                Stop.SET_UP,
                this::setup,
                Stop.LOOP,
                this::loop,
                Stop.REPORT,
                () -> new ReportBench(desk, events, clock, practice),
                Stop.PROVE,
                () -> new ProveBench(desk, practice, look));
    }
}
