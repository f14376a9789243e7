package io.answerback.core.acceptance;

import io.answerback.core.profile.Decision;
import io.answerback.core.site.Link;
import java.util.List;
import java.util.Optional;

/// What a signal that arrived on a live walk shows, said at the moment it arrives.
///
/// @param kind what sort of thing it is
/// @param lineId the line it belongs to; empty for none
/// @param says in one line, to be read across a room
/// @param why what explains it, and what to do; empty where nothing is wrong
/// @param link the link that explains it; empty where nothing is wrong or nobody can say
/// @param entry what has to be typed anew; empty where typing does not help
/// @param number of which zone or area that entry is; 0 for none
public record WalkNote(
        Kind kind,
        Optional<String> lineId,
        String says,
        String why,
        Optional<Link> link,
        Optional<Decision> entry,
        int number) {
    /// What sort of thing it is.
    public enum Kind {
        /// It begins a line, whose end is still to come.
        BEGUN(false),
        /// It completes a line.
        SHOWN(false),
        /// The same once more.
        AGAIN(false),
        /// A line's signal came, and somebody is at another point.
        OTHER_DEVICE(true),
        /// Two devices answer for each other.
        SWAPPED(true),
        /// The zone is in another area.
        WRONG_AREA(true),
        /// The zone behaves otherwise.
        WRONG_EVENT(true),
        /// The number is another.
        WRONG_NUMBER(true),
        /// It came under another account.
        WRONG_ACCOUNT(true),
        /// A restore that never came.
        NO_RESTORE(true),
        /// The station did not take it, as with a wrong clock.
        REFUSED(true),
        /// It fits no line.
        UNKNOWN(true),
        /// It is part of the traffic of every site, such as a test.
        TRAFFIC(false);

        private final boolean wrong;

        Kind(boolean wrong) {
            this.wrong = wrong;
        }

        /// Whether something is wrong.
        public boolean wrong() {
            return wrong;
        }
    }

    static WalkNote well(Kind kind, AcceptanceLine line, String says) {
        return new WalkNote(kind, Optional.of(line.id()), says, "", Optional.empty(), Optional.empty(), 0);
    }

    /// Something that the station did not take: it shows nothing, whatever it says.
    ///
    /// @param what what came, such as a signal or the kind of a frame
    /// @param problems why it was not taken, in words
    public static WalkNote refused(String what, List<String> problems) {
        return new WalkNote(
                Kind.REFUSED,
                Optional.empty(),
                what + " was not taken",
                problems.isEmpty() ? "The station gave no answer." : String.join(" ", problems),
                Optional.of(Link.STATION),
                Optional.empty(),
                0);
    }

    static WalkNote wrong(Kind kind, Optional<AcceptanceLine> line, String says, String why, Link link) {
        return new WalkNote(
                kind, line.map(AcceptanceLine::id), says, why, Optional.ofNullable(link), Optional.empty(), 0);
    }

    WalkNote mendedBy(Decision decision, int of) {
        return new WalkNote(kind, lineId, says, why, link, Optional.of(decision), of);
    }
}
