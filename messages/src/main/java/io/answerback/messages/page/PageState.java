package io.answerback.messages.page;

import java.util.List;

/// What the page of a walk shows.
///
/// @param title whose walk it is
/// @param note what arrived last, in large letters; empty for nothing
/// @param why what explains it; empty where nothing is wrong
/// @param wrong whether something is wrong
/// @param lines the lines, in the order to walk
public record PageState(String title, String note, String why, boolean wrong, List<PageLine> lines) {
    /// A line.
    ///
    /// @param wanted what has to arrive
    /// @param says how it stands
    /// @param mark how it stands, in a word of lower-case letters
    /// @param here whether somebody is at it
    public record PageLine(String id, String title, String wanted, String says, String mark, boolean here) {}

    public PageState {
        lines = List.copyOf(lines);
    }
}
