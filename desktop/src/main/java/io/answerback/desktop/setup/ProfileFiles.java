package io.answerback.desktop.setup;

import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.files.SettingsFile;
import java.util.List;

/// Keeps the profile of a panel as the firm's own, writes it to a file, and takes one from a file.
record ProfileFiles(Actions actions, RuleShelf shelf, FileQuestions files) {
    private static final List<FileQuestions.Sort> SORTS =
            List.of(new FileQuestions.Sort("Panel profile", "*" + SettingsFile.PROFILE_ENDING));

    void keep(PanelProfile profile) {
        shelf.keep(profile, file -> actions.tell("Kept as \"%s\" in %s.".formatted(profile.name(), file)));
    }

    void write(PanelProfile profile) {
        files.toWrite("Write this profile to a file", profile.id() + SettingsFile.PROFILE_ENDING, SORTS)
                .ifPresent(file ->
                        shelf.write(profile, file, written -> actions.tell("The profile is in " + written + ".")));
    }

    void read() {
        files.toRead("A profile from a file", SORTS)
                .ifPresent(file ->
                        shelf.profileFrom(file, profile -> actions.apply(CapacityEdits.panel(profile)), actions::tell));
    }
}
