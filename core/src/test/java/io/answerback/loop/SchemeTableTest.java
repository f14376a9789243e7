package io.answerback.loop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.job.Cable;
import io.answerback.job.LoopWiring;
import io.answerback.job.Meaning;
import io.answerback.job.ResistorPlace;
import io.answerback.job.SchemeBands;
import io.answerback.job.SchemeKind;
import io.answerback.testing.SmallJob;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Every scheme in every case, worked by hand: 2k2 and 4k7, 18.4 Ω of cable, contacts of 0.2 Ω, a damp joint
/// of 12 kΩ at the device. Nominal ohms to the tenth; "open" where no current flows; what the panel reads, or
/// nothing between bands.
class SchemeTableTest {
    private static final double DAMP_OHMS = 12_000;

    @ParameterizedTest
    @CsvSource({
        // cable, contact
        "CLOSED_LOOP,        LAST_DEVICE, at-rest,         18.6,   NORMAL",
        "CLOSED_LOOP,        LAST_DEVICE, active,          open,   ALARM",
        "CLOSED_LOOP,        LAST_DEVICE, cable-cut,       open,   ALARM",
        "CLOSED_LOOP,        LAST_DEVICE, short-at-device, 18.4,   NORMAL",
        "CLOSED_LOOP,        LAST_DEVICE, short-at-panel,  0,      NORMAL",
        "CLOSED_LOOP,        LAST_DEVICE, damp-at-rest,    18.6,   NORMAL",
        // 18.4 + 12000
        "CLOSED_LOOP,        LAST_DEVICE, damp-active,     12018.4, ALARM",
        // open at rest, so a cut looks like rest and a short like an alarm
        "NORMALLY_OPEN,      LAST_DEVICE, at-rest,         open,   NORMAL",
        "NORMALLY_OPEN,      LAST_DEVICE, active,          18.6,   ALARM",
        "NORMALLY_OPEN,      LAST_DEVICE, cable-cut,       open,   NORMAL",
        "NORMALLY_OPEN,      LAST_DEVICE, short-at-device, 18.4,   ALARM",
        "NORMALLY_OPEN,      LAST_DEVICE, damp-at-rest,    12018.4, NORMAL",
        // 18.4 + 2200, and 18.4 + 0.2 ∥ 2200 when the contact closes
        "END_OF_LINE_ACROSS, LAST_DEVICE, at-rest,         2218.4, NORMAL",
        "END_OF_LINE_ACROSS, LAST_DEVICE, active,          18.6,   ALARM",
        "END_OF_LINE_ACROSS, LAST_DEVICE, cable-cut,       open,   TAMPER",
        "END_OF_LINE_ACROSS, LAST_DEVICE, short-at-device, 18.4,   ALARM",
        "END_OF_LINE_ACROSS, LAST_DEVICE, no-resistor,     open,   TAMPER",
        // 18.4 + 12000 ∥ 2200
        "END_OF_LINE_ACROSS, LAST_DEVICE, damp-at-rest,    1877.6, NORMAL",
        // the resistor across the panel's terminals: a cut leaves it there and looks normal
        "END_OF_LINE_ACROSS, IN_PANEL,    cable-cut,       2200,   NORMAL",
        "END_OF_LINE_ACROSS, IN_PANEL,    active,          18.4,   ALARM",
        // 18.4 + 0.2 + 2200
        "SINGLE_END_OF_LINE, LAST_DEVICE, at-rest,         2218.6, NORMAL",
        "SINGLE_END_OF_LINE, LAST_DEVICE, active,          open,   ALARM",
        "SINGLE_END_OF_LINE, LAST_DEVICE, cable-cut,       open,   ALARM",
        "SINGLE_END_OF_LINE, LAST_DEVICE, short-at-device, 18.4,   TAMPER",
        "SINGLE_END_OF_LINE, LAST_DEVICE, short-at-panel,  0,      TAMPER",
        "SINGLE_END_OF_LINE, LAST_DEVICE, no-resistor,     18.6,   TAMPER",
        // 18.4 + 12000 ∥ 2200.2
        "SINGLE_END_OF_LINE, LAST_DEVICE, damp-at-rest,    1877.7, NORMAL",
        "SINGLE_END_OF_LINE, LAST_DEVICE, damp-active,     12018.4, ALARM",
        // the resistor before the cable: 2200 + 18.4
        "SINGLE_END_OF_LINE, IN_PANEL,    short-at-device, 2218.4, NORMAL",
        "SINGLE_END_OF_LINE, IN_PANEL,    short-at-panel,  2200,   NORMAL",
        "SINGLE_END_OF_LINE, IN_PANEL,    cable-cut,       open,   ALARM",
        // 18.4 + 0.2 + 0.2 ∥ 4700 + 2200
        "DOUBLE_END_OF_LINE, LAST_DEVICE, at-rest,         2218.8, NORMAL",
        // 18.4 + 0.2 + 4700 + 2200
        "DOUBLE_END_OF_LINE, LAST_DEVICE, active,          6918.6, ALARM",
        "DOUBLE_END_OF_LINE, LAST_DEVICE, cover-off,       open,   TAMPER",
        "DOUBLE_END_OF_LINE, LAST_DEVICE, cable-cut,       open,   TAMPER",
        "DOUBLE_END_OF_LINE, LAST_DEVICE, short-at-device, 18.4,   TAMPER",
        "DOUBLE_END_OF_LINE, LAST_DEVICE, no-resistor,     18.8,   TAMPER",
        // 18.4 + 12000 ∥ 2200.4
        "DOUBLE_END_OF_LINE, LAST_DEVICE, damp-at-rest,    1877.8, NORMAL",
        // 18.4 + 12000 ∥ 6900.2
        "DOUBLE_END_OF_LINE, LAST_DEVICE, damp-active,     4399.4, ",
        "DOUBLE_END_OF_LINE, IN_PANEL,    short-at-device, 2218.4, NORMAL",
    })
    void reads(SchemeKind scheme, ResistorPlace place, String id, String ohms, Meaning reads) {
        LoopWiring wiring = SmallJob.wiring().withScheme(scheme).withPlace(place);
        Cable cable = SmallJob.cable("01");
        CaseReading reading = LoopCheck.check(wiring, cable, bands(scheme), DAMP_OHMS)
                .byId(id)
                .orElseThrow();
        if (ohms.equals("open")) {
            assertThat(reading.range().open()).isTrue();
        } else {
            assertThat(reading.range().nominalOhms()).isCloseTo(Double.parseDouble(ohms), within(0.05));
        }
        assertThat(reading.reads().orElse(null)).isEqualTo(reads);
    }

    private static SchemeBands bands(SchemeKind scheme) {
        return switch (scheme) {
            case CLOSED_LOOP -> SmallJob.CLOSED;
            case NORMALLY_OPEN -> SmallJob.OPEN;
            case END_OF_LINE_ACROSS -> SmallJob.ACROSS;
            case SINGLE_END_OF_LINE -> SmallJob.SINGLE;
            case DOUBLE_END_OF_LINE -> SmallJob.DOUBLE;
        };
    }
}
