package io.answerback.benchmarks;

import io.answerback.edit.CableEdits;
import io.answerback.edit.Edits;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import io.answerback.job.Bus;
import io.answerback.job.Cable;
import io.answerback.job.Conductor;
import io.answerback.job.Duty;
import io.answerback.job.Input;
import io.answerback.job.InputModel;
import io.answerback.job.Job;
import io.answerback.job.LoopWiring;
import io.answerback.job.Panel;
import io.answerback.job.PanelModule;
import io.answerback.job.PanelProfile;
import io.answerback.job.Point;
import io.answerback.job.PointKind;
import io.answerback.job.Power;
import io.answerback.job.Proof;
import io.answerback.job.Radio;
import io.answerback.job.ResistorPlace;
import io.answerback.job.SchemeBands;
import io.answerback.job.SchemeKind;
import io.answerback.job.Setup;
import io.answerback.job.UnusedTermination;
import io.answerback.job.Zone;
import io.answerback.job.ZoneType;
import io.answerback.loop.BandChart;
import io.answerback.proof.Upstream;
import io.answerback.survey.KindCatalogue;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Jobs of any size, made up, the same every time.
final class LargeJobs {
    private static final int INPUTS_A_MODULE = 8;

    private LargeJobs() {}

    /// A job of `size` wired points, each second one proven, of every kind and scheme in turn, every cable
    /// of the
    /// smallest type that is enough.
    static Job of(int size) {
        Job demo = DemoJobs.job(1);
        Conductor conductor = DataFiles.conductors().getFirst();
        List<PointKind> kinds = DataFiles.kinds().entries().stream()
                .map(KindCatalogue.Entry::kind)
                .toList();
        List<Point> points = new ArrayList<>();
        List<Cable> cables = new ArrayList<>();
        List<Input> inputs = new ArrayList<>();
        List<Zone> zones = new ArrayList<>();
        for (int i = 1; i <= size; i++) {
            String id = "%03d".formatted(i);
            ZoneType type = ZoneType.values()[i % ZoneType.values().length];
            Duty duty = new Duty(type, Optional.of(i % 3 + 1), false);
            points.add(Point.of(id, "Point " + i, kinds.get(i % kinds.size()), duty, wiring(i)));
            cables.add(new Cable("C-" + id, id, 10 + i % 90, conductor, -10, 35));
            int module = (i - 1) / INPUTS_A_MODULE;
            inputs.add(Input.of(
                    "M" + id,
                    "Module " + module,
                    (i - 1) % INPUTS_A_MODULE + 1,
                    i,
                    Optional.of(id),
                    UnusedTermination.NOTHING));
            zones.add(new Zone(i, type, Optional.of(i % 3 + 1), Optional.empty()));
        }
        Job job = new Job(
                demo.site(),
                demo.practice(),
                panel(demo.panel()),
                inputs.stream()
                        .map(Input::module)
                        .distinct()
                        .map(name -> new PanelModule(name, "bus-8", List.of()))
                        .toList(),
                demo.areas(),
                points,
                cables,
                inputs,
                zones,
                demo.communicator(),
                demo.receivers(),
                List.of(),
                List.of(),
                Power.UNDECIDED,
                Bus.UNDECIDED,
                Radio.UNDECIDED,
                Setup.UNDECIDED);
        List<Proof> proofs = points.stream()
                .filter(point -> Integer.parseInt(point.id()) % 2 == 0)
                .map(point -> proof(job, point))
                .toList();
        return CableEdits.chooseTypes(DataFiles.cableTypes()).on(job.withProofs(proofs));
    }

    /// The panel of the demo, reading every scheme that any of the sample panels reads.
    private static Panel panel(Panel demo) {
        PanelProfile profile = demo.profile();
        Map<SchemeKind, SchemeBands> all = new EnumMap<>(SchemeKind.class);
        Stream.concat(Stream.of(profile), DataFiles.profiles().stream())
                .flatMap(its -> its.modules().stream().map(its::inputs))
                .forEach(model ->
                        model.schemes().forEach(bands -> all.putIfAbsent(bands.scheme(), inOhms(bands, model))));
        return new Panel(
                demo.name(),
                new PanelProfile(
                        profile.id(),
                        profile.name(),
                        profile.pullUpVolts(),
                        profile.pullUpOhms(),
                        profile.entrySeconds(),
                        List.copyOf(all.values()),
                        profile.capacity(),
                        profile.radioBand(),
                        profile.modules()));
    }

    private static SchemeBands inOhms(SchemeBands bands, InputModel model) {
        return new SchemeBands(
                bands.scheme(),
                bands.endOfLineOhms(),
                bands.alarmOhms(),
                bands.secondOhms(),
                bands.unusedNeeds(),
                BandChart.of(bands, model).bands());
    }

    private static LoopWiring wiring(int i) {
        return new LoopWiring(
                SchemeKind.values()[i % SchemeKind.values().length],
                2200,
                4700,
                10_000,
                1,
                0.2,
                ResistorPlace.LAST_DEVICE,
                false);
    }

    private static Proof proof(Job job, Point point) {
        return new Proof(
                point.id(),
                Instant.EPOCH,
                10,
                "practice station",
                "frame",
                Optional.of(Instant.EPOCH),
                Upstream.of(job, point.id()));
    }

    /// The same job with one cable a metre longer or shorter.
    static Job edited(Job job, int metres) {
        return Edits.cableMetres("C-100", metres).on(job);
    }
}
