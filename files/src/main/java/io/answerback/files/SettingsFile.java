package io.answerback.files;

import io.answerback.core.assess.Checks;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.unit.UnitProfile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// Files that are used on many jobs: a firm's house rules, and panel profiles. What breaks the published
/// schema is refused whole, with the fields and what is wrong with them.
public final class SettingsFile {
    /// What the name of a file of house rules ends in.
    public static final String RULES_ENDING = ".rules.json";
    /// What the name of a panel profile ends in.
    public static final String PROFILE_ENDING = ".profile.json";

    /// What the name of a communicator's profile ends in.
    public static final String UNIT_ENDING = ".unit.json";

    private static final int LARGEST_BYTES = 4 << 20;

    private SettingsFile() {}

    /// Reads a firm's house rules.
    ///
    /// @throws BrokenFile when there is no such file, it breaks its schema, or it raises a finding that is not
    ///     known
    public static HouseRules rules(Path file) throws BrokenFile {
        HouseRules rules = read(file, HouseRules.class, "rules");
        Set<String> known = Checks.rules().stream().map(Rule::id).collect(Collectors.toSet());
        for (String raised : rules.raised().keySet()) {
            if (!known.contains(raised)) {
                throw new BrokenFile(file + ", field raised." + raised
                        + ": there is no such finding. docs/findings.md lists their names.");
            }
        }
        return rules;
    }

    /// Reads a panel profile.
    ///
    /// @throws BrokenFile when there is no such file, or it breaks its schema
    public static PanelProfile profile(Path file) throws BrokenFile {
        return read(file, PanelProfile.class, "profile");
    }

    /// Reads a communicator's profile.
    ///
    /// @throws BrokenFile when there is no such file, or it breaks its schema
    public static UnitProfile unit(Path file) throws BrokenFile {
        return read(file, UnitProfile.class, "unit");
    }

    /// Writes a firm's house rules, atomically.
    ///
    /// @throws IOException when the disk refuses; the file is then as it was
    public static void save(Path file, HouseRules rules) throws IOException {
        SafeFile.replace(file, JobText.of(JobJson.PLAIN.valueToTree(rules)));
    }

    /// Writes a panel profile, atomically.
    ///
    /// @throws IOException when the disk refuses; the file is then as it was
    public static void save(Path file, PanelProfile profile) throws IOException {
        SafeFile.replace(file, JobText.of(JobJson.PLAIN.valueToTree(profile)));
    }

    /// The file a panel profile of this id is kept in.
    ///
    /// @param folder where the application keeps what it remembers
    public static Path profileFile(Path folder, String id) {
        return folder.resolve("profiles").resolve(plain(id, "profile") + PROFILE_ENDING);
    }

    /// The file a firm's rules of this name are kept in.
    ///
    /// @param folder where the application keeps what it remembers
    public static Path rulesFile(Path folder, String name) {
        return folder.resolve("rules").resolve(plain(name, "rules") + RULES_ENDING);
    }

    private static String plain(String name, String otherwise) {
        String plain = name.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        return plain.isEmpty() ? otherwise : plain;
    }

    /// The readable rules in the folder of a firm's own rules, by name. Broken files are passed over here;
    /// opening one says what is wrong with it.
    public static List<HouseRules> ownRules(Path folder) {
        return all(folder.resolve("rules"), RULES_ENDING, SettingsFile::rules);
    }

    /// The readable profiles in the folder of a firm's own profiles, by name.
    public static List<PanelProfile> ownProfiles(Path folder) {
        return all(folder.resolve("profiles"), PROFILE_ENDING, SettingsFile::profile);
    }

    /// The readable profiles of communicators in the folder of a firm's own, by name.
    public static List<UnitProfile> ownUnits(Path folder) {
        return all(folder.resolve("units"), UNIT_ENDING, SettingsFile::unit);
    }

    /// Keeps a communicator's profile that can be read among the firm's own, in place of one of the same name.
    ///
    /// @param folder where the application keeps what it remembers
    /// @throws IOException when the disk refuses; the firm's own are then as they were
    public static void keepUnit(Path file, Path folder) throws IOException {
        SafeFile.replace(folder.resolve("units").resolve(file.getFileName()), Files.readAllBytes(file));
    }

    interface Reading<T> {
        T read(Path file) throws BrokenFile;
    }

    /// What can be read of the files in a folder whose names end so, by name; broken ones are passed over.
    static <T> List<T> all(Path folder, String ending, Reading<T> reading) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<T> found = new java.util.ArrayList<>();
        try (var files = Files.list(folder)) {
            for (Path file : files.filter(its -> its.toString().endsWith(ending))
                    .sorted()
                    .toList()) {
                try {
                    found.add(reading.read(file));
                } catch (BrokenFile passedOver) {
                    continue;
                }
            }
        } catch (IOException unreadable) {
            return found;
        }
        return found;
    }

    private static <T> T read(Path file, Class<T> type, String schema) throws BrokenFile {
        String next = "Correct it there; docs/" + schema + ".schema.json says what each field may be.";
        return Boundary.read(file.toString(), next, () -> {
            String written = TextFile.text(file, LARGEST_BYTES);
            String text = newest(written, type, file.toAbsolutePath().getParent());
            Schemas.require(JobJson.PLAIN.readTree(text), text, schema, file.toString(), next);
            return JobJson.PLAIN.readValue(text, type);
        });
    }

    /// The text as this version writes it: rules of an earlier one lack the figures that came since.
    private static String newest(String text, Class<?> type, Path folder) throws BrokenFile {
        JsonNode tree = JobJson.PLAIN.readTree(text);
        if (type == PanelProfile.class && tree instanceof ObjectNode variant && variant.has("like")) {
            try {
                return ProfileVariant.whole(variant, id -> known(id, folder)).toPrettyString();
            } catch (IllegalArgumentException orphan) {
                throw new BrokenFile("The profile cannot be used: " + orphan.getMessage());
            }
        }
        return type == HouseRules.class && tree instanceof ObjectNode rules && JobUpgrade.rulesToNewest(rules)
                ? rules.toPrettyString()
                : text;
    }

    /// A profile by its id: one that ships, or one beside the file that asks for it.
    private static Optional<ObjectNode> known(String id, Path folder) {
        Optional<PanelProfile> shipped = DataFiles.profiles().stream()
                .filter(profile -> profile.id().equals(id))
                .findFirst();
        if (shipped.isPresent()) {
            return shipped.map(JobJson.PLAIN::<ObjectNode>valueToTree);
        }
        Path beside = folder.resolve(plain(id, "profile") + PROFILE_ENDING);
        try {
            return Files.isRegularFile(beside)
                            && JobJson.PLAIN.readTree(TextFile.text(beside, LARGEST_BYTES)) instanceof ObjectNode tree
                    ? Optional.of(tree)
                    : Optional.empty();
        } catch (BrokenFile | JacksonException broken) {
            return Optional.empty();
        }
    }
}
