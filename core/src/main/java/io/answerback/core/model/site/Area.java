package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.soabase.recordbuilder.core.RecordBuilder;

/// A part of the building that is set and unset on its own.
///
/// @param number the area's number, 1 to 99
/// @param name what it is called
/// @param account the account it reports under: 3 to 16 hexadecimal digits, or empty while it is not known
@RecordBuilder
public record Area(int number, String name, String account) implements AreaBuilder.With {
    /// @throws IllegalArgumentException when the number is out of bounds, the name blank or the account not
    ///     hexadecimal
    public Area {
        Require.within(number, 1, 99, "area number");
        name = Require.text(name, "name of area " + number);
        account = account == null ? "" : account.strip().toUpperCase(java.util.Locale.ROOT);
        if (!account.isEmpty() && !account.matches("[0-9A-F]{3,16}")) {
            throw new IllegalArgumentException(
                    Text.of("account of area %d is \"%s\"; it must be 3 to 16 of 0-9 and A-F", number, account));
        }
    }
}
