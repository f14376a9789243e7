package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.work.servicing.DueDate;
import io.answerback.core.work.servicing.DueDate.Kind;
import io.answerback.files.exchange.DueCalendar;
import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

/// What falls due as a calendar, read back by the library that reads calendars.
class DueCalendarTest {
    private static final Instant NOW = Instant.parse("2026-06-02T10:00:00Z");

    private static Calendar read(String text) throws Exception {
        Calendar calendar = new CalendarBuilder().build(new StringReader(text));
        assertThat(calendar.validate().hasErrors()).isFalse();
        return calendar;
    }

    @Test
    void everyDateIsReadBackAsAWholeDay() throws Exception {
        List<DueDate> dates = List.of(
                new DueDate(
                        Kind.SIM, LocalDate.of(2026, 6, 14), "SIM; of the communicator, \"Kühlhaus\"", "its plan ends"),
                new DueDate(Kind.VISIT, LocalDate.of(2028, 2, 29), "service visit", "every 6 months"));
        String text = DueCalendar.text("Brinewell", "The Quay, north berth", dates, NOW);
        List<VEvent> events = read(text).getComponents("VEVENT");
        assertThat(events).hasSize(2);
        VEvent first = events.getFirst();
        assertThat(first.getSummary().getValue()).isEqualTo("Brinewell: SIM; of the communicator, \"Kühlhaus\"");
        assertThat(first.getDateTimeStart().getDate()).isEqualTo(LocalDate.of(2026, 6, 14));
        assertThat(text.lines()).allMatch(line -> line.length() <= 75);
        assertThat(text).contains("\r\n");
    }

    @Test
    void theSameDateHasTheSameIdWhenItIsWrittenAgain() throws Exception {
        List<DueDate> date = List.of(new DueDate(Kind.VISIT, LocalDate.of(2027, 1, 4), "service visit", "agreed"));
        List<VEvent> now = read(DueCalendar.text("A", "", date, NOW)).getComponents("VEVENT");
        List<VEvent> later =
                read(DueCalendar.text("A", "", date, NOW.plusSeconds(86_400))).getComponents("VEVENT");
        assertThat(now.getFirst().getUid()).isEqualTo(later.getFirst().getUid());
    }
}
