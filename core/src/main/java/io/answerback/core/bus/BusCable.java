package io.answerback.core.bus;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.profile.BusRule;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// A bus with more cable than the profile allows, a module too far out, or branches where it allows none.
public final class BusCable implements JobCheck {
    /// The bus has more cable than the profile allows.
    public static final Rule LONG = new Rule(
            "bus-too-long",
            Stop.BUS,
            Grade.WRONG,
            "The bus has more cable than the profile allows.",
            "Edges of the data get slow, and modules drop out one by one.");

    /// A module is farther out than the profile allows.
    public static final Rule FAR = new Rule(
            "bus-module-too-far",
            Stop.BUS,
            Grade.WRONG,
            "A module is farther out than the profile allows.",
            "It works on the bench and drops out on site.");

    /// The bus has spur or star wiring, and the profile allows none.
    public static final Rule STAR = new Rule(
            "bus-branched",
            Stop.BUS,
            Grade.WRONG,
            "The bus has spur or star wiring, and the profile allows none.",
            "Reflections from open spurs spoil the data.");

    /// The conductors on the way to a module are too thin for its distance.
    public static final Rule THIN = new Rule(
            "bus-conductor-too-thin",
            Stop.BUS,
            Grade.WRONG,
            "The conductors on the way to a module are too thin for its distance.",
            "The data and the supply lose too many volts on the way.");

    /// A data core and its return have more resistance than the profile allows.
    public static final Rule OHMS = new Rule(
            "bus-resistance",
            Stop.BUS,
            Grade.WRONG,
            "A data core and its return have more resistance than the profile allows.",
            "The levels of the data are no longer told apart.");

    /// The bus has more capacitance than the profile allows.
    public static final Rule FARADS = new Rule(
            "bus-capacitance",
            Stop.BUS,
            Grade.WRONG,
            "The bus has more capacitance than the profile allows.",
            "Edges of the data get slow, and modules drop out one by one.");

    /// A cable of the bus leads back to where the bus has been, or begins where it never comes.
    public static final Rule CIRCLE = new Rule(
            "bus-in-circle",
            Stop.BUS,
            Grade.WRONG,
            "A cable of the bus leads back to where the bus has been, or begins where it never comes.",
            "It is in no drawing and in no computed length.");

    @Override
    public List<Rule> rules() {
        return List.of(LONG, FAR, STAR, THIN, OHMS, FARADS, CIRCLE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Stream<Finding> limits = facts.panel().profile().bus().stream()
                .flatMap(rule -> Stream.concat(
                        findings(rule, facts.of(BusState.FACT)).stream(), thin(rule, facts.of(BusState.FACT))));
        return Stream.concat(limits, facts.of(BusState.FACT).circles().stream().map(BusCable::circle));
    }

    private static List<Finding> findings(BusRule rule, BusState bus) {
        List<Finding> findings = new ArrayList<>();
        if (rule.mostMetres() > 0 && bus.metres() > rule.mostMetres()) {
            findings.add(of(
                    LONG,
                    Text.of("The bus has %.0f m of cable; %.0f m are allowed", bus.metres(), rule.mostMetres()),
                    "Its cores load the data line until modules are lost now and then.",
                    "Take a shorter way, or another expander nearer to the devices in place of two far ones."));
        }
        if (rule.mostRunMetres() > 0 && bus.farthestMetres() > rule.mostRunMetres()) {
            findings.add(of(
                    FAR,
                    Text.of(
                            "A module is %.0f m from the board; %.0f m are allowed",
                            bus.farthestMetres(), rule.mostRunMetres()),
                    "The farthest module answers late or not at all.",
                    "Bring the board nearer, or take a shorter way."));
        }
        if (!rule.star() && bus.branched()) {
            findings.add(of(
                    STAR,
                    "Spur or star wiring of the bus",
                    "The profile wants it from module to module: reflections from branches lose data.",
                    "Run on from the last module in place of a second cable from the same place."));
        }
        electric(rule, bus).forEach(findings::add);
        return findings;
    }

    private static Stream<Finding> electric(BusRule rule, BusState bus) {
        Stream<Finding> ohms = bus.mostResistance().stream()
                .filter(end -> rule.mostOhms() > 0 && end.endOhms() > rule.mostOhms())
                .map(end -> of(
                        OHMS,
                        Text.of(
                                "The bus has %.1f Ω there and back to %s; %.0f Ω are allowed",
                                end.endOhms(), end.toName(), rule.mostOhms()),
                        "The data fall between high and low, and the module is lost now and then.",
                        Text.of("Take a thicker conductor or a shorter way to %s.", end.toName())));
        double nanofarads = bus.nanofarads();
        Stream<Finding> farads = Stream.of(bus)
                .filter(its -> rule.mostNanofarads() > 0 && nanofarads > rule.mostNanofarads())
                .map(its -> of(
                        FARADS,
                        Text.of(
                                "The cable of the bus has %.0f nF; %.0f nF are allowed",
                                nanofarads, rule.mostNanofarads()),
                        "It rounds the edges of the data until bits are read wrongly. All branches count, not the longest only.",
                        "Take less cable in all, or a type with less capacitance; screened cable has more."));
        return Stream.concat(ohms, farads);
    }

    private static Stream<Finding> thin(BusRule rule, BusState bus) {
        return bus.branches().stream()
                .filter(branch -> rule.reachMetres(branch.worstOhmsPerKilometre())
                        .filter(metres -> metres < branch.endMetres())
                        .isPresent())
                .map(branch -> THIN.finds(
                        new Target.OfBox(branch.to()),
                        Text.of("%s is too far for its conductor", branch.toName()),
                        Text.of(
                                "It is %.0f m from the board; in cores of %.1f Ω/km the profile allows %.0f m.",
                                branch.endMetres(),
                                branch.worstOhmsPerKilometre(),
                                rule.reachMetres(branch.worstOhmsPerKilometre()).orElse(0.0)),
                        "Take a thicker conductor all the way, or a shorter way."));
    }

    private static Finding circle(CableId cableId) {
        return CIRCLE.finds(
                new Target.OfCable(cableId),
                Text.of("%s is not part of the bus as it is laid", cableId),
                "It leads back to where the bus has been, or begins where the bus never comes: it is in no drawing and no sum.",
                "Give it another beginning, or take it away.");
    }

    private static Finding of(Rule rule, String says, String why, String remedy) {
        return rule.finds(new Target.OfJob(), says, why, remedy);
    }
}
