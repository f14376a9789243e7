package io.answerback.desktop.work;

import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.SettingsFile;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;

/// The house rules and panel profiles there are to choose from: those that ship with the application and those
/// the firm keeps in its own folder. Used on the JavaFX thread; files are read and written off it.
public final class RuleShelf {
    private final Path folder;
    private final Background background;
    private final Shelf<HouseRules> rules = new Shelf<>(DataFiles::rules, HouseRules::name);
    private final Shelf<PanelProfile> profiles = new Shelf<>(DataFiles::profiles, PanelProfile::id);

    /// A shelf with everything that is in a folder.
    ///
    /// @param folder where the application keeps what it remembers
    public RuleShelf(Path folder, Background background) {
        this.folder = folder;
        this.background = background;
        background.run(() -> SettingsFile.ownRules(folder), own -> own.forEach(rules::put));
        background.run(() -> SettingsFile.ownProfiles(folder), own -> own.forEach(profiles::put));
    }

    /// The house rules, those that ship first.
    public List<HouseRules> rules() {
        return rules.all();
    }

    /// The panel profiles, those that ship first.
    public List<PanelProfile> profiles() {
        return profiles.all();
    }

    /// Keeps rules in the firm's own folder; rules of the same name there are replaced.
    ///
    /// @param then told of the file they are in
    public void keep(HouseRules its, Consumer<Path> then) {
        Path file = SettingsFile.rulesFile(folder, its.name());
        background.run(
                () -> {
                    SettingsFile.save(file, its);
                    return file;
                },
                kept -> {
                    rules.put(its);
                    then.accept(kept);
                });
    }

    /// Writes rules to a file of somebody's choice, to be carried elsewhere.
    public void write(HouseRules its, Path file, Consumer<Path> then) {
        background.run(
                () -> {
                    SettingsFile.save(file, its);
                    return file;
                },
                then);
    }

    /// Reads rules from a file and keeps them in the firm's own folder.
    ///
    /// @param wrong told what is wrong with the file
    public void rulesFrom(Path file, Consumer<HouseRules> then, Consumer<String> wrong) {
        background.run(
                () -> readAndKeep(file),
                its -> {
                    rules.put(its);
                    then.accept(its);
                },
                wrong);
    }

    private HouseRules readAndKeep(Path file) throws BrokenFile, java.io.IOException {
        HouseRules its = SettingsFile.rules(file);
        SettingsFile.save(SettingsFile.rulesFile(folder, its.name()), its);
        return its;
    }

    /// Keeps a panel profile in the firm's own folder; one of the same id there is replaced.
    ///
    /// @param then told of the file it is in
    public void keep(PanelProfile its, Consumer<Path> then) {
        Path file = SettingsFile.profileFile(folder, its.id());
        write(its, file, kept -> {
            profiles.put(its);
            then.accept(kept);
        });
    }

    /// Writes a panel profile to a file of somebody's choice, to be carried elsewhere.
    public void write(PanelProfile its, Path file, Consumer<Path> then) {
        background.run(
                () -> {
                    SettingsFile.save(file, its);
                    return file;
                },
                then);
    }

    /// Reads a panel profile from a file and keeps it in the firm's own folder.
    ///
    /// @param wrong told what is wrong with the file
    public void profileFrom(Path file, Consumer<PanelProfile> then, Consumer<String> wrong) {
        background.run(
                () -> {
                    PanelProfile its = SettingsFile.profile(file);
                    SettingsFile.save(SettingsFile.profileFile(folder, its.id()), its);
                    return its;
                },
                its -> {
                    profiles.put(its);
                    then.accept(its);
                },
                wrong);
    }
}
