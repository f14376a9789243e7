package io.answerback.files;

import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.KindWords;
import io.answerback.core.model.device.Latch;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.Powering;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.survey.KindCatalogue;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/// A row of the table of kinds.
final class KindRow {
    private KindRow() {}

    static KindCatalogue.Entry entry(CSVRecord row) {
        return new KindCatalogue.Entry(
                kind(row),
                row.get("noun"),
                ZoneType.valueOf(row.get("usual_type")),
                list(row.get("spoken")),
                list(row.get("jargon")));
    }

    private static PointKind kind(CSVRecord row) {
        return new PointKind(
                row.get("id"),
                row.get("name"),
                KindFamily.valueOf(row.get("family")),
                new KindWords(
                        row.get("part"),
                        row.get("thing"),
                        row.get("rest"),
                        row.get("active"),
                        row.get("act"),
                        row.get("restore")),
                ContactForm.valueOf(row.get("contact")),
                new PointKind.Outputs(yes(row, "tamper"), yes(row, "mask"), yes(row, "fault")),
                yes(row, "polarity"),
                yes(row, "two_wire"),
                powering(row),
                yes(row, "radio"),
                Optional.of(row.get("latch")).filter(latch -> !latch.isEmpty()).map(Latch::valueOf),
                row.get("pulse_ms").isEmpty() ? 0 : (int) number(row, "pulse_ms"));
    }

    private static Optional<Powering> powering(CSVRecord row) {
        return row.get("quiescent_ma").isEmpty()
                ? Optional.empty()
                : Optional.of(new Powering(
                        number(row, "quiescent_ma"), number(row, "alarm_ma"), number(row, "least_volts"), (int)
                                number(row, "warm_up_s")));
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static boolean yes(CSVRecord row, String column) {
        return row.get(column).equals("1");
    }

    private static List<String> list(String words) {
        return Arrays.stream(words.split("\\|")).filter(word -> !word.isEmpty()).toList();
    }
}
