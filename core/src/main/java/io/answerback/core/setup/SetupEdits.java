package io.answerback.core.setup;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.loop.zone.Unprogrammed;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.TimedWalk;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/// Edits to what is wanted of a panel, and to how far it has been typed.
public final class SetupEdits {
    private SetupEdits() {}

    /// Decides something. What the survey, the areas or the zones hold already is changed there; a decision
    /// that is the usual one is not kept as one of its own.
    ///
    /// @param number of which area, zone, user or address; 0 for the panel
    /// @param value the value, as [SettingValue#text()] writes it
    /// @throws IllegalArgumentException when applied and the value is none of the decision
    public static Edit decide(Decision decision, int number, String value) {
        return new Edit(name(decision, number), job -> {
            SettingValue wanted = decision.read(value);
            return switch (decision) {
                case ZONE_BEHAVIOUR ->
                    Edits.zoneType(number, ZoneType.valueOf(wanted.text())).on(job);
                case ZONE_AREA -> Edits.zoneArea(number, first(wanted)).on(job);
                case AREA_ACCOUNT -> Edits.account(number, wanted.text()).on(job);
                default -> decided(job, decision, number, wanted);
            };
        });
    }

    /// The usual answer to a decision again.
    ///
    /// @param number of which area, zone, user or address; 0 for the panel
    public static Edit usual(Decision decision, int number) {
        return setup(
                name(decision, number),
                setup -> setup.withDecided(old -> old.stream()
                        .filter(its -> its.decision() != decision || its.number() != number)
                        .toList()));
    }

    private static Optional<Integer> first(SettingValue numbers) {
        return ((SettingValue.Numbers) numbers).numbers().stream().findFirst();
    }

    /// Programs every zone that is wired and off, or in no area, as its point was surveyed.
    public static Edit programDead() {
        return new Edit(
                "zones as surveyed", job -> job.withZones(Unprogrammed.programmed(job.zones(), Unprogrammed.of(job))));
    }

    private static Job decided(Job job, Decision decision, int number, SettingValue wanted) {
        String reason = job.setup()
                .decided(decision, number)
                .map(PanelProgramming.Decided::reason)
                .orElse("");
        boolean usual = new Intent(job).usual(decision, number).equals(Optional.of(wanted));
        PanelProgramming without = job.setup()
                .withDecided(old -> old.stream()
                        .filter(its -> its.decision() != decision || its.number() != number)
                        .toList());
        return job.withSetup(
                usual ? without : without.with(new PanelProgramming.Decided(decision, number, wanted.text(), reason)));
    }

    private static String name(Decision decision, int number) {
        String words = decision.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
        return number == 0
                ? words
                : Text.of("%s of %s %02d", words, decision.scope().counted(), number);
    }

    /// Says why something was decided otherwise; a blank reason takes it away.
    public static Edit reason(Decision decision, int number, String reason) {
        return setup(
                "reason for " + name(decision, number),
                setup -> setup.withDecided(old -> old.stream()
                        .map(its -> its.decision() == decision && its.number() == number
                                ? new PanelProgramming.Decided(decision, number, its.value(), reason)
                                : its)
                        .toList()));
    }

    /// An entry was typed into the panel. What was read there before is no longer so.
    ///
    /// @param seconds how long it took, in seconds; 0 where that was not measured
    public static Edit typed(EntryStep step, Instant at, int seconds) {
        return setup(
                "entry of " + title(step),
                setup -> unread(setup, step)
                        .with(new PanelProgramming.Typed(
                                step.setting().id(), step.number(), step.entry().orElse(""), at, seconds, "")));
    }

    /// An entry is left out for a reason, which holds as long as that entry is the one that is wanted.
    ///
    /// @throws IllegalArgumentException when the reason is blank
    public static Edit skipped(EntryStep step, Instant at, String reason) {
        if (reason.isBlank()) {
            throw new IllegalArgumentException(Text.of("say why %s is left out", title(step)));
        }
        return setup(
                "leaving out " + title(step),
                setup -> setup.with(new PanelProgramming.Typed(
                        step.setting().id(), step.number(), step.entry().orElse(""), at, 0, reason)));
    }

    /// The panel shows something at a setting.
    public static Edit found(String setting, int number, String entry) {
        return setup("reading of " + setting, setup -> setup.with(new PanelProgramming.Found(setting, number, entry)));
    }

    /// Everything that was read out of a panel at once.
    public static Edit found(List<PanelProgramming.Found> all) {
        return setup(Text.of("%d readings of the panel", all.size()), setup -> {
            PanelProgramming next = setup;
            for (PanelProgramming.Found one : all) {
                next = next.with(one);
            }
            return next;
        });
    }

    /// The panel was put back to what its maker ships: nothing that was read or typed is in it any more.
    public static Edit defaults() {
        return setup(
                "the panel at its defaults",
                setup -> setup.withFound(old -> List.of()).withTyped(old -> List.of()));
    }

    private static PanelProgramming unread(PanelProgramming setup, EntryStep step) {
        return setup.withFound(old -> old.stream()
                .filter(its -> !its.setting().equals(step.setting().id()) || its.number() != step.number())
                .toList());
    }

    private static String title(EntryStep step) {
        return step.of().isEmpty()
                ? step.setting().name()
                : Text.of("%s, %s", step.setting().name(), step.of());
    }

    /// What is known of a code; its digits are never part of it.
    public static Edit code(PanelProgramming.CodeNote note) {
        return setup("note of a code", setup -> setup.with(note));
    }

    /// What was seen of several codes at once.
    public static Edit codes(List<PanelProgramming.CodeNote> notes) {
        return setup("comparison of codes", setup -> {
            PanelProgramming next = setup;
            for (PanelProgramming.CodeNote note : notes) {
                next = next.with(note);
            }
            return next;
        });
    }

    /// Somebody with a code, in place of whoever had the number.
    public static Edit user(PanelProgramming.User user) {
        return setup(
                "user " + user.number(),
                setup -> setup.withUsers(old -> Stream.concat(
                                old.stream().filter(its -> its.number() != user.number()), Stream.of(user))
                        .sorted((one, other) -> Integer.compare(one.number(), other.number()))
                        .toList()));
    }

    /// Nobody has a number any more; what is known of its code goes with it.
    public static Edit withoutUser(int number) {
        return setup(
                "user " + number,
                setup -> setup.withUsers(old ->
                        old.stream().filter(its -> its.number() != number).toList()));
    }

    /// A way in that was walked, in place of the one from the same door.
    public static Edit walk(TimedWalk walk) {
        return setup(
                "walk from point " + walk.from(),
                setup -> setup.withWalks(old -> Stream.concat(
                                old.stream().filter(its -> !its.from().equals(walk.from())), Stream.of(walk))
                        .toList()));
    }

    /// A way in that is of no interest any more.
    public static Edit withoutWalk(PointId from) {
        return setup(
                "walk from point " + from,
                setup -> setup.withWalks(old ->
                        old.stream().filter(its -> !its.from().equals(from)).toList()));
    }

    private static Edit setup(String name, UnaryOperator<PanelProgramming> change) {
        return new Edit(name, job -> job.withSetup(change.apply(job.setup())));
    }
}
