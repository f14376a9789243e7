package io.answerback.desktop.present;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.site.Link;
import io.answerback.core.prove.chain.LinkState;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.desktop.live.Run;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// The seven links of a point as the strip below the bench shows them, with how far a signal has come.
public record ChainPresentation(List<OneLink> links) {
    /// One link.
    ///
    /// @param reached whether the signal has come there
    /// @param head whether it is there now, on its way
    /// @param dim whether the signal has not come there and may not
    public record OneLink(
            Link link, String figure, String line, Mark mark, boolean reached, boolean head, boolean dim) {
        /// The link in words, for screen readers and on hover.
        public String says() {
            return link.title() + ": " + figure + ", " + line + ", " + mark.word();
        }
    }

    public ChainPresentation {
        links = List.copyOf(links);
    }

    /// The links of a point.
    ///
    /// @param active whether the point is not at rest
    /// @param run how far its signal has come; empty while none was sent
    public static ChainPresentation of(PointResult point, boolean active, Optional<Run> run) {
        List<LinkState> live = run.map(Run::links).orElse(List.of());
        boolean travelling = run.map(Run::travelling).orElse(false);
        boolean stopped = !live.isEmpty() && live.getLast().mark() == Mark.WRONG;
        return new ChainPresentation(Stream.of(Link.values())
                .map(link -> {
                    boolean reached = link.ordinal() < live.size();
                    LinkState state = reached ? live.get(link.ordinal()) : planned(point, active, link);
                    return new OneLink(
                            link,
                            state.figure(),
                            state.line(),
                            state.mark(),
                            reached,
                            travelling && link.ordinal() == live.size() - 1,
                            run.isPresent() && (travelling || stopped) && !reached);
                })
                .toList());
    }

    /// As planned, but for the point itself, which may have been opened elsewhere.
    private static LinkState planned(PointResult point, boolean active, Link link) {
        LinkState planned = point.chain().of(link);
        return active && link == Link.POINT
                ? point.wired()
                        .map(wired -> new LinkState(
                                link,
                                planned.mark(),
                                planned.figure(),
                                wired.point().kind().words().activeWord()))
                        .orElse(planned)
                : planned;
    }
}
