package io.answerback.core.model.power;

import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.ModuleId;
import java.util.List;
import java.util.stream.Stream;

/// How the sounders of a site are set on their boards. For how long the panel makes them sound is the decision
/// [io.answerback.core.model.profile.Decision#SOUNDER_TIME].
///
/// @param links how the link on a sounder's board is set, where that is not as it left the maker
public record Sounding(List<LinkSet> links) {
    /// Nothing decided.
    public static final Sounding UNDECIDED = new Sounding(List.of());

    /// The link of one sounder.
    ///
    /// @param module the sounder
    /// @param level the name of the level it is set to
    public record LinkSet(ModuleId module, String level) {
        /// @throws IllegalArgumentException when a name is blank
        public LinkSet {
            Require.given(module, "sounder of a link");
            level = Require.text(level, "setting of the link of " + module);
        }
    }

    /// @throws IllegalArgumentException when a sounder has two settings
    public Sounding {
        links = Keyed.of(links == null ? List.of() : links, LinkSet::module, "links", "link of");
    }

    /// The name of the level a sounder's link is set to; empty where it is as it left the maker.
    public String level(ModuleId module) {
        return links.stream()
                .filter(link -> link.module().equals(module))
                .map(LinkSet::level)
                .findFirst()
                .orElse("");
    }

    /// The same without a sounder.
    Sounding without(ModuleId module) {
        return new Sounding(
                links.stream().filter(link -> !link.module().equals(module)).toList());
    }

    /// The same with the link of a sounder set otherwise.
    public Sounding with(LinkSet link) {
        Stream<LinkSet> rest = links.stream().filter(its -> !its.module().equals(link.module()));
        return new Sounding(Stream.concat(rest, Stream.of(link)).toList());
    }
}
