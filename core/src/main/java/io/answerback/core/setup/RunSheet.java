package io.answerback.core.setup;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Parts;
import io.answerback.core.setup.EntryStep.Standing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/// Every entry that makes a panel do what is wanted, in the order in which it is typed with the least walking
/// through menus.
///
/// @param steps every entry, those a new panel has already among them
/// @param broken what is wrong with each setting of the profile that cannot be used, by its id
/// @param levels how many levels of menus one walks up and down for the entries that are to be typed, in this
///     order
/// @param levelsByNumber how many it would be zone by zone and area by area
public record RunSheet(List<EntryStep> steps, Map<String, String> broken, int levels, int levelsByNumber) {
    private static final int USUAL_SECONDS = 12;

    public RunSheet {
        steps = List.copyOf(steps);
    }

    /// The run sheet of a job; without steps where its panel's profile knows no settings.
    public static RunSheet of(Parts job) {
        SettingCatalogue catalogue = Catalogue.of(job);
        Map<String, String> broken = CatalogueCheck.of(catalogue);
        List<Setting> usable = catalogue.settings().stream()
                .filter(setting -> !broken.containsKey(setting.id()))
                .toList();
        MenuPaths paths = new MenuPaths(catalogue);
        Intent intent = new Intent(job);
        List<EntryStep> plain = new ArrayList<>();
        for (Setting setting : usable) {
            SettingNumbers.of(job, setting.scope())
                    .forEach(number -> step(job, intent, paths, setting, number).ifPresent(plain::add));
        }
        List<EntryStep> ordered = WalkOrder.of(plain);
        return new RunSheet(ordered, broken, WalkOrder.levels(ordered), WalkOrder.levels(WalkOrder.byNumber(plain)));
    }

    private static Optional<EntryStep> step(Parts job, Intent intent, MenuPaths paths, Setting setting, int number) {
        boolean secret = setting.form().kind() == EntryForm.Kind.SECRET;
        Optional<SettingValue> wanted = secret ? Optional.empty() : intent.of(setting.decision(), number);
        if (!secret && wanted.isEmpty()) {
            return Optional.empty();
        }
        Entries.Typing typing = wanted.map(value -> Entries.typing(setting, value))
                .orElseGet(() -> new Entries.Typing(Optional.empty(), ""));
        Optional<PanelProgramming.Typed> typed = job.setup().typed(setting.id(), number);
        Optional<String> now = now(job, setting, number, typed);
        return Optional.of(new EntryStep(
                setting,
                number,
                SettingNumbers.words(job, intent, setting.scope(), number),
                wanted.map(value -> SetupWords.says(setting.decision(), value, Terms.of(job.practice())))
                        .orElseGet(() -> SetupWords.changed(setting.decision(), Terms.of(job.practice()))),
                wanted,
                typing.entry(),
                typing.problem(),
                secret ? changed(job, setting, number) : standing(setting, typing, typed, now),
                now,
                paths.to(setting, number),
                shows(setting, typing, number),
                typed));
    }

    /// What was read comes before what was typed, and that before what a new panel has.
    private static Optional<String> now(
            Parts job, Setting setting, int number, Optional<PanelProgramming.Typed> typed) {
        return job.setup()
                .found(setting.id(), number)
                .map(PanelProgramming.Found::entry)
                .or(() -> typed.filter(its -> its.skipped().isEmpty()).map(PanelProgramming.Typed::entry))
                .or(() -> Optional.of(setting.usual()).filter(usual -> !usual.isEmpty()));
    }

    private static Standing changed(Parts job, Setting setting, int number) {
        return job.setup()
                        .code(setting.id(), number)
                        .filter(PanelProgramming.CodeNote::changed)
                        .isPresent()
                ? Standing.DONE
                : Standing.OPEN;
    }

    private static Standing standing(
            Setting setting, Entries.Typing typing, Optional<PanelProgramming.Typed> typed, Optional<String> now) {
        if (typed.filter(its -> !its.skipped().isEmpty())
                .filter(its -> its.entry().equals(typing.entry().orElse("")))
                .isPresent()) {
            return Standing.SKIPPED;
        }
        if (typing.entry().isEmpty()) {
            return Standing.CANNOT;
        }
        boolean there = now.equals(typing.entry());
        boolean asNew = typing.entry().get().equals(setting.usual());
        if (there) {
            return typed.isEmpty() && asNew ? Standing.AS_NEW : Standing.DONE;
        }
        return typed.filter(its -> its.skipped().isEmpty()).isPresent()
                        || !now.equals(Optional.of(setting.usual()).filter(its -> !its.isEmpty()))
                ? Standing.AGAIN
                : Standing.OPEN;
    }

    private static String shows(Setting setting, Entries.Typing typing, int number) {
        return MenuPaths.filled(setting.shows(), number)
                .replace("{entry}", typing.entry().orElse(""));
    }

    /// How many levels one walks up and down to get to some entries in their order, from outside the menus, whether
    /// they are typed yet or not.
    public static int levelsWalked(List<EntryStep> steps) {
        return WalkOrder.walked(steps);
    }

    /// The same without codes and passwords: what a client keeps does not say which are still the maker's.
    public RunSheet withoutCodes() {
        return new RunSheet(
                steps.stream()
                        .filter(step -> step.setting().form().kind() != EntryForm.Kind.SECRET)
                        .toList(),
                broken,
                levels,
                levelsByNumber);
    }

    /// The steps that differ from what a new panel has.
    public List<EntryStep> differing() {
        return steps.stream().filter(EntryStep::differs).toList();
    }

    /// The steps that are to be typed.
    public List<EntryStep> open() {
        return steps.stream().filter(EntryStep::toType).toList();
    }

    /// How many of the differing steps are done or left out for a reason.
    public int done() {
        return (int) steps.stream()
                .filter(step -> step.standing() == Standing.DONE || step.standing() == Standing.SKIPPED)
                .count();
    }

    /// How long the open entries will take, in seconds: as long each as those that were measured took on
    /// average.
    public double secondsLeft() {
        OptionalDouble measured = steps.stream()
                .flatMap(step -> step.typed().stream())
                .mapToInt(PanelProgramming.Typed::seconds)
                .filter(seconds -> seconds > 0)
                .average();
        return open().size() * measured.orElse(USUAL_SECONDS);
    }

    /// The open steps that need a keypad that shows text.
    public List<EntryStep> needingText() {
        return open().stream().filter(step -> step.setting().needsText()).toList();
    }

    /// The step of this name; empty when there is none.
    public Optional<EntryStep> step(String settingId, int number) {
        return first(step -> step.setting().id().equals(settingId) && step.number() == number);
    }

    /// The step with which something is decided; empty when the panel has no such setting.
    public Optional<EntryStep> step(Decision decision, int number) {
        return first(step -> step.setting().decision() == decision && step.number() == number);
    }

    private Optional<EntryStep> first(Predicate<EntryStep> which) {
        return steps.stream().filter(which).findFirst();
    }
}
