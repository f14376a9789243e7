package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import java.util.List;

/// What a keypad with a fixed legend shows of an area: four lamps and numbers, and no word of what is behind them.
///
/// @param ready whether nothing keeps the area from being set
/// @param set whether it is set, being set or entered
/// @param trouble whether something of the panel itself is wrong; not what
/// @param memory whether the numbers are those of an alarm that is over
/// @param numbers the numbers that are lit: zones that are open, or that alarmed
public record LegendKeypad(boolean ready, boolean set, boolean trouble, boolean memory, List<Integer> numbers) {
    public LegendKeypad {
        numbers = List.copyOf(numbers);
    }

    /// What it shows now.
    ///
    /// @throws IllegalArgumentException when there is no such area
    public static LegendKeypad of(OperationState state, OperationRules rules, int area) {
        AreaState its = state.area(area);
        List<ZoneRule> open = rules.zonesOf(area).stream()
                .filter(zone -> state.reads(zone.number()) != Meaning.NORMAL)
                .toList();
        boolean hindered = open.stream()
                .anyMatch(zone -> zone.hinders(false) && !state.byHand().containsKey(zone.number()));
        boolean memory = !its.alarmed().isEmpty();
        return new LegendKeypad(
                its.mode().unset() && !hindered && !state.power().faulty(),
                !its.mode().unset(),
                state.power().faulty(),
                memory,
                memory
                        ? List.copyOf(its.alarmed())
                        : open.stream().map(ZoneRule::number).toList());
    }
}
