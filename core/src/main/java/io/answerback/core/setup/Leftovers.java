package io.answerback.core.setup;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Parts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What was read out of a panel and is not what is wanted: entries that mean something else, and names and
/// zones of an earlier site that nobody on this job needs.
public final class Leftovers {
    private static final SettingValue NOT_USED = new SettingValue.Chosen(ZoneType.NOT_USED.name());

    private Leftovers() {}

    /// An entry that is not what is wanted.
    ///
    /// @param title the setting and what it is of
    /// @param entry what the panel has there
    /// @param means what that means
    /// @param wanted what is wanted; "nothing" for what is to be cleared
    /// @param clear whether it is of an earlier site and to be cleared
    public record Leftover(String title, String entry, String means, String wanted, boolean clear) {}

    /// The leftovers of a job, in the order in which they were read.
    public static List<Leftover> of(Parts job, RunSheet sheet) {
        SettingCatalogue catalogue = Catalogue.of(job);
        List<Leftover> all = new ArrayList<>();
        for (PanelProgramming.Found found : job.setup().found()) {
            Optional<Setting> setting = catalogue.setting(found.setting());
            setting.flatMap(its -> leftover(its, found, sheet.step(its.id(), found.number())))
                    .ifPresent(all::add);
        }
        return all;
    }

    private static Optional<Leftover> leftover(
            Setting setting, PanelProgramming.Found found, Optional<EntryStep> step) {
        String means = Entries.value(setting, found.entry())
                .map(value -> SetupWords.value(setting.decision(), value))
                .orElse("nothing this panel knows");
        String number =
                found.number() == 0 ? "" : Text.of(" %s %02d", setting.scope().counted(), found.number());
        if (step.isEmpty()) {
            return found.entry().equals(setting.usual())
                    ? Optional.empty()
                    : Optional.of(new Leftover(setting.name() + number, found.entry(), means, "nothing", true));
        }
        if (step.get().entry().equals(Optional.of(found.entry()))) {
            return Optional.empty();
        }
        String wanted = step.get()
                .wanted()
                .map(value -> SetupWords.value(setting.decision(), value))
                .orElse("nothing");
        boolean off = setting.decision() == Decision.ZONE_BEHAVIOUR
                && step.get().wanted().filter(NOT_USED::equals).isPresent();
        return Optional.of(new Leftover(setting.name() + number, found.entry(), means, wanted, off));
    }
}
