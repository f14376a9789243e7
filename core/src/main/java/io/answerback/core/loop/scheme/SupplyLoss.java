package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.site.Point;
import java.util.List;

/// What a loop does when its detectors lose their supply.
public enum SupplyLoss {
    /// The device takes no supply of its own: nothing changes.
    NO_SUPPLY,
    /// The relay drops and its contact is as it is in an alarm, as a normally-closed or a changeover contact
    /// does.
    CONTACT_CHANGES,
    /// The contact stays as it is at rest: a normally-open contact is closed by the supply, and never without it.
    CONTACT_STAYS,
    /// A relay that watches the supply opens the loop, whatever the contacts do.
    LOOP_OPENS;

    /// What the loop of a point does; where several detectors share it, what that of the worst of them does. A
    /// changeover relay is taken to be held at rest by its supply, as detectors' relays are; the maker's sheet
    /// decides.
    ///
    /// @param point a point with the parts of its loop
    public static SupplyLoss of(Point point) {
        List<PointKind> powered = powered(point);
        if (powered.isEmpty()) {
            return NO_SUPPLY;
        }
        if (point.loop().supplyRelay()) {
            return LOOP_OPENS;
        }
        return powered.stream().anyMatch(kind -> kind.contact() == ContactForm.NORMALLY_OPEN)
                ? CONTACT_STAYS
                : CONTACT_CHANGES;
    }

    /// The kinds of the devices of a point that take a supply of their own.
    static List<PointKind> powered(Point point) {
        return point.kinds().stream()
                .filter(kind -> kind.powering().isPresent() && !kind.twoWire())
                .toList();
    }
}
