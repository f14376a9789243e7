package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ZoneType;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/// One zone as it is programmed.
///
/// @param number the zone's number, 1 to 999
/// @param type what the panel does with it
/// @param area the area it belongs to; empty when none was given
/// @param ownEvent the three-digit event code it sends instead of its type's own; empty for the type's
@RecordBuilder
public record Zone(int number, ZoneType type, Optional<Integer> area, Optional<String> ownEvent)
        implements ZoneBuilder.With {
    /// @throws IllegalArgumentException when a number is out of bounds or an event is not three digits
    public Zone {
        Require.within(number, 1, 999, "zone number");
        Require.given(type, "type of zone " + number);
        area = area == null ? Optional.empty() : area;
        area.ifPresent(a -> Require.within(a, 1, 99, "area of zone " + number));
        ownEvent = ownEvent == null ? Optional.empty() : ownEvent;
        ownEvent.filter(code -> !code.matches("[1-9]\\d\\d")).ifPresent(code -> {
            throw new IllegalArgumentException(
                    Text.of("event of zone %d is \"%s\"; it must be three digits, such as 151", number, code));
        });
    }

    /// The three-digit event code an alarm on this zone sends; empty when nothing is sent.
    public String event() {
        return type.event().isEmpty() ? "" : ownEvent.orElse(type.event());
    }
}
