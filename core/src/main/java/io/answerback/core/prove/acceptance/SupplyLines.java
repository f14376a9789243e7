package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.shown.LineFigure;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.Happening.BatteryState;
import io.answerback.core.panel.operation.OperationRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// The lines of mains and battery, and of the restart after a power cut.
record SupplyLines(Facts facts, OperationRules rules) {
    private static final long SECOND = 1000;
    private static final long MINUTE = 60 * SECOND;

    private static final int SECONDS_AN_HOUR = 3600;

    SupplyLines(Facts facts) {
        this(facts, facts.of(OperationRules.FACT));
    }

    private String found() {
        int every = rules.manners().batteryTestSeconds();
        return every == 0
                ? "the panel does not test its battery by itself: only a test that is started finds it missing"
                : Text.of("the panel finds it missing at its test, at the latest after %d h", every / SECONDS_AN_HOUR);
    }

    List<AcceptanceLine> lines() {
        List<AcceptanceLine> lines = new ArrayList<>();
        int delay = rules.manners().mainsReportSeconds();
        PlayedLines played = new PlayedLines(facts);
        Story mains = played.story()
                .then(new Happening.Mains(false))
                .waits(delay * SECOND)
                .sent()
                .then(new Happening.Mains(true));
        Story battery = played.story()
                .then(new Happening.Battery(BatteryState.MISSING))
                .moment()
                .then(new Happening.BatteryTested())
                .moment()
                .then(new Happening.Battery(BatteryState.WELL));
        lines.add(AcceptanceLine.line("mains", LineSection.SUPPLY, "Mains off, then on")
                .order("Switch it off at the fused spur, wait for the signal, and switch it on again")
                .steps(
                        "Switch the mains off at the fused spur",
                        "Wait for its signal, and look at the keypads",
                        "Measure the battery under load, and write the volts down",
                        "Switch the mains on again")
                .wants(Wanted.optional(LineFigure.VOLTS))
                .plays(mains.events())
                .expects(played.expected(mains), delay + SystemLines.answerSeconds(facts))
                .seen("keypads show it at once; battery volts under load are written down")
                .caution("At the spur and not in the box: the mains side is for a licensed person.")
                .takes(15)
                .because("The battery carries the site from now on.")
                .rests(SystemLines.account(rules))
                .made());
        lines.add(AcceptanceLine.line("battery", LineSection.SUPPLY, "Battery off, then on")
                .order("Disconnect it with the mains on, start its test, and connect it again")
                .steps(
                        "Leave the mains on",
                        "Take one lead off the battery, no tool across its terminals",
                        "Start the battery test of the panel, and wait for its signal",
                        "Connect the lead again")
                .plays(battery.events())
                .expects(played.expected(battery), 0)
                .seen(found())
                .caution("No tool across its terminals.")
                .takes(15)
                .because("A battery that nobody misses is found empty when it is needed.")
                .rests(SystemLines.account(rules))
                .made());
        lines.add(restart());
        return lines;
    }

    private AcceptanceLine restart() {
        PlayedLines played = new PlayedLines(facts);
        return played.line(
                        "restart",
                        LineSection.SUPPLY,
                        "Restart after a power cut",
                        "Set an area; switch mains and battery off, then on in this panel's order",
                        Map.of("comes back as it was", rules.options().restoresSet() ? "yes" : "no"),
                        played.story()
                                .then(new Happening.PowerGone())
                                .waits(MINUTE)
                                .then(new Happening.PowerBack()))
                .steps(
                        "Set an area",
                        "Switch the mains off at the spur, then take the battery off",
                        "Connect both again in the order of this panel's manual",
                        "See whether the area is set")
                .seen(rules.options().restoresSet() ? "it comes back set, as it was" : "it comes back unset")
                .caution("In order: the panel's manual says whether mains or battery comes first.")
                .takes(5)
                .because("Cutting the power must not unset the site.")
                .made();
    }
}
