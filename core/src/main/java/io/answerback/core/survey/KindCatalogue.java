package io.answerback.core.survey;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.profile.ZoneType;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// The kinds of point there are to choose from, with the words people use for them.
///
/// @param entries every kind, the commonest first
public record KindCatalogue(List<Entry> entries) {
    /// One kind with what people call it.
    ///
    /// @param kind the kind
    /// @param noun what a point of this kind is called after its place, such as "movement" in "Reception
    ///     movement"
    /// @param usualType what the panel usually does with it
    /// @param spoken words for it that belong in a point's name, in lower case, such as "door"
    /// @param jargon words for it that a point's name does without, in lower case, such as "contact"
    public record Entry(PointKind kind, String noun, ZoneType usualType, List<String> spoken, List<String> jargon) {
        /// @throws IllegalArgumentException when a part is missing
        public Entry {
            Require.given(kind, "kind of a catalogue entry");
            noun = Require.text(noun, "noun of kind " + kind.id());
            Require.given(usualType, "usual type of kind " + kind.id());
            spoken = List.copyOf(spoken);
            jargon = List.copyOf(jargon);
        }

        /// Every word for this kind, its name first.
        public Stream<String> words() {
            return Stream.concat(
                    Stream.of(kind.name().toLowerCase(Locale.ROOT)), Stream.concat(spoken.stream(), jargon.stream()));
        }
    }

    /// @throws IllegalArgumentException when there is no entry or two kinds share an id
    public KindCatalogue {
        entries = List.copyOf(entries);
        if (entries.isEmpty()) {
            throw new IllegalArgumentException("the catalogue of kinds is empty; give at least one");
        }
        Set<String> ids = new HashSet<>();
        for (Entry entry : entries) {
            if (!ids.add(entry.kind().id())) {
                throw new IllegalArgumentException("kind " + entry.kind().id() + " is there twice; keep one");
            }
        }
    }

    /// The entry of the kind with this id; empty when there is none.
    public Optional<Entry> byId(String id) {
        return entries.stream().filter(entry -> entry.kind().id().equals(id)).findFirst();
    }

    /// The entries somebody may mean by exactly these words, in any case.
    public List<Entry> called(String words) {
        String wanted = words.strip().toLowerCase(Locale.ROOT);
        return entries.stream()
                .filter(entry ->
                        entry.kind().id().equals(wanted) || entry.words().anyMatch(wanted::equals))
                .toList();
    }

    /// Words for a kind that stand somewhere in a text, the longest first.
    ///
    /// @param text any text
    /// @return the entry and the words that name it; empty when none is named
    public Optional<Named> namedIn(String text) {
        String padded = " " + Phrases.plain(text) + " ";
        return entries.stream()
                .flatMap(entry -> entry.words().map(words -> new Named(entry, words)))
                .filter(named -> padded.contains(" " + Phrases.plain(named.words()) + " "))
                .max(Comparator.comparingInt(named -> named.words().length()));
    }

    /// A kind by the words that named it.
    ///
    /// @param entry the kind
    /// @param words the words that stood for it
    public record Named(Entry entry, String words) {
        /// Whether a point's name does without these words.
        public boolean jargon() {
            return entry.jargon().contains(words);
        }
    }
}
