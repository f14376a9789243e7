package io.answerback.files.exchange;

import io.answerback.core.work.servicing.DueDate;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.ComponentList;
import net.fortuna.ical4j.model.PropertyList;
import net.fortuna.ical4j.model.component.CalendarComponent;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/// What falls due as a calendar file (RFC 5545): a whole day each. The same date has the same id whenever it is
/// written,
/// so that a calendar program replaces it.
public final class DueCalendar {
    private static final String MADE_BY = "-//Answerback//Due dates//EN";

    private DueCalendar() {}

    /// The text of the file.
    ///
    /// @param site whose dates they are
    /// @param place where that is; may be empty
    /// @param written when it is written
    public static String text(String site, String place, List<DueDate> dates, Instant written) {
        List<CalendarComponent> events = dates.stream()
                .<CalendarComponent>map(date -> event(site, place, date, written))
                .toList();
        return new Calendar(
                        new PropertyList(List.of(
                                new ProdId(MADE_BY), ImmutableVersion.VERSION_2_0, ImmutableCalScale.GREGORIAN)),
                        new ComponentList<>(events))
                .toString();
    }

    private static VEvent event(String site, String place, DueDate date, Instant written) {
        String id = site + "\n" + date.kind() + "\n" + date.what() + "\n" + date.date();
        String uid = UUID.nameUUIDFromBytes(id.getBytes(StandardCharsets.UTF_8)) + "@answerback";
        return new VEvent(new PropertyList(List.of(
                new Uid(uid),
                new DtStamp(written),
                new DtStart<LocalDate>(date.date()),
                new Summary(site + ": " + date.what()),
                new Description(date.why()),
                new Location(place))));
    }
}
