package io.answerback.benchmarks;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.loop.BandChart;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.service.SiteService;
import io.answerback.core.model.shown.Acceptance;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Proof;
import io.answerback.core.model.site.Radio;
import io.answerback.core.model.site.SurveyedZone;
import io.answerback.core.model.site.Zone;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
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
    /// The formats have three digits for a zone: points beyond are surveyed and cabled, and have no input.
    private static final int MOST_ZONES = 999;

    private LargeJobs() {}

    /// A job of `size` wired points, each second one proven, of every kind and scheme in turn, every cable of
    /// the smallest type that is enough.
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
            SurveyedZone surveyed = new SurveyedZone(type, Optional.of(i % 3 + 1), false);
            points.add(Point.of(new PointId(id), "Point " + i, kinds.get(i % kinds.size()), surveyed, wiring(i)));
            cables.add(new Cable(new CableId("C-" + id), new PointId(id), 10 + i % 90, conductor, -10, 35));
            if (i > MOST_ZONES) {
                continue;
            }
            int module = (i - 1) / INPUTS_A_MODULE;
            inputs.add(Input.of(
                    new InputId("M" + id),
                    new ModuleId("Module " + module),
                    (i - 1) % INPUTS_A_MODULE + 1,
                    i,
                    Optional.of(new PointId(id)),
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
                        .map(name -> PanelModule.called(name.text(), "bus-8", List.of()))
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
                PanelProgramming.UNDECIDED,
                Acceptance.NOTHING,
                SiteService.NOTHING);
        List<Proof> proofs = points.stream()
                .filter(point -> Integer.parseInt(point.id().text()) % 2 == 0)
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
                        profile.modules(),
                        Optional.empty(),
                        Optional.empty(),
                        SettingCatalogue.EMPTY,
                        Optional.empty()));
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
                ProofBasis.of(job, DataFiles.events(), point.id()));
    }

    /// The same job with one cable a metre longer or shorter.
    static Job edited(Job job, int metres) {
        return Edits.cableMetres(new CableId("C-100"), metres).on(job);
    }
}
