package io.answerback.core.panel.behaviour;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.panel.operation.Act;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.Logged;
import io.answerback.core.panel.operation.Operation;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.panel.operation.Timer;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// What one zone does when it opens, asked of the panel as it is programmed.
///
/// @param rules what the panel goes by
record ZoneWatch(OperationRules rules) {
    private static final Set<Timer.Kind> ON_THE_WAY = EnumSet.of(Timer.Kind.REPORT, Timer.Kind.KNOCK, Timer.Kind.FIRE);

    /// What a zone does while all its areas stand in one way; nothing for a zone that is off.
    ZoneEffect of(int number, AreaMode mode, boolean part) {
        ZoneRule zone = rules.zones().get(number);
        if (zone == null) {
            return ZoneEffect.NOTHING;
        }
        Map<Integer, AreaMode> modes = zone.areas().stream().collect(Collectors.toMap(area -> area, area -> mode));
        return of(zone, OperationState.standing(rules, modes, part));
    }

    /// What a zone does while areas stand as they do.
    ZoneEffect of(ZoneRule zone, OperationState before) {
        if (zone.type().switches()) {
            return ZoneEffect.SWITCHES;
        }
        if (zone.type() == ZoneType.LOG_ONLY) {
            return ZoneEffect.LOG;
        }
        Operation.Step step = new Operation(rules)
                .step(before, new Happening.ZoneReads(zone.number(), Optional.of(Meaning.ALARM)), before.atMillis());
        if (alarms(step)) {
            return ZoneEffect.ALARM;
        }
        AreaMode was = before.area(zone.area()).mode();
        AreaMode is = step.state().area(zone.area()).mode();
        if (is == AreaMode.ENTERING && was != AreaMode.ENTERING) {
            return ZoneEffect.ENTRY;
        }
        if (chimes(step.log())) {
            return ZoneEffect.CHIME;
        }
        return zone.type().delayed() && (was == AreaMode.ENTERING || was == AreaMode.LEAVING)
                ? ZoneEffect.WAITS
                : ZoneEffect.NOTHING;
    }

    /// It sounds, it is sent, or it waits to be sent or for a second alarm.
    private static boolean alarms(Operation.Step step) {
        return step.state().timers().stream().anyMatch(timer -> ON_THE_WAY.contains(timer.kind()))
                || step.log().stream().map(Logged::act).anyMatch(act -> switch (act) {
                    case Act.Sounds sounds -> sounds.on();
                    case Act.Sends sends -> sends.signal().event().startsWith("1");
                    case Act.Waits waits -> waits.signal().event().startsWith("1");
                    case Act.Unsent unsent -> unsent.event().startsWith("1");
                    case Act.Switches _, Act.Shows _, Act.Refused _, Act.Beeps _, Act.Nothing _ -> false;
                });
    }

    private static boolean chimes(List<Logged> log) {
        return log.stream().anyMatch(line -> line.act().equals(new Act.Beeps("chime")));
    }
}
