package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.bus.BusEnds;
import io.answerback.core.bus.BusModule;
import io.answerback.core.bus.BusState;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// The keypad bus: which zone an input brings (grades 1 and 4), which address is free (2), what was left
/// enrolled (3), which input brings a zone (5).
final class BusExercises {
    private static final int CHOICES = 6;

    private BusExercises() {}

    static Exercise make(int grade, long seed, List<Assessment> sites, Random random) {
        Ask ask = new Ask(ExerciseKind.BUS, grade, seed);
        return switch (grade) {
            case 2 -> free(ask, Exercises.one(addressed(sites), random, "module with an address"), random);
            case 3 -> enrolled(ask, Exercises.one(addressed(sites), random, "module with an address"), random);
            case 4 -> ends(ask, sites, random);
            case 5 -> input(ask, Exercises.one(sites, random, "site").job(), random);
            default -> zone(ask, Exercises.one(sites, random, "site").job(), random);
        };
    }

    private static List<Assessment> addressed(List<Assessment> sites) {
        return sites.stream().filter(site -> !used(site).isEmpty()).toList();
    }

    private static List<Integer> used(Assessment site) {
        return site.get(BusState.FACT).modules().stream()
                .flatMap(module -> module.addresses().stream())
                .map(BusAddress::address)
                .filter(address -> address > 0)
                .distinct()
                .sorted()
                .toList();
    }

    private static String addresses(BusModule module) {
        return module.addresses().stream().noneMatch(its -> its.address() > 0)
                ? ", without an address"
                : ", address "
                        + module.addresses().stream()
                                .map(its -> Integer.toString(its.address()))
                                .collect(Collectors.joining(" and "));
    }

    private static Exercise zone(Ask ask, Job job, Random random) {
        Input input = Exercises.one(job.inputs(), random, "input");
        List<String> zones = job.inputs().stream()
                .map(other -> Integer.toString(other.zone()))
                .toList();
        String right = Integer.toString(input.zone());
        return ask.of(
                "Which zone is read at " + job.nameOf(input) + "?",
                given(job),
                ask.grade() == 1 ? Choices.of(zones, right, CHOICES, random) : List.of(),
                Solution.exactly(
                        right,
                        Text.of("%s brings zone %d on this panel.", job.nameOf(input), input.zone()),
                        "If another zone is programmed, this one stays off: wired, and dead."));
    }

    /// Where the terminators of a bus belong; a zone where no site has a bus that wants any.
    private static Exercise ends(Ask ask, List<Assessment> sites, Random random) {
        List<Assessment> wanting = sites.stream()
                .filter(site ->
                        BusEnds.of(site.job(), site.get(BusState.FACT)).ends().size() == 2)
                .toList();
        if (wanting.isEmpty()) {
            return zone(ask, Exercises.one(sites, random, "site").job(), random);
        }
        Assessment site = Exercises.one(wanting, random, "site");
        Job job = site.job();
        BusEnds ends = BusEnds.of(job, site.get(BusState.FACT));
        String right = pair(job, ends.ends().get(0), ends.ends().get(1));
        List<ModuleId> places = Stream.concat(
                        Stream.of(job.modules().getFirst().id()),
                        site.get(BusState.FACT).modules().stream().map(BusModule::id))
                .distinct()
                .toList();
        List<String> pairs = new ArrayList<>();
        for (int one = 0; one < places.size(); one++) {
            for (int other = one + 1; other < places.size(); other++) {
                pairs.add(pair(job, places.get(one), places.get(other)));
            }
        }
        return ask.of(
                Text.of("This bus needs two terminators of %s. Where do they go?", Figures.ohms(ends.ohms())),
                site.get(BusState.FACT).branches().stream()
                        .map(branch -> Text.of(
                                "%s to %s: %.0f m",
                                job.nameOf(branch.from()),
                                branch.toName(),
                                branch.cable().metres()))
                        .toList(),
                Choices.of(pairs, right, CHOICES, random),
                Solution.exactly(
                        right,
                        Text.of(
                                "%s are the two places that are farthest apart along the cable; with the power off the cores read %s.",
                                right, Figures.ohms(ends.readsOhms(2))),
                        "A terminator in the middle loads every module and absorbs nothing; an open end reflects the data."));
    }

    /// In the order of their names, so that one pair is said in one way.
    private static String pair(Job job, ModuleId one, ModuleId other) {
        return Stream.of(one, other).map(job::nameOf).sorted().collect(Collectors.joining(" and "));
    }

    private static Exercise input(Ask ask, Job job, Random random) {
        Input input =
                Exercises.one(job.inputs().stream().filter(its -> !its.second()).toList(), random, "input");
        List<String> names = job.inputs().stream()
                .filter(its -> its == input || its.zone() != input.zone())
                .map(job::nameOf)
                .toList();
        return ask.of(
                Text.of("At which input is zone %d read?", input.zone()),
                given(job),
                Choices.of(names, job.nameOf(input), CHOICES, random),
                Solution.exactly(
                        job.nameOf(input),
                        Text.of("Zone %d is read at %s.", input.zone(), job.nameOf(input)),
                        "If you look at another input, you measure a sound loop for an hour."));
    }

    private static List<String> given(Job job) {
        List<String> given = new ArrayList<>();
        given.add("Panel: " + job.panel().profile().name());
        job.modules()
                .forEach(module -> given.add(module.name()
                        + job.bus().of(module.id()).stream()
                                .filter(its -> its.address() > 0)
                                .findFirst()
                                .map(its -> ", address " + its.address())
                                .orElse("")));
        ranges(job).stream()
                .filter(range -> range.zonesEach() > 0)
                .map(range -> numbering(job, range))
                .forEach(given::add);
        return given;
    }

    private static String numbering(Job job, BusRange range) {
        String kinds = Text.listed(range.kinds().stream()
                .map(kind ->
                        job.panel().profile().module(kind).map(ModuleKind::name).orElse(kind))
                .distinct()
                .toList());
        String zones = Text.of("zones from %d, %d each", range.firstZone(), range.zonesEach());
        return range.offTheBus()
                ? kinds + ": " + zones
                : Text.of("%s: addresses %d to %d, %s", kinds, range.leastAddress(), range.mostAddress(), zones);
    }

    private static List<BusRange> ranges(Job job) {
        return job.panel().profile().bus().map(BusRule::ranges).orElse(List.of());
    }

    private static Exercise free(Ask ask, Assessment site, Random random) {
        Job job = site.job();
        BusModule like = Exercises.one(
                site.get(BusState.FACT).modules().stream()
                        .filter(module -> module.addresses().stream().anyMatch(its -> its.address() > 0))
                        .toList(),
                random,
                "module");
        BusRange range = ranges(job).stream()
                .filter(its -> its.kinds().contains(like.kind().id()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "no address range for " + like.kind().name()));
        List<Integer> used = used(site);
        List<Integer> free = IntStream.rangeClosed(range.leastAddress(), range.mostAddress())
                .filter(address -> !used.contains(address))
                .boxed()
                .toList();
        String right = free.isEmpty() ? "none" : Integer.toString(free.get(random.nextInt(free.size())));
        List<String> wrong = IntStream.rangeClosed(0, range.mostAddress() + 4)
                .filter(address -> !free.contains(address))
                .mapToObj(Integer::toString)
                .collect(Collectors.toCollection(ArrayList::new));
        if (!free.isEmpty()) {
            wrong.add("none");
        }
        List<String> given =
                new ArrayList<>(List.of("Panel: " + job.panel().profile().name()));
        site.get(BusState.FACT).modules().forEach(module -> given.add(module.name() + addresses(module)));
        given.add(Text.of(
                "A module like %s takes an address from %d to %d",
                like.name(), range.leastAddress(), range.mostAddress()));
        return ask.of(
                "Another " + like.kind().name() + " is put on the bus. Which of these addresses can it have?",
                given,
                Choices.of(wrong, right, CHOICES, random),
                Solution.exactly(
                        right,
                        Text.of("%s is free and within its range.", right),
                        "Two modules at one address answer over each other, and the panel hears neither."));
    }

    private static Exercise enrolled(Ask ask, Assessment site, Random random) {
        List<Integer> wall = used(site);
        Set<Integer> learned = new TreeSet<>(wall);
        int extra = IntStream.generate(() -> 1 + random.nextInt(wall.getLast() + 6))
                .filter(address -> !wall.contains(address))
                .findFirst()
                .orElseThrow();
        learned.add(extra);
        List<String> given = new ArrayList<>();
        site.get(BusState.FACT)
                .modules()
                .forEach(module -> given.add("On the wall: " + module.name() + addresses(module)));
        given.add("The panel has learned: "
                + learned.stream().map(String::valueOf).collect(Collectors.joining(", ")));
        return ask.of(
                "The panel reports a module that is missing. Which address was left enrolled?",
                given,
                List.of(),
                Solution.exactly(
                        Integer.toString(extra),
                        Text.of("Nobody on the wall has address %d.", extra),
                        "If the panel forgets another address, a module that is there is lost with all its zones."));
    }
}
