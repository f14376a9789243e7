package io.answerback.files.demo;

import io.answerback.core.bus.TerminatorEdits;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.path.PathOrder;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.power.SupplyReading;
import io.answerback.core.model.power.SupplyReading.Quantity;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.service.SiteService;
import io.answerback.core.model.shown.Acceptance;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Learned;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Measurement.Measured;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Proof;
import io.answerback.core.model.site.Radio;
import io.answerback.core.model.site.Site;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.files.DataFiles;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/// A quayside frozen-food warehouse, half-way through the job, with faults left in on purpose: a loop that is
/// tight (07), a point whose zone is off (15), a zone without an area (20), an unused input left open, a loop
/// that reads less than it can (10), a cover the tamper ring passes by (05), a cable without a label (18), and
/// a proof gone stale (09, whose cable was found to be longer). The roof hatch is read from a keypad that has
/// taken over a zone of an expander, and the panel expects an expander that is not on the wall.
public final class BrinewellColdStore {
    private static final List<String> PROVEN =
            List.of("01", "02", "04", "05", "06", "10", "11", "12", "17", "22", "mains", "battery", "tamper");
    private static final String STALE = "09";
    private static final List<CableId> LOOSE = List.of(new CableId("C-05"), new CableId("C-26"));
    private static final String FIRST_PROOF = "2026-05-12T09:38:12Z";

    private BrinewellColdStore() {}

    /// The job, opened on a day.
    static Job job(DemoDay day) {
        Job unproven = unproven(day);
        Job job = unproven;
        int sequence = 1;
        for (String point : PROVEN) {
            job = Edits.keepProof(proof(unproven, point, sequence++, day)).on(job);
        }
        job = Edits.keepProof(proof(unproven, STALE, sequence, day)).on(job);
        job = Edits.cableMetres(new CableId("C-11"), 62).on(job);
        Job wired = TerminatorEdits.atBothEnds().on(cabled(job, day));
        return BrinewellShown.on(BrinewellSetup.on(readings(wired, day), day), day);
    }

    /// Every cable is run and terminated but two; one has no label at the device, and the ring passes one by.
    private static Job cabled(Job job, DemoDay day) {
        Job next = PracticeEdits.option("tamper", PracticeOption.ONE_RING).on(job);
        next = PracticeEdits.reason("school:TAMPER", "A few devices have loops that do not watch their covers.")
                .on(next);
        CableType eight = CablesLaid.type("8-core");
        List<CableId> toPoints = next.cables().stream().map(Cable::id).toList();
        next = CableEdits.installation("", toPoints, installation -> installation.withType(eight))
                .on(next);
        next = CablesLaid.toModules(next, "demo/brinewell-modules.csv");
        List<CableId> all = next.cables().stream().map(Cable::id).toList();
        next = CableEdits.installation(
                        "",
                        all,
                        installation -> installation.withLabels(true, true).withProgress(Progress.TERMINATED))
                .on(next);
        next = CableEdits.installation("", new CableId("C-14"), installation -> installation.withLabels(true, false))
                .on(next);
        next = CableEdits.installation("", new CableId("C-20"), installation -> installation.withInRing(false))
                .on(next);
        next = CableEdits.installation("", LOOSE, installation -> installation.withProgress(Progress.RUN))
                .on(next);
        return CablesLaid.terminated(next, LOOSE, day.instant(FIRST_PROOF).minusSeconds(86_400));
    }

    /// Two visits: of the second, one loop is not as it should be and one has changed.
    private static Job readings(Job job, DemoDay day) {
        Job next = job;
        int minutes = 0;
        for (CSVRecord row : DataFiles.rows("demo/brinewell-readings.csv")) {
            Instant at = day.instant(row.get("visit")).plusSeconds(60L * minutes++);
            Optional<Double> ohms = Optional.of(row.get("ohms"))
                    .filter(text -> !text.equals("open"))
                    .map(Double::valueOf);
            next = TakeOverEdits.measured(new Measurement(
                            new PointId(row.get("point")),
                            at,
                            Measured.valueOf(row.get("what")),
                            ohms,
                            row.get("note")))
                    .on(next);
        }
        return next;
    }

    private static Job unproven(DemoDay day) {
        List<CSVRecord> rows = DataFiles.rows("demo/brinewell.csv");
        return new Job(
                new Site("Brinewell Cold Store", "The Quay, north berth", 14),
                Practice.of(DataFiles.rules("graded-3"))
                        .withReason("scheme:05", "The button has one contact; the tamper ring watches its cover.")
                        .withReason("scheme:08", "Grade 3 wants a blinded detector told from a tripped one.")
                        .withReason("scheme:11", "The door and the detector by it share an input, to keep one spare.")
                        .withReason("scheme:12", "The gas panel's relay closes in alarm.")
                        .withReason(
                                "output:12",
                                "The gas panel shows its own faults, and its maintainer has them reported."),
                new Panel("Panel in the dock office", DataFiles.profile("sample-b")),
                List.of(
                        PanelModule.called("Panel", "board", List.of()),
                        PanelModule.called("Expander 1", "bus-8", List.of()),
                        PanelModule.called("Expander 2", "bus-8", List.of()),
                        PanelModule.called("Keypad 1", "keypad", List.of(1)),
                        PanelModule.called("Keypad 2", "keypad", List.of(1, 2)),
                        PanelModule.called("Keypad 3", "keypad", List.of(2, 3)),
                        PanelModule.called("Communicator", "bus-communicator", List.of()),
                        PanelModule.called("Sounder", "sounder-strobe", List.of()),
                        PanelModule.called("Speaker 1", "speaker", List.of()),
                        PanelModule.called("Speaker 2", "speaker", List.of())),
                List.of(
                        new Area(1, "Offices", "7316"),
                        new Area(2, "Dock", "7316"),
                        new Area(3, "Cold rooms and plant", "7316")),
                rows.stream().map(DemoRows::point).toList(),
                rows.stream().map(DemoRows::cable).toList(),
                DemoRows.inputs(rows),
                rows.stream().map(DemoRows::zone).toList(),
                new Communicator(
                        "Communicator on the keypad bus",
                        DemoReceivers.pathsOfColdStore(),
                        PathOrder.RECEIVER_BY_RECEIVER,
                        Optional.of(DemoReceivers.networkOfColdStore()),
                        DemoReceivers.peopleOfColdStore(),
                        Optional.of(DemoUnits.mailOfColdStore()),
                        Optional.of(DemoUnits.ofColdStore(day))),
                DemoReceivers.ofColdStore(),
                List.of(),
                List.of(),
                power(day),
                bus(),
                Radio.UNDECIDED,
                PanelProgramming.UNDECIDED,
                Acceptance.NOTHING,
                SiteService.NOTHING);
    }

    private static Proof proof(Job job, String pointId, int sequence, DemoDay day) {
        var panel = new PanelReducer(job);
        var signal = SystemPoint.of(new PointId(pointId))
                .flatMap(system -> panel.systemSignal(system, Qualifier.NEW))
                .or(() -> job.inputOf(new PointId(pointId))
                        .flatMap(input -> job.zone(input.zone()))
                        .flatMap(zone -> panel.zoneSignal(zone, Qualifier.NEW)))
                .orElseThrow();
        Instant at = day.instant(FIRST_PROOF).plusSeconds(97L * sequence);
        String frame =
                IpFrames.encode(IpFrame.of(signal, sequence, "1", "0", at)).strip();
        return new Proof(
                new PointId(pointId),
                at,
                38 + 7L * (sequence % 5),
                "practice station",
                frame,
                Optional.of(at.plusSeconds(11)),
                ProofBasis.of(job, DataFiles.events(), new PointId(pointId)));
    }

    /// The panel still expects an expander that was taken away.
    private static Bus bus() {
        List<BusAddress> addresses = new ArrayList<>();
        List.of("Expander 1", "Expander 2")
                .forEach(name ->
                        addresses.add(new BusAddress(addresses.size() + 1, new ModuleId(name), Optional.empty())));
        for (int keypad = 1; keypad <= 3; keypad++) {
            addresses.add(new BusAddress(7 + keypad, new ModuleId("Keypad " + keypad), Optional.empty()));
        }
        for (int area = 1; area <= 3; area++) {
            addresses.add(new BusAddress(10 + area, new ModuleId("Communicator"), Optional.of(area)));
        }
        List<Learned> learned = new ArrayList<>();
        for (BusAddress given : addresses) {
            learned.add(
                    new Learned(given.address(), given.address() < 8 ? ModuleSort.BUS_EXPANDER : ModuleSort.KEYPAD));
        }
        learned.add(new Learned(3, ModuleSort.BUS_EXPANDER));
        return new Bus(addresses, learned, List.of(), Optional.empty());
    }

    private static Power power(DemoDay day) {
        // the detector in the cold room has a heater
        return Power.UNDECIDED
                .with(new Battery(new ModuleId("Panel"), 17, 2, 5, Optional.of(day.date("2022-06-20"))))
                .with(new LoadFigure(new PointId("20"), 60, 65, LoadFigure.Source.SHEET))
                .with(new SupplyReading(new ModuleId("Panel"), Quantity.FLOAT_VOLTS, 13.62, day.instant(FIRST_PROOF)))
                .with(new SupplyReading(
                        new ModuleId("Panel"), Quantity.STANDING_MILLIAMPS, 498, day.instant(FIRST_PROOF)));
    }
}
