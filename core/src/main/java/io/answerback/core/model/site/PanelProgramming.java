package io.answerback.core.model.site;

import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/// What was decided about how the panel shall behave, and how far it has been typed.
///
/// @param decided what was decided otherwise than the rules or the panel have it, at most once each
/// @param users the people who have a code, by number
/// @param typed what was typed into the panel, or left out for a reason, at most once a setting and number
/// @param found what was read out of the panel, at most once a setting and number
/// @param codes what is known of codes, never their digits, at most once a code
/// @param walks the ways in that were walked
public record PanelProgramming(
        List<Decided> decided,
        List<User> users,
        List<Typed> typed,
        List<Found> found,
        List<CodeNote> codes,
        List<TimedWalk> walks) {
    /// A decision.
    ///
    /// @param decision about what
    /// @param number of which area, zone, user or address; 0 for the panel
    /// @param value what, as [io.answerback.core.model.profile.SettingValue#text()] writes it
    /// @param reason why; empty while nobody said
    public record Decided(Decision decision, int number, String value, String reason) {
        /// @throws IllegalArgumentException when the value is none of the decision
        public Decided {
            Require.given(decision, "decision");
            Require.within(number, 0, 999, "number of decision " + decision);
            value = decision.read(value).text();
            reason = reason == null ? "" : reason.strip();
        }
    }

    /// Somebody with a code.
    ///
    /// @param number the number the panel knows them by, 1 to 999: a report has room for three digits
    /// @param title who they are, such as "Manager"; never a code
    /// @param areas the areas they may work, 1 to 99
    /// @param elsewhere the number the communicator or an application knows them by; empty where they are not
    ///     known there
    public record User(int number, String title, List<Integer> areas, Optional<Integer> elsewhere) {
        /// @throws IllegalArgumentException when the title is blank or a number out of bounds
        public User {
            Require.within(number, 1, 999, "number of a user");
            title = Require.text(title, "title of user " + number);
            areas = List.copyOf(areas == null ? List.of() : areas);
            for (int area : areas) {
                Require.within(area, 1, 99, Text.of("area of user %d", number));
            }
            elsewhere = elsewhere == null ? Optional.empty() : elsewhere;
            elsewhere.ifPresent(there -> Require.within(
                    there, 0, 99_999_999, Text.of("number by which user %d is known elsewhere", number)));
        }
    }

    /// Something that was typed, or left out.
    ///
    /// @param setting the setting, by id
    /// @param number of which area, zone, user or address; 0 for the panel
    /// @param entry what was typed; for a secret nothing
    /// @param at when
    /// @param seconds how long it took, in seconds; 0 where that was not measured
    /// @param skipped why it was left out; empty for what was typed
    public record Typed(String setting, int number, String entry, Instant at, int seconds, String skipped) {
        /// @throws IllegalArgumentException when the setting is not named or the time missing
        public Typed {
            setting = Require.text(setting, "setting that was typed");
            Require.within(number, 0, 9999, Text.of("number at which %s was typed", setting));
            entry = entry == null ? "" : entry;
            Require.given(at, Text.of("time at which %s was typed", setting));
            Require.within(seconds, 0, 86_400, "seconds of " + setting);
            skipped = skipped == null ? "" : skipped.strip();
        }

        String key() {
            return setting + " " + number;
        }
    }

    /// Something that was read out of the panel.
    ///
    /// @param setting the setting, by id
    /// @param number of which area, zone, user or address, up to 9999; 0 for the panel
    /// @param entry what the panel shows, as it would be typed
    public record Found(String setting, int number, String entry) {
        /// @throws IllegalArgumentException when the setting is not named or the number out of bounds
        public Found {
            setting = Require.text(setting, "setting that was read");
            Require.within(number, 0, 9999, Text.of("number at which %s was read", setting));
            entry = entry == null ? "" : entry.strip();
        }

        String key() {
            return setting + " " + number;
        }
    }

    /// What is known of a code: never its digits.
    ///
    /// @param setting the code's setting, by id
    /// @param number of which user, up to 9999; 0 for the panel
    /// @param changed whether it is the maker's no more
    /// @param holder who holds it; empty while nobody said
    /// @param differs whether it was seen to differ from the others; empty while nobody looked
    public record CodeNote(String setting, int number, boolean changed, String holder, Optional<Boolean> differs) {
        /// @throws IllegalArgumentException when the setting is not named, the number out of bounds, or what is
        ///     said of the holder has four digits in a row, as a code has
        public CodeNote {
            setting = Require.text(setting, "setting of a code");
            Require.within(number, 0, 9999, Text.of("number of the user of %s", setting));
            holder = holder == null ? "" : holder.strip();
            if (holder.matches(".*\\d{4}.*")) {
                throw new IllegalArgumentException("who holds a code is a person or a place; digits are never kept");
            }
            differs = differs == null ? Optional.empty() : differs;
        }

        String key() {
            return setting + " " + number;
        }
    }

    /// Nothing decided, nothing typed.
    public static final PanelProgramming UNDECIDED =
            new PanelProgramming(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());

    /// @throws IllegalArgumentException when something is there twice
    public PanelProgramming {
        decided = Keyed.of(
                decided == null ? List.of() : decided,
                its -> its.decision() + " " + its.number(),
                "decisions",
                "decision");
        users = Keyed.of(users == null ? List.of() : users, User::number, "users", "user");
        typed = Keyed.of(typed == null ? List.of() : typed, Typed::key, "typed", "entry for");
        found = Keyed.of(found == null ? List.of() : found, Found::key, "found", "reading of");
        codes = Keyed.of(codes == null ? List.of() : codes, CodeNote::key, "codes", "note of code");
        walks = Keyed.of(walks == null ? List.of() : walks, TimedWalk::from, "walks", "walk from point");
    }

    /// What was decided; empty where the rules or the panel decide.
    public Optional<Decided> decided(Decision decision, int number) {
        return decided.stream()
                .filter(its -> its.decision() == decision && its.number() == number)
                .findFirst();
    }

    /// What was typed into a setting; empty while nothing was.
    public Optional<Typed> typed(String setting, int number) {
        return typed.stream()
                .filter(its -> its.setting().equals(setting) && its.number() == number)
                .findFirst();
    }

    /// What was read out of a setting; empty while nobody looked.
    public Optional<Found> found(String setting, int number) {
        return found.stream()
                .filter(its -> its.setting().equals(setting) && its.number() == number)
                .findFirst();
    }

    /// What is known of a code; empty while nothing is.
    public Optional<CodeNote> code(String setting, int number) {
        return codes.stream()
                .filter(its -> its.setting().equals(setting) && its.number() == number)
                .findFirst();
    }

    /// The same with a decision in place of the one there was.
    public PanelProgramming with(Decided other) {
        return withDecided(old -> Stream.concat(
                        old.stream()
                                .filter(its -> its.decision() != other.decision() || its.number() != other.number()),
                        Stream.of(other))
                .toList());
    }

    /// The same with other decisions.
    public PanelProgramming withDecided(UnaryOperator<List<Decided>> change) {
        return new PanelProgramming(change.apply(decided), users, typed, found, codes, walks);
    }

    /// The same with other users.
    public PanelProgramming withUsers(UnaryOperator<List<User>> change) {
        return new PanelProgramming(decided, change.apply(users), typed, found, codes, walks);
    }

    /// The same with an entry typed, in place of the one before.
    public PanelProgramming with(Typed other) {
        return new PanelProgramming(
                decided, users, replaced(typed, other, other.key(), Typed::key), found, codes, walks);
    }

    /// The same with other entries typed.
    public PanelProgramming withTyped(UnaryOperator<List<Typed>> change) {
        return new PanelProgramming(decided, users, change.apply(typed), found, codes, walks);
    }

    /// The same with a reading, in place of the one before.
    public PanelProgramming with(Found other) {
        return new PanelProgramming(
                decided, users, typed, replaced(found, other, other.key(), Found::key), codes, walks);
    }

    /// The same with other readings.
    public PanelProgramming withFound(UnaryOperator<List<Found>> change) {
        return new PanelProgramming(decided, users, typed, change.apply(found), codes, walks);
    }

    /// The same with a note of a code, in place of the one before.
    public PanelProgramming with(CodeNote other) {
        return new PanelProgramming(
                decided, users, typed, found, replaced(codes, other, other.key(), CodeNote::key), walks);
    }

    /// The same with other walks.
    public PanelProgramming withWalks(UnaryOperator<List<TimedWalk>> change) {
        return new PanelProgramming(decided, users, typed, found, codes, change.apply(walks));
    }

    /// The same without some points on its walks, and without the walks from them.
    public PanelProgramming withoutPoints(Collection<PointId> ids) {
        return withWalks(old -> old.stream()
                .filter(walk -> !ids.contains(walk.from()))
                .map(walk -> walk.withoutPaces(ids))
                .toList());
    }

    /// The same with points under other numbers on its walks.
    public PanelProgramming withPoints(UnaryOperator<PointId> renamed) {
        return withWalks(
                old -> old.stream().map(walk -> walk.withPoints(renamed)).toList());
    }

    private static <T> List<T> replaced(
            List<T> parts, T other, String key, java.util.function.Function<T, String> keyOf) {
        return Stream.concat(parts.stream().filter(its -> !keyOf.apply(its).equals(key)), Stream.of(other))
                .toList();
    }
}
