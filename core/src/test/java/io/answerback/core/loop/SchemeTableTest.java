package io.answerback.core.loop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallJob;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Every scheme in every case, worked by hand: 2k2, 4k7 and 10k, 18.4 Ω of cable, contacts of 0.2 Ω, a damp joint
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
        // half way: half of 18.4
        "SINGLE_END_OF_LINE, LAST_DEVICE, short-halfway,   9.2,    TAMPER",
        // 9.2 + 12000 ∥ (2200.2 + 9.2): past the core that brings the current back
        "SINGLE_END_OF_LINE, LAST_DEVICE, leak-to-0v-at-rest, 1875.1, NORMAL",
        // 9.2 + 12000
        "SINGLE_END_OF_LINE, LAST_DEVICE, leak-to-0v-active, 12009.2, ALARM",
        // 2218.6 + 1000
        "SINGLE_END_OF_LINE, LAST_DEVICE, bad-joint-at-rest, 3218.6, ",
        "SINGLE_END_OF_LINE, LAST_DEVICE, resistor-in-panel, 2218.6, NORMAL",
        // 18.4 + 0.2 + 4400
        "SINGLE_END_OF_LINE, LAST_DEVICE, resistor-doubled, 4418.6, ",
        "SINGLE_END_OF_LINE, LAST_DEVICE, wrong-resistor,  22018.6, ALARM",
        "SINGLE_END_OF_LINE, LAST_DEVICE, wrong-contact-form, open, ALARM",
        // half of 2218.6
        "SINGLE_END_OF_LINE, LAST_DEVICE, two-loops,       1109.3, ",
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
        // 18.4 + 0.4 + 4700, and with the contact open another 2200
        "DOUBLE_END_OF_LINE, LAST_DEVICE, resistors-swapped, 4718.8, ",
        "DOUBLE_END_OF_LINE, LAST_DEVICE, alarm-resistor-missing, open, TAMPER",
        "DOUBLE_END_OF_LINE, LAST_DEVICE, wrong-contact-form, 6918.6, ALARM",
        // 18.4 + 0.2 + 0.2 ∥ 4700 + 0.2 ∥ 10000 + 2200
        "TRIPLE_END_OF_LINE, LAST_DEVICE, at-rest,         2219.0, NORMAL",
        // 18.4 + 0.2 + 4700 + 0.2 + 2200
        "TRIPLE_END_OF_LINE, LAST_DEVICE, active,          6918.8, ALARM",
        // 18.4 + 0.2 + 0.2 + 10000 + 2200
        "TRIPLE_END_OF_LINE, LAST_DEVICE, masked,          12218.8, MASKED",
        // 18.4 + 0.2 + 4700 + 10000 + 2200
        "TRIPLE_END_OF_LINE, LAST_DEVICE, active-and-masked, 16918.6, MASKED",
        "TRIPLE_END_OF_LINE, LAST_DEVICE, cover-off,       open,   TAMPER",
        "TRIPLE_END_OF_LINE, LAST_DEVICE, short-at-device, 18.4,   TAMPER",
        // 18.4 + 2200 + 0.2 ∥ 4700 + 0.2 ∥ 10000
        "TWO_ZONES_SERIES,   LAST_DEVICE, at-rest,         2218.8, NORMAL",
        "TWO_ZONES_SERIES,   LAST_DEVICE, active,          6918.6, ALARM",
        "TWO_ZONES_SERIES,   LAST_DEVICE, second-active,   12218.6, SECOND_ZONE",
        "TWO_ZONES_SERIES,   LAST_DEVICE, both-active,     16918.4, BOTH_ZONES",
        "TWO_ZONES_SERIES,   LAST_DEVICE, cable-cut,       open,   TAMPER",
        "TWO_ZONES_SERIES,   LAST_DEVICE, short-at-panel,  0,      TAMPER",
        // 18.4 + (0.2 + 4700) ∥ (0.2 + 10000)
        "TWO_ZONES_PARALLEL, LAST_DEVICE, at-rest,         3215.8, NORMAL",
        // the branch that is left: 18.4 + 0.2 + 10000, then 18.4 + 0.2 + 4700
        "TWO_ZONES_PARALLEL, LAST_DEVICE, active,          10018.6, ALARM",
        "TWO_ZONES_PARALLEL, LAST_DEVICE, second-active,   4718.6, SECOND_ZONE",
        "TWO_ZONES_PARALLEL, LAST_DEVICE, both-active,     open,   BOTH_ZONES",
        // a cut cannot be told from both doors standing open
        "TWO_ZONES_PARALLEL, LAST_DEVICE, cable-cut,       open,   BOTH_ZONES",
        // 18.4 + 2200 ∥ 10000, and 18.4 + 2200 ∥ 4700
        "TWO_WIRE_SMOKE,     LAST_DEVICE, at-rest,         1821.7, NORMAL",
        "TWO_WIRE_SMOKE,     LAST_DEVICE, active,          1517.0, ALARM",
        "TWO_WIRE_SMOKE,     LAST_DEVICE, cable-cut,       open,   FAULT",
        // 18.4 + 10000
        "TWO_WIRE_SMOKE,     LAST_DEVICE, no-resistor,     10018.4, FAULT",
    })
    void reads(SchemeKind scheme, ResistorPlace place, String id, String ohms, Meaning reads) {
        LoopWiring wiring =
                SmallJob.wiring().withSecondOhms(10_000).withScheme(scheme).withPlace(place);
        Cable cable = SmallJob.cable("01");
        CaseReading reading = LoopCheck.check(
                        FittedLoop.of(wiring, cable), SmallJob.chart(bands(scheme)), new CheckedFaults(DAMP_OHMS))
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
            case CLOSED_LOOP -> SmallBands.CLOSED;
            case NORMALLY_OPEN -> SmallBands.OPEN;
            case END_OF_LINE_ACROSS -> SmallBands.ACROSS;
            case SINGLE_END_OF_LINE -> SmallBands.SINGLE;
            case DOUBLE_END_OF_LINE -> SmallBands.DOUBLE;
            case TRIPLE_END_OF_LINE -> SmallBands.TRIPLE;
            case TWO_ZONES_SERIES -> SmallBands.TWO_SERIES;
            case TWO_ZONES_PARALLEL -> SmallBands.TWO_PARALLEL;
            case TWO_WIRE_SMOKE -> SmallBands.TWO_WIRE;
        };
    }
}
