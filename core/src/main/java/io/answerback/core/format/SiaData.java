package io.answerback.core.format;

import io.answerback.core.common.Text;
import io.answerback.core.event.LetterCode;
import io.answerback.core.event.LetterTable;
import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The data of SIA DC-03 as IP frames carry it: `Nri02/BA015`, with `^name^` behind and the time before where
/// they are wanted.
///
/// @param letters the two letters
/// @param old whether the event was reported before (`O`) and is not new (`N`)
/// @param area the area; empty when the data names none
/// @param zone the zone or user; empty when the data names none
/// @param name the text that came with it; empty when there was none
public record SiaData(String letters, boolean old, Optional<Integer> area, Optional<Integer> zone, String name) {
    private static final Pattern FORM = Pattern.compile("([NO])(?:ti\\d\\d:\\d\\d(?::\\d\\d)?/)?(?:id\\d{1,4}/)?"
            + "(?:ri(\\d{1,3})/)?([A-Z]{2})(\\d{0,4})(?:\\^([^\\^\\[\\]|]*)\\^)?");
    private static final int LONGEST_NAME = 40;
    private static final int LAST_AREA = 99;
    private static final int LAST_ZONE = 999;

    /// The data of a signal.
    ///
    /// @param letters its two letters
    /// @param name text that goes with it, of which the first 40 characters that frames can carry are sent;
    ///     empty for none
    public static String of(Signal signal, String letters, String name) {
        String begins = signal.qualifier() == Qualifier.STILL_PRESENT ? "O" : "N";
        String text = name.chars()
                .filter(next -> next >= ' ' && next <= '~' && "^[]|".indexOf(next) < 0)
                .limit(LONGEST_NAME)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
        return begins + "ri" + signal.areaDigits() + "/" + letters + signal.zoneDigits()
                + (text.isBlank() ? "" : "^" + text + "^");
    }

    /// Takes data apart, without the account before it.
    ///
    /// @throws BadFrame when it is not of this form
    public static SiaData read(String data) throws BadFrame {
        Matcher parts = FORM.matcher(data);
        if (!parts.matches()) {
            throw new BadFrame("data is [" + IpFrames.printable(data)
                    + "]; it must be N or O, ri and the area, /, two letters and the zone, such as Nri02/BA015");
        }
        return new SiaData(
                parts.group(3),
                parts.group(1).equals("O"),
                number(parts.group(2)),
                number(parts.group(4)),
                Optional.ofNullable(parts.group(5)).orElse(""));
    }

    private static Optional<Integer> number(String digits) {
        return Optional.ofNullable(digits).filter(its -> !its.isEmpty()).map(Integer::valueOf);
    }

    /// The signal it stands for.
    ///
    /// @throws BadFrame when the letters are in no table or stand for no event, or a number is too large
    public Signal signal(String account, LetterTable table) throws BadFrame {
        LetterCode code =
                table.find(letters).orElseThrow(() -> new BadFrame("letters " + letters + " are in no table"));
        String event = code.event()
                .orElseThrow(() -> new BadFrame("letters " + letters + " (" + code.words()
                        + ") are understood, but are no event of the table"));
        int inArea = area.orElse(0);
        int atZone = zone.orElse(0);
        if (inArea > LAST_AREA || atZone > LAST_ZONE) {
            throw new BadFrame(Text.of("area %d or zone %d is too large; there are 99 and 999", inArea, atZone));
        }
        return new Signal(account, old ? Qualifier.STILL_PRESENT : code.qualifier(), event, inArea, atZone);
    }
}
