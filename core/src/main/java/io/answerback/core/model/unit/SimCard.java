package io.answerback.core.model.unit;

import io.answerback.core.model.common.Text;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.Optional;

/// The SIM in a communicator.
///
/// @param number the number printed on it; empty while not read
/// @param phone the phone number it has; empty while not known
/// @param codeOff whether its unlock code is switched off; empty while nobody looked
/// @param accessPoint name of the access point its network asks for; empty while not known
/// @param activeFrom when it is first active; empty while not known
/// @param activeUntil when its activation ends, as one that was activated before it was sold does; empty for no end
@RecordBuilder
public record SimCard(
        String number,
        String phone,
        Optional<Boolean> codeOff,
        String accessPoint,
        Optional<LocalDate> activeFrom,
        Optional<LocalDate> activeUntil)
        implements SimCardBuilder.With {
    /// Nothing known yet.
    public static final SimCard UNKNOWN = new SimCard("", "", Optional.empty(), "", Optional.empty(), Optional.empty());

    /// @throws IllegalArgumentException when a text is too long, the phone number is none, or its end is before
    ///     its beginning
    public SimCard {
        number = Identity.text(number, "SIM number").replace(" ", "");
        if (!number.matches("[0-9A-Fa-f]{0,22}")) {
            throw new IllegalArgumentException(
                    "SIM number is \"" + number + "\"; it has up to 22 digits, as printed on the card");
        }
        phone = Identity.text(phone, "phone number of the SIM").replaceAll("[ ()/-]", "");
        if (!phone.matches("(\\+[0-9]{6,15})?")) {
            throw new IllegalArgumentException(
                    "phone number of the SIM is \"" + phone + "\"; write + and the country code first");
        }
        codeOff = codeOff == null ? Optional.empty() : codeOff;
        accessPoint = Identity.text(accessPoint, "access point");
        activeFrom = activeFrom == null ? Optional.empty() : activeFrom;
        activeUntil = activeUntil == null ? Optional.empty() : activeUntil;
        if (activeFrom.isPresent()
                && activeUntil.filter(activeFrom.get()::isAfter).isPresent()) {
            throw new IllegalArgumentException(Text.of(
                    "the SIM is active until %s, which is before it is active from %s",
                    activeUntil.get(), activeFrom.get()));
        }
    }

    /// The same active at other times.
    public SimCard active(Optional<LocalDate> from, Optional<LocalDate> until) {
        return new SimCard(number, phone, codeOff, accessPoint, from, until);
    }
}
