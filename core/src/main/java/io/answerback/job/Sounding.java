package io.answerback.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// How the sounders of a site are set.
///
/// @param minutes for how long the panel makes them sound, in minutes; empty while that is not decided
/// @param links how the link on a sounder's board is set, where that is not as it left the maker
public record Sounding(Optional<Double> minutes, List<LinkSet> links) {
    /// Nothing decided.
    public static final Sounding UNDECIDED = new Sounding(Optional.empty(), List.of());

    private static final double MOST_MINUTES = 120;

    /// The link of one sounder.
    ///
    /// @param module the sounder
    /// @param level the name of the level it is set to
    public record LinkSet(String module, String level) {
        /// @throws IllegalArgumentException when a name is blank
        public LinkSet {
            module = Require.text(module, "sounder of a link");
            level = Require.text(level, "setting of the link of " + module);
        }
    }

    /// @throws IllegalArgumentException when the minutes are out of bounds or a sounder has two settings
    public Sounding {
        minutes = minutes == null ? Optional.empty() : minutes;
        minutes.ifPresent(its -> Require.within(its, 0, MOST_MINUTES, "siren time in minutes"));
        links = JobParts.unique(links == null ? List.of() : links, LinkSet::module, "links", "link of");
    }

    /// The name of the level a sounder's link is set to; empty where it is as it left the maker.
    public String level(String module) {
        return links.stream()
                .filter(link -> link.module().equals(module))
                .map(LinkSet::level)
                .findFirst()
                .orElse("");
    }

    /// The same for another time, in minutes.
    public Sounding withMinutes(Optional<Double> other) {
        return new Sounding(other, links);
    }

    /// The same without a sounder.
    Sounding without(String module) {
        return new Sounding(
                minutes,
                links.stream().filter(link -> !link.module().equals(module)).toList());
    }

    /// The same with the link of a sounder set otherwise.
    public Sounding with(LinkSet link) {
        Stream<LinkSet> rest = links.stream().filter(its -> !its.module().equals(link.module()));
        return new Sounding(minutes, Stream.concat(rest, Stream.of(link)).toList());
    }
}
