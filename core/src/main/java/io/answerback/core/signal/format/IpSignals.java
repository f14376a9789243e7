package io.answerback.core.signal.format;

import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads the signal out of an IP frame.
///
/// @param letters the table for frames of `SIA-DCS`
public record IpSignals(LetterTable letters) {
    private static final Pattern DATA = Pattern.compile("#([0-9A-Fa-f]{3,16})\\|(.*)", Pattern.DOTALL);
    private static final Pattern EVENT = Pattern.compile("([0-9A-Fa-f]{4}) (\\d\\d) (\\d{3})");

    /// The signal inside a frame of `ADM-CID` or `SIA-DCS`, of several in it the first.
    ///
    /// @throws BadFrame when the frame is of another kind, names two accounts, or its data is not an event
    public Signal of(IpFrame frame) throws BadFrame {
        return all(frame).getFirst();
    }

    /// Every signal inside a frame of `ADM-CID` or `SIA-DCS`: letters may carry several.
    ///
    /// @return at least one
    /// @throws BadFrame when the frame is of another kind, names two accounts, or its data is not an event
    public List<Signal> all(IpFrame frame) throws BadFrame {
        if (!frame.id().equals(IpFrame.CONTACT_ID) && !frame.id().equals(IpFrame.LETTERS)) {
            throw new BadFrame("frames of kind " + frame.id() + " are not served here; send ADM-CID or SIA-DCS");
        }
        Matcher data = DATA.matcher(frame.data());
        if (!data.matches()) {
            throw new BadFrame("data is [" + IpFrames.printable(frame.data()) + "]; it must begin with #account|");
        }
        String account = data.group(1).toUpperCase(Locale.ROOT);
        if (!account.equals(frame.account())) {
            throw new BadFrame("data names account " + account + ", the frame " + frame.account());
        }
        return frame.id().equals(IpFrame.LETTERS)
                ? inLetters(account, data.group(2))
                : List.of(event(account, data.group(2)));
    }

    /// Every signal in blocks of letters as a line carries them, written as [BlockReport#text] does.
    ///
    /// @return at least one
    /// @throws BadFrame when there is no account before it, or its data is not an event
    public List<Signal> ofBlocks(String text) throws BadFrame {
        Matcher data = DATA.matcher(text);
        if (!data.matches()) {
            throw new BadFrame("blocks are \"" + IpFrames.printable(text) + "\"; they must be like #7316|Nri02/BA015");
        }
        return inLetters(data.group(1).toUpperCase(Locale.ROOT), data.group(2));
    }

    private List<Signal> inLetters(String account, String text) throws BadFrame {
        List<Signal> signals = new ArrayList<>();
        for (SiaData event : SiaData.block(text)) {
            signals.add(event.signal(account, letters));
        }
        return signals;
    }

    private static Signal event(String account, String text) throws BadFrame {
        Matcher event = EVENT.matcher(text);
        if (!event.matches()) {
            throw new BadFrame("data is [" + IpFrames.printable(text) + "]; it must be [#account|Qxyz gg ccc]");
        }
        return ContactId.parts(account, event.group(1).toUpperCase(Locale.ROOT) + event.group(2) + event.group(3));
    }
}
