package io.answerback.core.prove.acceptance;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SeriesContact;
import java.util.Collections;
import java.util.List;

/// The devices on the loop of one point, each of which has to be shown by itself: that one of them answers says
/// nothing of the others.
///
/// @param devices at least one, in the order of the cable
record SharedLoop(List<SeriesContact> devices) {
    /// The devices on a point's loop; the point itself where it has one of its own.
    static SharedLoop of(Point point) {
        return new SharedLoop(devices(point));
    }

    /// Those of them that have a cover contact; empty where none has.
    static List<SeriesContact> covers(Point point) {
        return devices(point).stream()
                .filter(device -> device.kind().outputs().tamper())
                .toList();
    }

    private static List<SeriesContact> devices(Point point) {
        return point.inSeries().isEmpty() ? List.of(new SeriesContact(point.name(), point.kind())) : point.inSeries();
    }

    /// Whether there is but one.
    boolean alone() {
        return devices.size() == 1;
    }

    /// A title, with how many there are where there are several.
    String title(String of) {
        return alone() ? of : Text.of("%s, each of %d", of, devices.size());
    }

    /// What has to arrive: the signals of one device, once for each.
    List<Expected> each(List<Expected> ofOne) {
        return Collections.nCopies(devices.size(), ofOne).stream()
                .flatMap(List::stream)
                .toList();
    }
}
