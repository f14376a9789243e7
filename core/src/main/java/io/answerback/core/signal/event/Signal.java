package io.answerback.core.signal.event;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Locale;

/// One event as it leaves the panel, whatever format carries it.
///
/// @param account 3 to 16 hexadecimal digits, upper case
/// @param qualifier whether it begins, ends or goes on
/// @param event three digits of the event table
/// @param area the area (partition, group) number, 0 to 99; 0 for none
/// @param zone the zone or user number, 0 to 999; 0 for none
@RecordBuilder
public record Signal(String account, Qualifier qualifier, String event, int area, int zone)
        implements SignalBuilder.With {
    /// @throws IllegalArgumentException when a part is out of bounds, naming it
    public Signal {
        account = Require.text(account, "account").toUpperCase(Locale.ROOT);
        if (!account.matches("[0-9A-F]{3,16}")) {
            throw new IllegalArgumentException("account is \"" + account + "\"; it must be 3 to 16 of 0-9 and A-F");
        }
        Require.given(qualifier, "qualifier");
        event = Require.text(event, "event");
        if (!event.matches("[0-9A-F]{3}")) {
            throw new IllegalArgumentException("event is \"" + event + "\"; it must be three digits, such as 130");
        }
        Require.within(area, 0, 99, "area");
        Require.within(zone, 0, 999, "zone");
    }

    /// The area as the formats send it: two digits.
    public String areaDigits() {
        return Text.of("%02d", area);
    }

    /// The zone as the formats send it: three digits.
    public String zoneDigits() {
        return Text.of("%03d", zone);
    }
}
