package io.answerback.core.loop;

/// Words of a job as they may stand in a netlist: a simulator reads commands there, which names must never
/// become.
public final class SpiceText {
    private static final int LONGEST = 200;

    private SpiceText() {}

    /// Letters, digits, spaces and the signs `.,()-/` of the words; other signs, line ends among them, as `_`.
    /// At most 200 characters.
    public static String plain(String words) {
        String some = words.length() > LONGEST ? words.substring(0, LONGEST) : words;
        return some.replaceAll("[^\\p{L}\\p{N} .,()/-]", "_");
    }
}
