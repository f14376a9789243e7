package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Trials;
import io.answerback.core.assess.remedy.Remedies;
import io.answerback.core.assess.remedy.Remedy;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.site.Job;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyNode;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyTree;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;

/// Volts at the far end: which device drops out as the battery empties, and what would mend it.
final class DropExercises {
    private static final int MOST_DEVICES = 6;
    private static final double APART_VOLTS = 0.05;
    private static final int TRIES = 60;
    private static final double[] TIMES = {1.5, 2.5, 4, 6};
    private static final int MOST_STARVED = 4;
    private static final String SLIP = "If you fix another device, this one drops out in the first long power cut.";

    private DropExercises() {}

    private static List<DeviceVolts> known(Supplies supplies) {
        return supplies.states().stream()
                .flatMap(state -> state.volts().stream())
                .filter(device -> device.leastVolts() > 0)
                .toList();
    }

    private static double headroom(DeviceVolts device) {
        return device.atEnd() - device.leastVolts();
    }

    static Exercise dropsOut(Ask ask, List<Assessment> sites, Random random) {
        for (int i = 0; i < TRIES; i++) {
            Assessment site = Exercises.one(sites, random, "site");
            List<DeviceVolts> devices = new ArrayList<>(known(site.get(Supplies.FACT)));
            Collections.shuffle(devices, random);
            devices = devices.stream()
                    .limit(3 + random.nextInt(MOST_DEVICES - 2))
                    .sorted(Comparator.comparing(DropExercises::headroom))
                    .toList();
            if (devices.size() > 1 && headroom(devices.get(1)) - headroom(devices.getFirst()) > APART_VOLTS) {
                return first(ask, devices, random);
            }
        }
        throw new IllegalArgumentException("the sites have no devices whose least volts are known; give others");
    }

    private static Exercise first(Ask ask, List<DeviceVolts> rising, Random random) {
        List<DeviceVolts> devices = new ArrayList<>(rising);
        Collections.shuffle(devices, random);
        DeviceVolts first = rising.getFirst();
        return ask.of(
                "The battery empties in an alarm. Which of these devices drops out first?",
                devices.stream()
                        .map(device -> Text.of(
                                "%s on %s: %s with 12 V at the battery, %s at the end of discharge, needs at least %s",
                                device.title(),
                                device.output(),
                                Figures.volts(device.atNominal()),
                                Figures.volts(device.atEnd()),
                                Figures.volts(device.leastVolts())))
                        .toList(),
                devices.stream().map(DeviceVolts::title).distinct().toList(),
                Solution.exactly(
                        first.title(),
                        Text.of(
                                "%s has %s at the end and needs %s.",
                                first.title(), Figures.volts(first.atEnd()), Figures.volts(first.leastVolts())),
                        SLIP));
    }

    /// A device that is short of volts.
    ///
    /// @param remedies the ways to raise its volts
    /// @param given what has to be known to reckon each of them
    record Starved(DeviceVolts device, List<Remedy> remedies, List<String> given) {
        Starved {
            given = List.copyOf(given);
        }
    }

    /// The supply, what it feeds over which cables on the way to a device, and the cables there are to choose
    /// from.
    private static List<String> given(Supplies supplies, Job job, DeviceVolts device, List<CableType> types) {
        List<String> given = new ArrayList<>();
        for (SupplyState state : supplies.states()) {
            for (SupplyTree tree : state.trees()) {
                List<SupplyNode> way = new ArrayList<>();
                if (way(tree.inAlarm(), device.part(), way)) {
                    given.add(Text.of(
                            "At the end of discharge %s gives %s",
                            device.output(),
                            Figures.volts(state.unit().outputVolts(state.unit().cutOffVolts()))));
                    way.forEach(node -> node.cableId()
                            .flatMap(job::cable)
                            .ifPresent(cable -> given.add(Text.of(
                                    "%s: %.0f m of %s, %.2f Ω there and back, %.0f mA through it in an alarm",
                                    cable.id(),
                                    cable.metres(),
                                    cable.conductor().name(),
                                    node.ohms(),
                                    supplies.through(List.of(cable.id()), true)))));
                }
            }
        }
        given.add("Conductors: "
                + types.stream()
                        .map(CableType::conductor)
                        .map(conductor ->
                                Text.of("%s %.1f Ω/km at 20 °C", conductor.name(), conductor.ohmsPerKilometre()))
                        .distinct()
                        .collect(Collectors.joining(", ")));
        return given;
    }

    /// Whether a part hangs on a node, with the nodes on the way to it.
    private static boolean way(SupplyNode node, FedId part, List<SupplyNode> way) {
        way.add(node);
        if (node.loads().stream().anyMatch(load -> load.part().equals(part))
                || node.onward().stream().anyMatch(next -> way(next, part, way))) {
            return true;
        }
        way.removeLast();
        return false;
    }

    /// Devices of a site that would be short of volts if its cables were several times as long, with what
    /// would mend them; working them out takes a moment.
    static List<Starved> starved(Assessment site, List<CableType> cables) {
        List<Starved> starved = new ArrayList<>();
        for (double times : TIMES) {
            Trials trials = Trials.on(longer(site.job(), times), site);
            known(trials.now(facts -> facts.of(Supplies.FACT))).stream()
                    .filter(device -> !device.ok())
                    .sorted(Comparator.comparing(DropExercises::headroom))
                    .limit(MOST_STARVED)
                    .map(device -> new Starved(
                            device,
                            Remedies.byVolts(trials, device.part(), cables),
                            given(trials.now(facts -> facts.of(Supplies.FACT)), trials.job(), device, cables)))
                    .filter(its -> its.remedies().stream().anyMatch(Remedy::ok))
                    .filter(its -> its.remedies().stream().anyMatch(remedy -> !remedy.ok()))
                    .forEach(starved::add);
        }
        return starved;
    }

    static Exercise remedy(Ask ask, List<Starved> starved, Random random) {
        Starved its = Exercises.one(starved, random, "device that would be short of volts");
        return remedy(ask, its, random);
    }

    private static Job longer(Job job, double times) {
        return job.withCables(job.cables().stream()
                .map(cable -> cable.withMetres(Math.min(1000, cable.metres() * times)))
                .toList());
    }

    private static Exercise remedy(Ask ask, Starved its, Random random) {
        DeviceVolts device = its.device();
        List<Remedy> remedies = its.remedies();
        List<Remedy> offered = new ArrayList<>(remedies);
        Collections.shuffle(offered, random);
        Solution solution = answer -> judged(answer, device, remedies);
        List<String> given = new ArrayList<>(List.of(
                Text.of("It hangs on %s", device.output()),
                Text.of(
                        "It has %s there and needs %s",
                        device.collapsed() ? "no voltage left" : Figures.volts(device.atEnd()),
                        Figures.volts(device.leastVolts()))));
        given.addAll(its.given());
        return ask.of(
                        Text.of(
                                "%s is short of volts at the end of discharge. Which remedy is enough?",
                                device.title()),
                        given,
                        offered.stream().map(Remedy::words).toList(),
                        solution)
                .withWork(new SafeWork(
                        "work on the supply",
                        List.of(Safeguard.ON_TEST, Safeguard.ISOLATE, Safeguard.BATTERY_OFF),
                        solution));
    }

    private static Judgement judged(String answer, DeviceVolts device, List<Remedy> remedies) {
        boolean right = remedies.stream()
                .anyMatch(remedy -> remedy.ok() && remedy.words().equalsIgnoreCase(answer));
        List<String> tried = remedies.stream()
                .map(remedy -> Text.of(
                        "%s: %s at the end, %s",
                        remedy.words(), Figures.volts(remedy.atEndVolts()), remedy.ok() ? "enough" : "not enough"))
                .toList();
        return new Judgement(
                right,
                remedies.stream().filter(Remedy::ok).findFirst().orElseThrow().words(),
                "Tried on the site: " + String.join("; ", tried) + (right ? "." : ". " + SLIP));
    }
}
