package io.answerback.core.signal.format;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.event.LetterCode;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.List;
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
    /// What stands before events and holds for those behind it, until it is said again (SIA DC-03): time, user,
    /// area, peripheral, date, automated id, telephone, level, value, path, subscriber.
    private static final Pattern MODIFIER =
            Pattern.compile("(?<kind>ti|id|ri|pi|da|ai|ph|lv|va|pt|ss)(?<value>[0-9A-Fa-f:.\\-]{1,20})/");

    private static final Pattern EVENT =
            Pattern.compile("(?<letters>[A-Z]{2})(?<zone>\\d{0,4})(?:\\^(?<name>[^\\^\\[\\]|]*)\\^)?(?:/|$)");
    private static final int MOST_EVENTS = 64;
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

    /// Takes a block apart, without the account before it: one event or several, each with the modifiers that stand
    /// before it.
    ///
    /// @return at least one
    /// @throws BadFrame when it is not of this form
    public static List<SiaData> block(String data) throws BadFrame {
        if (data.isEmpty() || "NO".indexOf(data.charAt(0)) < 0) {
            throw unlike(data);
        }
        boolean old = data.charAt(0) == 'O';
        List<SiaData> events = new ArrayList<>();
        Matcher modifier = MODIFIER.matcher(data);
        Matcher event = EVENT.matcher(data);
        Optional<Integer> area = Optional.empty();
        int at = 1;
        while (at < data.length() && events.size() < MOST_EVENTS) {
            modifier.region(at, data.length());
            event.region(at, data.length());
            if (modifier.lookingAt()) {
                area = modifier.group("kind").equals("ri") ? Optional.of(area(modifier.group("value"), data)) : area;
                at = modifier.end();
            } else if (event.lookingAt()) {
                events.add(new SiaData(
                        event.group("letters"),
                        old,
                        area,
                        number(event.group("zone")),
                        Optional.ofNullable(event.group("name")).orElse("")));
                at = event.end();
            } else {
                throw unlike(data);
            }
        }
        if (events.isEmpty() || at < data.length() || data.endsWith("/")) {
            throw unlike(data);
        }
        return List.copyOf(events);
    }

    /// The first event of a block.
    ///
    /// @throws BadFrame when it is not of this form
    public static SiaData read(String data) throws BadFrame {
        return block(data).getFirst();
    }

    private static int area(String digits, String data) throws BadFrame {
        if (!digits.matches("\\d{1,3}")) {
            throw unlike(data);
        }
        return Integer.parseInt(digits);
    }

    private static BadFrame unlike(String data) {
        return new BadFrame("data is [" + IpFrames.printable(data)
                + "]; it must be N or O, ri and the area, /, two letters and the zone, such as Nri02/BA015");
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
